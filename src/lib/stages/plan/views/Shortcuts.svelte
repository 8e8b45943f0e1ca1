<script lang="ts">
	import { Shortcuts as say } from '$lib/words/plan';
	import type { Shortcut } from '$lib/stages/plan/bench/shortcuts.svelte';

	interface Props {
		shortcuts: readonly Shortcut[];
		areOn: boolean;
		ontoggle: (areOn: boolean) => void;
		onclose: () => void;
	}
	const { shortcuts, areOn, ontoggle, onclose }: Props = $props();
	let heading = $state<HTMLElement>();
	$effect(() => heading?.focus());
</script>

<section class="sheet mb-3 grid gap-3 p-4" aria-labelledby="shortcuts">
	<div class="flex items-center gap-4">
		<h2 class="flex-1" id="shortcuts" tabindex="-1" bind:this={heading}>{say.keys()}</h2>
		<label class="flex min-h-11 items-center gap-2 text-[0.9375rem]">
			<input
				class="checkbox"
				type="checkbox"
				checked={areOn}
				onchange={(event) => ontoggle(event.currentTarget.checked)}
			/>
			{say.singleKeysWork()}
		</label>
		<button type="button" class="btn" onclick={onclose}>{say.close()}</button>
	</div>
	<dl
		class="grid grid-cols-[auto_1fr] gap-x-4 gap-y-1 text-[0.9375rem] @min-[38rem]:grid-cols-[auto_1fr_auto_1fr]"
	>
		{#each shortcuts as { key, label } (key)}
			<dt><kbd class="kbd">{key}</kbd></dt>
			<dd class="flex items-center">{label}</dd>
		{/each}
	</dl>
	<p class="quiet text-[0.9375rem]">
		{say.theyRestWhileYouType()}
	</p>
</section>
