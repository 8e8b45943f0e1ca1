<script lang="ts">
	// What a place asks for: how many, of which size, by which day.
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { untrack } from 'svelte';

	interface Props {
		places: readonly { readonly id: string; readonly name: string }[];
		sent?: SentForm | null | undefined;
	}
	const { places, sent }: Props = $props();
	const form = untrack(
		() =>
			new TypedForm(
				'asked',
				{ place: places[0]?.id ?? '', mats: '', by: '', width: '', length: '', note: '' },
				getOutbox(),
				sent
			)
	);
</script>

<EntryForm {form} title="A place asks" act="Keep it" stays={['place']}>
	<EntrySelect
		{form}
		field="place"
		label="Which place"
		options={places.map(({ id, name }) => ({ value: id, label: name }))}
	/>
	<EntryField {form} field="mats" label="How many mats" inputmode="numeric" />
	<EntryField {form} field="by" label="By which day" placeholder="2026-12-24" />
	<div class="grid gap-3 @min-[20rem]:grid-cols-2">
		<EntryField {form} field="length" label="How long" inputmode="decimal" />
		<EntryField {form} field="width" label="How wide" inputmode="decimal" />
	</div>
	<p class="quiet text-[0.9375rem]">Leave both empty where any size will do.</p>
	<EntryField {form} field="note" label="A word on it" />
</EntryForm>
