<script lang="ts">
	// What is on and what is missing, one after the other: a tick or a circle, what is so, and the step that is next.
	import { StateList as say } from '$lib/words/house';

	interface State {
		readonly name: string;
		readonly is: boolean;
		readonly title: string;
		/** What follows of it, or how it is turned on. */
		readonly about: string;
	}
	const { states }: { states: readonly State[] } = $props();
</script>

<ol class="sheet px-4 py-1">
	{#each states as { name, is, title, about } (name)}
		<li
			class="grid grid-cols-[2rem_minmax(0,1fr)] gap-x-2 border-t border-base-300 py-3 first:border-t-0"
			data-state={name}
			data-is={is}
		>
			<svg viewBox="0 0 24 24" class="mt-0.5 size-6" aria-hidden="true">
				<circle
					cx="12"
					cy="12"
					r="10"
					class="{is ? 'fill-secondary' : 'fill-none'} stroke-base-content"
					stroke-width="2"
				/>
				{#if is}<path
						d="m7 12 4 4 6-8"
						class="fill-none stroke-secondary-content"
						stroke-width="2.5"
					/>{/if}
			</svg>
			<div class="min-w-0">
				<p class="font-semibold break-words">
					<span class="sr-only">{is ? say.on() : say.missing()}: </span>{title}
				</p>
				<p class="quiet break-words">{about}</p>
			</div>
		</li>
	{/each}
</ol>
