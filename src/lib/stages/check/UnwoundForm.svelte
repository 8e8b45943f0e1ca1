<script lang="ts">
	// What came of a mat that was taken apart: strand that is good still, weighed; all else is scrap.
	import { UnwoundForm as say } from '$lib/words/check';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { massWords } from '$lib/ui/unit-words';
	import { untrack } from 'svelte';

	interface Props {
		code: string;
		/** Film that lies in it by the book, g. */
		filmG: number;
		sent?: SentForm | null | undefined;
	}
	const { code, filmG, sent }: Props = $props();
	const outbox = getOutbox();
	const form = untrack(() => new TypedForm('unwound', { mat: code, strand: '' }, outbox, sent));
</script>

{#if filmG > 0}
	<EntryForm {form} title={say.takenApart()} act={say.saveToStore()} stays={['mat']}>
		<input type="hidden" name="mat" value={code} />
		<p data-film>
			{say.itShouldHoldOfPlastic({ mass: massWords(filmG, outbox.readBy().system) })}
		</p>
		<EntryField {form} field="strand" label={say.goodStrandWeighed()} inputmode="decimal" />
		<p class="quiet text-[0.9375rem]">{say.keepScrapBaggedAwayFrom()}</p>
	</EntryForm>
{:else}
	<p class="sheet p-4" data-film>
		{say.itIsTakenApartBy()}
	</p>
{/if}
