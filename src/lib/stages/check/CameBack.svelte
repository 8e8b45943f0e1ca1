<script lang="ts">
	// A mat that a place sends back: it is checked again.
	import { CameBack as say } from '$lib/words/check';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { untrack } from 'svelte';

	const { code, sent }: { code: string; sent?: SentForm | null | undefined } = $props();
	const form = untrack(
		() => new TypedForm('sent-back', { mat: code, note: '' }, getOutbox(), sent)
	);
</script>

<EntryForm {form} title={say.delivered()} act={say.itCameBack()} stays={['mat']} isMain={false}>
	<input type="hidden" name="mat" value={code} />
	<EntryField {form} field="note" label={say.whyItCameBack()} />
	<p class="quiet text-[0.9375rem]">{say.itCountsAsHandedOver()}</p>
</EntryForm>
