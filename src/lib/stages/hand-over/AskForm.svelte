<script lang="ts">
	// What a place asks for: how many, of which size, by which day.
	import { AskForm as say } from '$lib/words/hand-over';
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

<EntryForm {form} title={say.aPlaceAsks()} act={say.save()} stays={['place']}>
	<EntrySelect
		{form}
		field="place"
		label={say.receivingPlace()}
		options={places.map(({ id, name }) => ({ value: id, label: name }))}
	/>
	<EntryField {form} field="mats" label={say.mats()} inputmode="numeric" />
	<EntryField {form} field="by" label={say.by()} placeholder={say.dayExample()} />
	<div class="grid gap-3 @min-[20rem]:grid-cols-2">
		<EntryField {form} field="length" label={say.length()} inputmode="decimal" />
		<EntryField {form} field="width" label={say.width()} inputmode="decimal" />
	</div>
	<p class="quiet text-[0.9375rem]">{say.leaveBothEmptyWhereAny()}</p>
	<EntryField {form} field="note" label={say.note()} />
</EntryForm>
