<script lang="ts">
	// What was done at the table last, its film in grams, and the way back.
	import { LastActs as say } from '$lib/words/prepare';
	import { actTo } from '$lib/ui/offered';
	import type { Snippet } from 'svelte';
	import { momentWords } from '$lib/ui/day-words';
	import { newKey } from '$lib/ui/new-key';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { actWords, filmWords } from './act-words';
	import type { ActLine } from './table-view';
	import type { EntryActions } from './trestle.svelte';

	interface Props {
		acts: readonly ActLine[];
		trestle: EntryActions;
		system: LengthSystem;
		/** Where taking back goes without scripts. */
		action: string;
		/** The way to what was done before. */
		children: Snippet;
	}
	const { acts, trestle, system, action, children }: Props = $props();
	/** So many stand there; the others open. */
	const shownFirst = 4;
	let isOpen = $state(false);
</script>

<section class="sheet p-4" aria-labelledby="last-acts">
	<h2 id="last-acts">{say.doneLast()}</h2>
	{#if acts.length === 0}
		<p class="mt-2">{say.nothingYetTapAPile()}</p>
	{:else}
		<ul class="mt-1">
			{#each acts.slice(0, shownFirst) as act (act.id)}{@render line(act)}{/each}
		</ul>
		{#if acts.length > shownFirst}
			<details bind:open={isOpen}>
				<summary class="flex min-h-11 cursor-pointer items-center"
					>{say.before({ count: acts.length - shownFirst })}</summary
				>
				<ul>
					{#each acts.slice(shownFirst) as act (act.id)}{@render line(act)}{/each}
				</ul>
			</details>
		{/if}
	{/if}
	{@render children()}
</section>

{#snippet line(act: ActLine)}
	{@const words = actWords(act)}
	<li
		class="flex flex-wrap items-center gap-x-3 border-t border-base-300 py-1.5 first:border-t-0 {act.isTakenBack
			? 'quiet'
			: ''}"
		data-act={act.id}
	>
		<p class="min-w-0 flex-1 basis-48 text-[0.9375rem]">
			<span class={act.isTakenBack ? 'line-through' : 'font-semibold'}>{words}</span>{act.byName
				? say.by({ byName: act.byName })
				: ''}
			<span class="quiet block text-sm"
				>{momentWords(act.at)}{act.isTakenBack ? say.undone() : ''} · {filmWords(act, system)}</span
			>
		</p>
		{#if !act.isTakenBack}
			<form
				method="POST"
				{...actTo(action, 'correction')}
				onsubmit={(event) => {
					event.preventDefault();
					void trestle.takeBack(act.id, words);
				}}
			>
				<input type="hidden" name="type" value="correction" />
				<input type="hidden" name="key" value={newKey()} />
				<input type="hidden" name="of" value="entry" />
				<input type="hidden" name="corrects" value={act.id} />
				<input type="hidden" name="note" value={say.takenBackAtTheTable()} />
				<button class="btn px-3 font-normal"
					>{say.undo()}<span class="sr-only">: {words}</span></button
				>
			</form>
		{/if}
	</li>
{/snippet}
