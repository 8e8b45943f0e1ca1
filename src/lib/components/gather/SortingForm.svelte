<script lang="ts">
	// One pile sorted: what of it is good for what.
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { getQueue } from '$lib/gather/queue-context';
	import type { SentForm } from '$lib/gather/typed-form.svelte';
	import { TypedForm } from '$lib/gather/typed-form.svelte';
	import { untrack } from 'svelte';
	import Caution from '../Caution.svelte';
	import EntryField from './EntryField.svelte';
	import EntryForm from './EntryForm.svelte';
	import KindColour from './KindColour.svelte';
	import OnlyWhen from './OnlyWhen.svelte';

	interface Props {
		places: readonly string[];
		kinds: readonly { readonly id: string; readonly name: string }[];
		system: LengthSystem;
		sent?: SentForm | null | undefined;
	}
	const { places, kinds, system, sent }: Props = $props();
	const form = untrack(
		() =>
			new TypedForm(
				'sorting',
				{
					place: places[0] ?? '',
					kind: kinds[0]?.id ?? '',
					colour: 'white',
					strand: '',
					stuffing: '',
					drying: '',
					rejected: '',
					look_again: '2',
					by_name: ''
				},
				system,
				getQueue(),
				sent
			)
	);
</script>

<EntryForm
	{form}
	title="Sorted into"
	act="Into the store"
	words={() => `${form.typed.strand || 0} ${form.typed.colour} bags for strand`}
	stays={['place', 'kind', 'colour', 'look_again', 'by_name']}
>
	<EntryField {form} field="place" label="Bags from" offers={places} />
	<div class="grid grid-cols-2 gap-3">
		<KindColour {form} {kinds} />
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
