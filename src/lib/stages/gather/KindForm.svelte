<script lang="ts">
	// A kind of bag measured with a ruler and a scale; drawn and judged while it is typed.
	import { KindForm as say } from '$lib/words/gather';
	import type { Bag } from '$lib/core/bag/measure-bag';
	import { bagFields, usualHandful } from '$lib/ui/bag-fields';
	import { readEntry } from '$lib/entries/read-entry';
	import { filmCall } from './film-words';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { untrack } from 'svelte';
	import EntryField from '$lib/entries/EntryField.svelte';
	import type { BagSource } from '$lib/core/hand-over/kept';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import KindDrawing from './KindDrawing.svelte';

	interface Props {
		/** The kind that is measured again; null for a new one. */
		kind: {
			readonly id: string;
			readonly name: string;
			readonly bag: Bag;
			readonly handfulCount: number;
			readonly source: BagSource;
		} | null;
		/** A bag from the planning bench, to begin with. */
		from?: Bag | null;
		sent?: SentForm | null | undefined;
	}
	const { kind, from = null, sent }: Props = $props();
	const outbox = getOutbox();
	const start = untrack(() => {
		const bag = kind?.bag ?? from;
		const fields =
			bag && bagFields(bag, outbox.readBy().system, kind?.handfulCount ?? usualHandful);
		return {
			kind: kind?.id ?? '',
			name: kind?.name ?? '',
			width: fields?.bag_width ?? '',
			gusset: fields?.bag_gusset ?? '',
			body: fields?.bag_body ?? '',
			handle: fields?.bag_handle ?? '',
			handful: fields?.handful_g ?? '',
			handful_count: fields?.handful_count ?? '10',
			source: kind?.source ?? 'used',
			sure: ''
		};
	});
	const form = untrack(() => new TypedForm('bag-kind', start, outbox, sent));
	const bag = $derived.by(() => {
		const { entry } = readEntry(
			'bag-kind',
			{ ...form.typed, name: form.typed.name || say.aBag() },
			outbox.readBy()
		);
		return entry?.type === 'bag-kind' ? entry.bag : null;
	});
	const call = $derived(bag && filmCall(bag));
</script>

<EntryForm
	{form}
	title={kind ? say.measureAgain({ name: kind.name }) : say.aKindOfBagOf()}
	act={say.saveKind()}
	stays={kind ? ['kind', 'name', 'width', 'gusset', 'body', 'handle', 'handful', 'source'] : []}
>
	<input type="hidden" name="kind" value={form.typed.kind} />
	<p class="quiet text-[0.9375rem]">
		{say.aRulerAndAKitchen()}
	</p>
	<EntryField {form} field="name" label={say.name()} />
	<div class="grid grid-cols-2 gap-3">
		<EntryField {form} field="width" label={say.flatWidth()} />
		<EntryField {form} field="gusset" label={say.gussetEachSide()} hint={say.emptyIfNone()} />
		<EntryField {form} field="body" label={say.seamToHandles()} />
		<EntryField {form} field="handle" label={say.handleHeight()} hint={say.emptyIfNone()} />
		<EntryField {form} field="handful" label={say.aHandfulWeighs()} />
		<EntryField {form} field="handful_count" label={say.bagsInTheHandful()} inputmode="numeric" />
	</div>
	<EntrySelect
		{form}
		field="source"
		label={say.wereTheyUsed()}
		options={[
			{ value: 'used', label: say.usedBefore() },
			{ value: 'new', label: say.newSurplus() },
			{ value: 'unknown', label: say.nobodyKnows() }
		]}
	/>
	{#if bag && call}
		<div class="flex items-center gap-4" role="status">
			<KindDrawing {bag} label={say.yourBagDrawnToScale()} />
			<p class="text-[0.9375rem] {call.isOdd ? 'font-semibold text-error' : ''}" data-film>
				{call.words}
			</p>
		</div>
	{/if}
</EntryForm>
