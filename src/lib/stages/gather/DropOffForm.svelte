<script lang="ts">
	// Bags at the door: from where, when, and how they were counted.
	import { DropOffForm as say } from '$lib/words/gather';
	import { fieldMass } from '$lib/core/units/format-mass';
	import { bareMassUnitOf } from '$lib/core/units/parse-mass';
	import { readWeighing } from '$lib/entries/types/drop-off';
	import { FormReader } from '$lib/entries/form-reader';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { countRange, wholeNumber } from '$lib/ui/number-words';
	import { untrack } from 'svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import EntryCheck from '$lib/entries/EntryCheck.svelte';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import OnlyWhen from '$lib/entries/OnlyWhen.svelte';
	import ScalePanel from './ScalePanel.svelte';

	interface Props {
		places: readonly string[];
		today: string;
		kinds: readonly { readonly id: string; readonly name: string }[];
		/** The stand-in for a scale is shown without being asked for. */
		isScaleShown: boolean;
		sent?: SentForm | null | undefined;
	}
	const { places, today, kinds, isScaleShown, sent }: Props = $props();
	const outbox = getOutbox();
	const system = $derived(outbox.readBy().system);
	const form = untrack(
		() =>
			new TypedForm(
				'drop-off',
				{
					place: '',
					came_on: today,
					brought_by: '',
					sacks: '',
					method: 'hand',
					bags: '',
					batches: '',
					batch_size: '20',
					loose: '',
					gross: '',
					tare: '',
					handfuls: '',
					bags_each: '10',
					scale_error: fieldMass(2, outbox.readBy().system),
					kind: '',
					damp: '',
					look_again: '2',
					note: '',
					sure: ''
				},
				outbox,
				sent
			)
	);
	// The hall's day may be another than was thought, and days end.
	$effect(() => {
		const day = today;
		untrack(() => form.startWith('came_on', day));
	});
	const method = $derived(form.typed.method);
	/** The count of the box while it is being typed; nothing until it is whole. */
	const weighed = $derived(
		method === 'weight' ? (readWeighing(new FormReader(form.typed, system))?.count ?? null) : null
	);
	const take = (field: 'gross' | 'tare' | 'handful', grams: string) => {
		if (field === 'handful')
			form.typed.handfuls = `${form.typed.handfuls ?? ''} ${grams.replace(/ (g|oz)$/, '')}`.trim();
		else form.typed[field] = grams;
	};
</script>

<EntryForm
	{form}
	title={say.bagsCameIn()}
	act={say.save()}
	stays={['came_on', 'method', 'tare', 'bags_each', 'scale_error']}
>
	<EntryField {form} field="place" label={say.from()} offers={places} />
	<div class="grid grid-cols-2 gap-3">
		<EntryField {form} field="came_on" label={say.on()} type="date" />
		<EntryField {form} field="sacks" label={say.sacks()} inputmode="numeric" />
	</div>
	<EntryField {form} field="brought_by" label={say.broughtByOptional()} />
	<EntrySelect
		{form}
		field="method"
		label={say.counted()}
		options={[
			{ value: 'hand', label: say.byHand() },
			{ value: 'batches', label: say.inBatches() },
			{ value: 'weight', label: say.byWeight() }
		]}
	/>
	<OnlyWhen is={method === 'hand'}>
		<EntryField {form} field="bags" label={say.bags()} inputmode="numeric" />
	</OnlyWhen>
	<OnlyWhen is={method === 'batches'}>
		<div class="grid grid-cols-3 gap-3">
			<EntryField {form} field="batches" label={say.batches()} inputmode="numeric" />
			<EntryField {form} field="batch_size" label={say.inEach()} inputmode="numeric" />
			<EntryField {form} field="loose" label={say.loose()} inputmode="numeric" />
		</div>
	</OnlyWhen>
	<OnlyWhen is={method === 'weight'}>
		{#if method === 'weight'}<div class="needs-scripts">
				<ScalePanel onuse={take} {isScaleShown} />
			</div>{/if}
		<div class="grid grid-cols-2 gap-3">
			<EntryField
				{form}
				field="gross"
				label={say.fullBoxWeighs()}
				hint={system === 'ft' ? say.ozOrLbAndOz() : say.gOrKg()}
			/>
			<EntryField {form} field="tare" label={say.emptyBoxWeighs()} />
		</div>
		<EntryField
			{form}
			field="handfuls"
			label={say.handfulsWeighed({ bareMassUnitOf: bareMassUnitOf(system) })}
			hint={say.oneAfterTheOtherWith()}
		/>
		<div class="grid grid-cols-2 gap-3">
			<EntryField {form} field="bags_each" label={say.bagsInAHandful()} inputmode="numeric" />
			<EntryField {form} field="scale_error" label={say.scaleGoodTo()} />
		</div>
		{#if kinds.length > 0}
			<EntrySelect
				{form}
				field="kind"
				label={say.theHandfulsAreAllOf()}
				options={[
					{ value: '', label: say.severalKinds() },
					...kinds.map(({ id, name }) => ({ value: id, label: name }))
				]}
			/>
			{#if form.typed.kind}<p class="quiet text-[0.9375rem]">
					{say.theyThenCountOnceFor()}
				</p>{/if}
		{/if}
		{#if weighed}
			<p class="rounded-lg bg-base-200 p-3" role="status" data-count>
				<strong class="figure text-xl">{say.bags2({ bags: wholeNumber(weighed.bags) })}</strong
				>{say.range({ countRange: countRange(weighed.low, weighed.high) })}
				{#if weighed.moreToWeigh === 0}
					{say.thatIsWithin3()}
				{:else if weighed.moreToWeigh === null}
					{say.countByHandFor3()}
				{:else}
					{say.weighMoreBagsFor3({ moreToWeigh: weighed.moreToWeigh })}
				{/if}
			</p>
		{/if}
	</OnlyWhen>
	<EntryCheck {form} field="damp" label={say.allOfItIsDamp()} />
	{#if form.problems.damp}<p class="text-[0.9375rem] font-semibold text-error">
			{form.problems.damp}
		</p>{/if}
	<OnlyWhen is={form.typed.damp === 'yes'}>
		<EntryField {form} field="look_again" label={say.lookAgainInHours()} inputmode="numeric" />
	</OnlyWhen>
	<EntryField {form} field="note" label={say.note()} />
	{#snippet after()}
		<Caution>
			{say.glovesOrWashedHandsFor()}
		</Caution>
	{/snippet}
</EntryForm>
