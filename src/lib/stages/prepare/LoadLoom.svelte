<script lang="ts">
	// Strands laid from peg to peg on a loom that stands there: how many are laid, and the next of them.
	import { LoadLoom as say } from '$lib/words/prepare';
	import { pileWord } from '$lib/core/prepare/piles';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import { wholeNumber } from '$lib/ui/number-words';
	import { untrack } from 'svelte';
	import type { TablePile, TablePlan } from './table-view';

	interface Props {
		plan: TablePlan;
		piles: readonly TablePile[];
		looms: readonly { readonly id: string; readonly name: string }[];
		loaded: readonly {
			readonly code: string;
			readonly toolId: string;
			readonly planId: string;
			readonly warpStrands: number;
			readonly strands: number;
		}[];
		sent?: SentForm | null | undefined;
	}
	const { plan, piles, looms, loaded, sent }: Props = $props();
	const froms = $derived(
		piles.filter(({ form, cut }) => cut && ['strand', 'chain', 'piece'].includes(form))
	);
	const form = untrack(
		() =>
			new TypedForm(
				'load',
				{
					plan: plan.id,
					plan_version: String(plan.version),
					tool: loaded.find(({ planId }) => planId === plan.id)?.toolId ?? looms[0]?.id ?? '',
					strands: '1',
					pile: froms[0] ? pileWord(froms[0]) : '',
					mat: '',
					by_name: ''
				},
				getOutbox(),
				sent
			)
	);
	const on = $derived(loaded.find(({ toolId }) => toolId === form.typed.tool) ?? null);
	const laid = $derived(on?.strands ?? 0);
	const all = $derived(plan.warp?.strands ?? 0);
</script>

<EntryForm
	{form}
	title={say.loadALoom()}
	act={say.addToLoom()}
	isMain={false}
	stays={['plan', 'plan_version', 'tool', 'strands', 'pile', 'by_name']}
>
	{#each ['plan', 'plan_version'] as name (name)}
		<input type="hidden" {name} value={form.typed[name]} />
	{/each}
	<svg
		class="block w-full"
		viewBox="0 0 300 64"
		role="img"
		aria-label={say.ofStrandsLaid({ laid, all })}
	>
		<path d="M6 6h288M6 58h288" class="stroke-base-content" stroke-width="3" />
		{#each { length: all } as _, nth (nth)}
			{@const x = 12 + (276 * nth) / Math.max(1, all - 1)}
			<path
				d="M{x} 6V58"
				class={nth < laid ? 'stroke-primary' : 'stroke-base-content/30'}
				stroke-width={nth < laid ? Math.min(5, 200 / all) : 1}
				stroke-dasharray={nth < laid ? undefined : '3 3'}
			/>
		{/each}
	</svg>
	<p class="text-[0.9375rem]" data-laid>
		<span class="figure font-semibold"
			>{say.of({ laid: wholeNumber(laid), all: wholeNumber(all) })}</span
		>
		{say.strandsLaidPiecesEach({
			part: on ? say.onMat({ code: on.code }) : '',
			piecesPerStrand: plan.warp?.piecesPerStrand ?? ''
		})}
		{#if plan.warp?.jammed}
			<strong>{say.ofThemHaveAKnot({ jammed: plan.warp.jammed })}</strong>
			{say.shortenOnePieceAndMove()}
		{:else}{say.noKnotLiesAtA()}{/if}
	</p>
	<div class="grid grid-cols-2 gap-3">
		<EntrySelect
			{form}
			field="tool"
			label={say.loom()}
			options={looms.map(({ id, name }) => ({ value: id, label: name }))}
		/>
		<EntryField {form} field="strands" label={say.strands()} inputmode="numeric" />
	</div>
	<EntrySelect
		{form}
		field="pile"
		label={say.takenFrom()}
		options={froms.map((pile) => ({
			value: pileWord(pile),
			label: `${wholeNumber(pile.amount)} ${pile.colour} pieces${pile.form === 'piece' ? '' : `, ${pile.form}`}`
		}))}
	/>
	{#if form.problems.plan || form.problems.mat}
		<p class="font-semibold text-error" role="alert">{form.problems.plan ?? form.problems.mat}</p>
	{/if}
	{#snippet after()}
		<Caution>{say.rodsAndWarpSitUnder()}</Caution>
	{/snippet}
</EntryForm>
