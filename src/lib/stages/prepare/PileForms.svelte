<script lang="ts">
	// The plain way to do with a pile what a tap does: another count, several colours, a label, by whom; and to count it again.
	import { PileForms as say } from '$lib/words/prepare';
	import { pileWord } from '$lib/core/prepare/piles';
	import { cutWord } from '$lib/core/prepare/piles';
	import { mostBallColours } from '$lib/entries/types/ball';
	import CodeField from '$lib/entries/CodeField.svelte';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { untrack } from 'svelte';
	import type { NextAct } from './next-act';
	import { pileNoun } from './pile-words';
	import type { TablePile } from './table-view';

	interface Props {
		pile: TablePile;
		act: NextAct | null;
		/** Strand of the same kind and cut in other colours. */
		others: readonly TablePile[];
		sent?: SentForm | null | undefined;
		/** Where the forms go without scripts: back to this pile. */
		action: string;
	}
	const { pile, act, others, sent, action }: Props = $props();
	const outbox = getOutbox();
	const form = untrack(() =>
		act
			? new TypedForm(
					act.type,
					{ code: '', mass: '', by_name: '', ...act.typed },
					outbox,
					sent,
					`pile-${act.type}`
				)
			: null
	);
	const recount = untrack(
		() =>
			new TypedForm(
				'recount',
				{
					kind: pile.kindId,
					colour: pile.colour,
					form: pile.form,
					cut: pile.cut ? cutWord(pile.cut) : '',
					counted: '',
					note: '',
					by_name: ''
				},
				outbox,
				sent
			)
	);
	const titles = {
		flatten: say.flattenBags(),
		cut: say.cutFlatBags(),
		join: say.joinPieces(),
		ball: say.windABall()
	} as const;
	const counts = {
		flatten: { field: 'bags', label: say.bags() },
		cut: { field: 'bags', label: say.bags() },
		join: { field: 'pieces', label: say.pieces() },
		ball: { field: 'bags', label: say.bagsWorthOf({ untrack: untrack(() => pile.colour) }) }
	} as const;
	const shown = ['bags', 'pieces', 'spoiled', 'code', 'mass', 'by_name', 'as'];
	const kind = $derived(act && act.type in titles ? (act.type as keyof typeof titles) : null);
	const hidden = $derived(
		Object.entries(form?.typed ?? {}).filter(
			([name]) =>
				!(shown.includes(name) || name.startsWith('colour_') || name.startsWith('bags_')) &&
				(kind === 'ball' || !['code', 'mass'].includes(name))
		)
	);
	const nths = Array.from({ length: mostBallColours - 1 }, (_, at) => at + 2);
	const isCounted = $derived(['bag', 'flat', 'piece', 'strand'].includes(pile.form));
</script>

<div class="grid gap-4" id="pile" data-open={pileWord(pile)}>
	{#if form && kind}
		<EntryForm
			{form}
			{action}
			title="{titles[kind]}: {pile.kind}, {pile.colour}"
			act={titles[kind]}
			stays={Object.keys(form.typed).filter((name) => !['code', 'mass'].includes(name))}
		>
			{#each hidden as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
			<div class="grid grid-cols-2 gap-3">
				<EntryField
					{form}
					field={counts[kind].field}
					label={counts[kind].label}
					inputmode="numeric"
				/>
				<EntryField {form} field="by_name" label={say.whoOptional()} />
				{#if kind === 'cut'}
					<EntryField {form} field="spoiled" label={say.spoiledOf100()} inputmode="decimal" />
				{/if}
				{#if kind === 'ball'}
					<EntrySelect
						{form}
						field="as"
						label={say.as()}
						options={[
							{ value: 'ball', label: say.aBall() },
							{ value: 'chain', label: say.aChainForALoom() }
						]}
					/>
					<EntryField {form} field="mass" label={say.weightOptional()} />
					<CodeField
						{form}
						field="code"
						label={say.labelOptional()}
						hint={say.asPrintedElseItGets()}
					/>
				{/if}
			</div>
			{#if kind === 'ball' && others.length > 0}
				<details>
					<summary class="min-h-11 cursor-pointer py-2">{say.thenOtherColoursOnThe()}</summary>
					<div class="grid grid-cols-2 gap-3">
						{#each nths as nth (nth)}
							<EntrySelect
								{form}
								field="colour_{nth}"
								label={say.andThen()}
								options={[
									{ value: '', label: say.nothingMore() },
									...others.map(({ colour }) => ({ value: colour, label: colour }))
								]}
							/>
							<EntryField
								{form}
								field="bags_{nth}"
								label={say.yarnOfHowManyBags()}
								inputmode="numeric"
							/>
						{/each}
					</div>
				</details>
			{/if}
		</EntryForm>
	{/if}
	{#if isCounted}
		<EntryForm
			form={recount}
			{action}
			title={say.countThisPileAgain()}
			act={say.saveCount()}
			isMain={false}
			stays={['kind', 'colour', 'form', 'cut']}
		>
			{#each ['kind', 'colour', 'form', 'cut'] as name (name)}
				<input type="hidden" {name} value={recount.typed[name]} />
			{/each}
			<EntryField
				form={recount}
				field="counted"
				label={say.hereNow({ pileNoun: pileNoun(pile.form, pile.cut) })}
				inputmode="numeric"
			/>
			<EntryField form={recount} field="note" label={say.whatHappenedOptional()} />
		</EntryForm>
	{/if}
</div>
