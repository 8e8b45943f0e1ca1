<script lang="ts">
	// The acts of what is done here, each a link to how it is done.
	import { ActLinks as say } from '$lib/words/know-how';
	import type { ActName } from './lesson-titles';
	import { actTitles } from './lesson-titles';

	interface Props {
		acts: readonly ActName[];
		/** What stands before them. */
		words?: string;
		/** Each by its picture, where there is room for it. */
		isDrawn?: boolean;
	}
	const { acts, words = say.howToDoIt(), isDrawn = false }: Props = $props();
</script>

{#if acts.length > 0 && isDrawn}
	<div class="print:hidden" data-acts>
		<p>{words}</p>
		<ul class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(min(46%,13rem),1fr))] gap-3">
			{#each acts as act (act)}
				<li class="grid">
					<a class="sheet grid overflow-hidden hover:border-primary" href="/know-how/{act}">
						<img
							class="h-32 w-full bg-white object-contain p-2"
							src="/know-how/{act}/picture.svg"
							alt=""
							loading="lazy"
							width="228"
							height="170"
						/>
						<span class="px-3 py-2 font-semibold">{actTitles[act]}</span>
					</a>
				</li>
			{/each}
		</ul>
	</div>
{:else if acts.length > 0}
	<p class="flex flex-wrap items-center gap-x-4 print:hidden" data-acts>
		<span>{words}</span>
		{#each acts as act (act)}
			<a class="inline-flex min-h-11 link items-center" href="/know-how/{act}">{actTitles[act]}</a>
		{/each}
	</p>
{/if}
