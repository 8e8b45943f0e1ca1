<script lang="ts">
	// One pile sorted: what of it is good for what.
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
	title="At the sorting table"
	act="Into the store"
	action={pile ? `?dried=${pile.id}&/keep` : '?/keep'}
	stays={['place', 'kind', 'colour', 'look_again', 'by_name', 'dried']}
>
	<input type="hidden" name="dried" value={form.typed.dried ?? ''} />
	{#if pile}
		<p class="text-[0.9375rem]" id="dried-pile">
			Of the {pile.hanging} from {pile.place} that hung to dry. What is still damp goes under drying again.
			<a class="link" href="/gather/sort" data-sveltekit-noscroll>Sort other bags</a>
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
				onclick={() => (form.typed.dried = '')}>Sort these as bags that came in</button
			>
		</div>
	{/if}
	<EntryField {form} field="place" label="Bags from" offers={places} />
	<div class="grid grid-cols-2 gap-3"><KindColour {form} {kinds} /></div>
	<PileTable {taps} {colour} />
	<h3 class="mt-1 text-base font-semibold">In all, tapped or typed</h3>
	<div class="grid grid-cols-2 gap-3 @min-[38rem]:grid-cols-4">
		<EntryField {form} field="strand" label="Good for strand" inputmode="numeric" />
		<EntryField {form} field="stuffing" label="Stuffing only" inputmode="numeric" />
		<EntryField {form} field="drying" label="Drying" inputmode="numeric" />
		<EntryField {form} field="rejected" label="Rejected" inputmode="numeric" />
	</div>
	<OnlyWhen is={Number(form.typed.drying) > 0}>
		<EntryField
			{form}
			field="look_again"
			label="Look again in, hours"
			inputmode="numeric"
			hint="Pouches that held liquid dry open for an hour or more"
		/>
	</OnlyWhen>
	<EntryField {form} field="by_name" label="Sorted by, if they like" />
	{#snippet after()}
		<Caution>
			Gloves or washed hands; soiled and mouldy bags leave the table at once. Your hall's hygiene
			rules come first.
		</Caution>
	{/snippet}
</EntryForm>
