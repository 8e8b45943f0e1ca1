<script lang="ts">
	// One pile sorted: what of it is good for what.
	import { SortingForm as say } from '$lib/words/gather';
	import type { DryingPile } from './lines';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import type { TypedForm } from '$lib/entries/typed-form.svelte';
	import type { ColourName } from '$lib/core/colour/colours';
	import { colourNames } from '$lib/core/colour/colours';
	import PileTable from './PileTable.svelte';
	import type { Taps } from './taps.svelte';
	import { untrack } from 'svelte';
	import Caution from '$lib/ui/Caution.svelte';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import KindColour from './KindColour.svelte';
	import OnlyWhen from '$lib/entries/OnlyWhen.svelte';

	interface Props {
		places: readonly string[];
		kinds: readonly { readonly id: string; readonly name: string }[];
		/** The pile that hung to dry and is sorted now. */
		pile: DryingPile | null;
		/** The form itself, for what stands beside it. */
		form: TypedForm;
		taps: Taps;
		sent?: SentForm | null | undefined;
	}
	const { places, kinds, pile, form, taps, sent }: Props = $props();
	const ofPile = (chosen: DryingPile | null): Record<string, string> =>
		chosen
			? {
					dried: String(chosen.id),
					place: chosen.place,
					kind: chosen.kindId ?? kinds[0]?.id ?? '',
					colour: chosen.colour ?? 'white'
				}
			: { dried: '' };
	let filledFor = untrack(() => pile?.id ?? null);
	untrack(() => !sent && Object.assign(form.typed, ofPile(pile)));
	const chosen = $derived(pile?.id ?? null);
	const colour = $derived<ColourName>(
		colourNames.find((name) => name === form.typed.colour) ?? 'white'
	);
	$effect(() => {
		if (chosen === filledFor) return;
		filledFor = chosen;
		untrack(() => Object.assign(form.typed, ofPile(pile)));
	});
</script>

<EntryForm
	{form}
	title={say.atTheSortingTable()}
	act={say.intoTheStore()}
	action={pile ? `?dried=${pile.id}&/keep` : '?/keep'}
	stays={['place', 'kind', 'colour', 'look_again', 'by_name', 'dried']}
>
	<input type="hidden" name="dried" value={form.typed.dried ?? ''} />
	{#if pile}
		<p class="text-[0.9375rem]" id="dried-pile">
			{say.ofTheFromThatHung({ hanging: pile.hanging, place: pile.place })}
			<a class="link" href="/gather/sort" data-sveltekit-noscroll>{say.sortOtherBags()}</a>
		</p>
	{/if}
	{#if form.problems.dried}
		<div role="alert">
			<p class="text-[0.9375rem] font-semibold text-error">{form.problems.dried}</p>
			<!-- Comes after the field of the same name, so that without scripts it stands for it. -->
			<button
				class="btn mt-2 font-normal"
				name="dried"
				value=""
				onclick={() => (form.typed.dried = '')}>{say.sortTheseAsBagsThat()}</button
			>
		</div>
	{/if}
	<EntryField {form} field="place" label={say.bagsFrom()} offers={places} />
	<div class="grid grid-cols-2 gap-3"><KindColour {form} {kinds} /></div>
	<PileTable {taps} {colour} />
	<h3 class="mt-1 text-base font-semibold">{say.inAllTappedOrTyped()}</h3>
	<div class="grid grid-cols-2 gap-3 @min-[38rem]:grid-cols-4">
		<EntryField {form} field="strand" label={say.goodForStrand()} inputmode="numeric" />
		<EntryField {form} field="stuffing" label={say.stuffingOnly()} inputmode="numeric" />
		<EntryField {form} field="drying" label={say.drying()} inputmode="numeric" />
		<EntryField {form} field="rejected" label={say.rejected()} inputmode="numeric" />
	</div>
	<OnlyWhen is={Number(form.typed.drying) > 0}>
		<EntryField
			{form}
			field="look_again"
			label={say.lookAgainInHours()}
			inputmode="numeric"
			hint={say.pouchesThatHeldLiquidDry()}
		/>
	</OnlyWhen>
	<EntryField {form} field="by_name" label={say.sortedByOptional()} />
	{#snippet after()}
		<Caution>
			{say.glovesOrWashedHandsSoiled()}
		</Caution>
	{/snippet}
</EntryForm>
