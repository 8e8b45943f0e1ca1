<script lang="ts">
	// What came of a mat that was taken apart: strand that is good still, weighed; all else is scrap.
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
	<EntryForm {form} title="It is taken apart" act="Back to the store" stays={['mat']}>
		<input type="hidden" name="mat" value={code} />
		<p data-film>
			By the book {massWords(filmG, outbox.readBy().system)} of film lies in it. Wind back what is good,
			and weigh that; the rest is scrap.
		</p>
		<EntryField {form} field="strand" label="Good strand, weighed" inputmode="decimal" />
		<p class="quiet text-[0.9375rem]">Keep scrap bagged, away from small children.</p>
	</EntryForm>
{:else}
	<p class="sheet p-4" data-film>
		It is taken apart. By the book nothing lies in it: its strand is back in the store, or no ball
		was given for it by its label. What there is, is counted at the table.
	</p>
{/if}
