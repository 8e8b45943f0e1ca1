<script lang="ts">
	// Bags counted by weight: the box full and empty, and some handfuls of known count.
	import { DropOffForm as say } from '$lib/words/gather';
	import { bareMassUnitOf } from '$lib/core/units/parse-mass';
	import { FormReader } from '$lib/entries/form-reader';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { TypedForm } from '$lib/entries/typed-form.svelte';
	import { readWeighing } from '$lib/entries/types/drop-off';
	import { countRange, wholeNumber } from '$lib/ui/number-words';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import ScalePanel from './ScalePanel.svelte';

	interface Props {
		form: TypedForm;
		kinds: readonly { readonly id: string; readonly name: string }[];
		/** The stand-in for a scale is shown without being asked for. */
		isScaleShown: boolean;
		/** It is weighed; else its fields only show where no scripts run. */
		isChosen: boolean;
	}
	const { form, kinds, isScaleShown, isChosen }: Props = $props();
	const outbox = getOutbox();
	const system = $derived(outbox.readBy().system);
	/** The count of the box while it is being typed; nothing until it is whole. */
	const weighed = $derived(
		isChosen ? (readWeighing(new FormReader(form.typed, system))?.count ?? null) : null
	);
	const take = (field: 'gross' | 'tare' | 'handful', grams: string) => {
		if (field === 'handful')
			form.typed.handfuls = `${form.typed.handfuls ?? ''} ${grams.replace(/ (g|oz)$/, '')}`.trim();
		else form.typed[field] = grams;
	};
</script>

{#if isChosen}<div class="needs-scripts">
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
