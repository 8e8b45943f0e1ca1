<script lang="ts">
	// Takes one movement back by its opposite, with a reason.
	import type { LengthSystem } from '$lib/core/units/format-length';
	import { getQueue } from '$lib/gather/queue-context';
	import type { SentForm } from '$lib/gather/typed-form.svelte';
	import { TypedForm } from '$lib/gather/typed-form.svelte';
	import { untrack } from 'svelte';
	import EntryField from './EntryField.svelte';

	interface Props {
		movement: number;
		system: LengthSystem;
		/** Where the form goes without scripts: back to the history it stands in. */
		action: string;
		sent?: SentForm | null | undefined;
	}
	const { movement, system, action, sent }: Props = $props();
	const form = untrack(
		() =>
			new TypedForm(
				'correction',
				{ corrects: String(movement), note: '', by_name: '' },
				system,
				getQueue(),
				sent
			)
	);
</script>

<form
	class="grid gap-2 pb-3 sm:grid-cols-[2fr_1fr_auto] sm:items-end"
	id="take-back"
	method="POST"
	{action}
	onsubmit={(event) => {
		event.preventDefault();
		void form.submit(`movement ${movement} taken back`, []);
	}}
>
	<input type="hidden" name="type" value="correction" />
	<input type="hidden" name="key" value={form.key} />
	<input type="hidden" name="corrects" value={movement} />
	<EntryField {form} field="note" label="Why it is taken back" />
	<EntryField {form} field="by_name" label="By, if they like" />
	<button class="btn btn-neutral">Take it back</button>
</form>
