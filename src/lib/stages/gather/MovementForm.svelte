<script lang="ts">
	// Something moved into the store or out of it.
	import { MovementForm as say } from '$lib/words/gather';
	import { forms, moveReasons } from '$lib/core/store/forms';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { formWords, reasonWords } from '$lib/ui/store-words';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { untrack } from 'svelte';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import KindColour from './KindColour.svelte';

	interface Props {
		kinds: readonly { readonly id: string; readonly name: string }[];
		/** The line of the store that was tapped: it is what is moved. */
		line?: { readonly kind: string; readonly colour: string; readonly form: string } | null;
		sent?: SentForm | null | undefined;
	}
	const { kinds, line = null, sent }: Props = $props();
	const form = untrack(
		() =>
			new TypedForm(
				'movement',
				{
					kind: kinds[0]?.id ?? '',
					colour: 'white',
					form: 'bag',
					direction: 'out',
					amount: '',
					reason: 'cut',
					note: '',
					by_name: '',
					sure: ''
				},
				getOutbox(),
				sent
			)
	);
	const ofLine = (tapped: typeof line) =>
		tapped && forms.some((one) => one === tapped.form)
			? { kind: tapped.kind, colour: tapped.colour, form: tapped.form }
			: {};
	let filledFor = untrack(() => JSON.stringify(line));
	untrack(() => !sent && Object.assign(form.typed, ofLine(line)));
	$effect(() => {
		const tapped = JSON.stringify(line);
		if (tapped === filledFor) return;
		filledFor = tapped;
		untrack(() => Object.assign(form.typed, ofLine(line)));
	});
</script>

<EntryForm
	{form}
	title={say.moveInOrOut()}
	act={say.saveMovement()}
	stays={['kind', 'colour', 'form', 'direction', 'reason', 'by_name']}
>
	<div class="grid grid-cols-2 gap-3">
		<EntrySelect
			{form}
			field="direction"
			label={say.direction()}
			options={[
				{ value: 'in', label: say.intoTheStore() },
				{ value: 'out', label: say.outOfIt() }
			]}
		/>
		<EntryField
			{form}
			field="amount"
			label={say.howMuch()}
			hint={form.typed.form === 'scrap'
				? form.lengths === 'ft'
					? say.lbAndOz()
					: say.gOrKg()
				: say.aCount()}
		/>
		<EntrySelect
			{form}
			field="form"
			label={say.of()}
			options={forms.map((one) => ({ value: one, label: formWords[one] }))}
		/>
		<EntrySelect
			{form}
			field="reason"
			label={say.reason()}
			options={moveReasons.map((value) => ({ value, label: reasonWords[value] }))}
		/>
		<KindColour {form} {kinds} />
	</div>
	<EntryField {form} field="by_name" label={say.whoOptional()} />
	<EntryField {form} field="note" label={say.note()} />
</EntryForm>
