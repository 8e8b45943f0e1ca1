<script lang="ts">
	// A pile one taps: it does the next act with one lot. Without scripts the same tap is a form.
	import { actTo } from '$lib/ui/offered';
	import { newKey } from '$lib/ui/new-key';
	import { amountWords } from '$lib/ui/store-words';
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { pileWord } from '$lib/core/prepare/piles';
	import type { NextAct, NoAct } from './next-act';
	import { bagsWorth, pileNoun } from './pile-words';
	import PileDrawing from './PileDrawing.svelte';
	import type { TablePile } from './table-view';
	import type { EntryActions } from './trestle.svelte';

	interface Props {
		pile: TablePile;
		act: NextAct | NoAct | null;
		most: number;
		trestle: EntryActions;
		system: LengthSystem;
		/** The address of the plain form of this pile. */
		href: string;
		isOpen: boolean;
		/** Where the tap goes without scripts. */
		action: string;
		ondrag: (pile: TablePile | null) => void;
	}
	const { pile, act, most, trestle, system, href, isOpen, action, ondrag }: Props = $props();
	const noun = $derived(pileNoun(pile.form, pile.cut));
	const key = newKey();
	function tap(event: SubmitEvent) {
		event.preventDefault();
		if (act?.type) void trestle.act(act);
	}
</script>

{#snippet picture()}
	<PileDrawing
		form={pile.form}
		colour={pile.colour}
		amount={pile.amount}
		bags={bagsWorth(pile)}
		{most}
	/>
{/snippet}
<div
	class="grid w-full justify-items-center rounded-lg {isOpen ? 'outline-2 outline-primary' : ''}"
	data-pile={pileWord(pile)}
>
	{#if act?.type}
		<form class="w-full" method="POST" {...actTo(action, act.type)} onsubmit={tap}>
			<input type="hidden" name="type" value={act.type} />
			<input type="hidden" name="key" value={key} />
			{#each Object.entries(act.typed) as [name, value] (name)}
				<input type="hidden" {name} {value} />
			{/each}
			<button
				class="grid w-full cursor-pointer justify-items-center rounded-lg p-0.5 hover:bg-primary/10"
				draggable="true"
				ondragstart={(event) => {
					event.dataTransfer?.setData('text/plain', pileWord(pile));
					ondrag(pile);
				}}
				ondragend={() => ondrag(null)}
			>
				{@render picture()}
				<span
					class="block w-full rounded-md bg-accent px-1 py-1 text-sm font-semibold text-accent-content"
					>{act.label}<span class="sr-only">: {pile.colour}, {pile.kind}</span></span
				>
			</button>
		</form>
	{:else}
		{@render picture()}
	{/if}
	<a
		class="block min-h-11 w-full rounded-lg p-0.5 text-center hover:bg-primary/10"
		{href}
		data-sveltekit-noscroll
		aria-current={isOpen ? 'true' : undefined}
	>
		<span class="figure block leading-tight font-bold underline" data-amount
			>{amountWords(pile.form, pile.amount, system)}</span
		>
		<span class="block text-sm leading-tight">{pile.colour}</span>
		<span class="quiet block text-[0.8125rem] leading-tight"
			>{pile.form === 'piece' || pile.form === 'chain' ? `${noun}, ` : ''}{pile.kind}</span
		>
	</a>
	{#if act?.type && act.count}<p
			class="quiet px-1 text-center text-[0.8125rem] leading-tight"
			data-makes
		>
			{act.count}
		</p>{/if}
	{#if act?.why}<p class="quiet px-1 text-center text-[0.8125rem] leading-tight">{act.why}</p>{/if}
</div>
