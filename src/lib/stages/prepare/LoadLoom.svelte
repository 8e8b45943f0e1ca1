<script lang="ts">
	// Strands laid from peg to peg on a loom that stands there: how many are laid, and the next of them.
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
	title="Load a loom"
	act="Lay them"
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
		aria-label="{laid} of {all} strands laid"
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
		<span class="figure font-semibold">{wholeNumber(laid)} of {wholeNumber(all)}</span> strands laid{on
			? ` on mat ${on.code}`
			: ''}, {plan.warp?.piecesPerStrand} pieces each.
		{#if plan.warp?.jammed}
			<strong>{plan.warp.jammed} of them have a knot at a peg:</strong> shorten one piece and move the
			knot 75 mm in, or the mat will not come off.
		{:else}No knot lies at a peg.{/if}
	</p>
	<div class="grid grid-cols-2 gap-3">
		<EntrySelect
			{form}
			field="tool"
			label="Loom"
			options={looms.map(({ id, name }) => ({ value: id, label: name }))}
		/>
		<EntryField {form} field="strands" label="Strands" inputmode="numeric" />
	</div>
	<EntrySelect
		{form}
		field="pile"
		label="Taken from"
		options={froms.map((pile) => ({
			value: pileWord(pile),
			label: `${wholeNumber(pile.amount)} ${pile.colour} pieces${pile.form === 'piece' ? '' : `, ${pile.form}`}`
		}))}
	/>
	{#if form.problems.plan || form.problems.mat}
		<p class="font-semibold text-error" role="alert">{form.problems.plan ?? form.problems.mat}</p>
	{/if}
	{#snippet after()}
		<Caution
			>Rods and warp sit under tension: mind eyes and fingers, and two pairs of hands.</Caution
		>
	{/snippet}
</EntryForm>
