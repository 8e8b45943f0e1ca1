<script lang="ts">
	// A pillow that was stuffed: with scrap by weight, with torn bags by count.
	import { PillowForm as say } from '$lib/words/hand-over';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { formatMass } from '$lib/core/units/format-mass';
	import { untrack } from 'svelte';

	const { usualG, sent }: { usualG: number; sent?: SentForm | null | undefined } = $props();
	const outbox = getOutbox();
	const form = untrack(() => {
		const start = { scrap: formatMass(usualG, outbox.readBy().system), bags: '' };
		return new TypedForm('pillow', start, outbox, sent);
	});
</script>

<EntryForm {form} title={say.newPillow()} act={say.savePillow()} stays={['scrap', 'bags']}>
	<EntryField {form} field="scrap" label={say.scrapInItWeighed()} inputmode="decimal" />
	<EntryField {form} field="bags" label={say.tornBagsInIt()} inputmode="numeric" />
	<p class="quiet text-[0.9375rem]">
		{say.scrapCanSuffocateKeepIt()}
	</p>
</EntryForm>
