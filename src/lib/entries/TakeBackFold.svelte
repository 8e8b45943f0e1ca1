<script lang="ts">
	// A fold in which an entry is taken back, with a reason.
	import { TakeBackFold as say } from '$lib/words/common';
	import { actTo } from '$lib/ui/offered';
	import EntryField from './EntryField.svelte';
	import { getOutbox } from './outbox-context';
	import type { SentForm } from './typed-form.svelte';
	import { TypedForm } from './typed-form.svelte';
	import { tick, untrack } from 'svelte';

	interface Props {
		/** The number of the entry. */
		id: number;
		/** What it is, in words a person knows it by. */
		words: string;
		sent?: SentForm | null | undefined;
	}
	const { id, words, sent }: Props = $props();
	const form = untrack(
		() =>
			new TypedForm(
				'correction',
				{ of: 'entry', corrects: String(id), note: '', by_name: '' },
				getOutbox(),
				sent?.typed?.['corrects'] === String(id) ? sent : null,
				`back-${id}`
			)
	);
	let place = $state<HTMLFormElement>();
	async function takeBack(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (await form.submit(say.undone({ words }), [])) return;
		await tick();
		place?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
	}
	const problem = $derived(form.problems['corrects'] ?? form.problems['entry'] ?? '');
</script>

<details open={Object.keys(form.problems).length > 0}>
	<summary class="inline-flex min-h-11 cursor-pointer items-center underline underline-offset-3"
		>{say.undo()}<span class="sr-only">: {words}</span></summary
	>
	<form
		class="grid max-w-md gap-2"
		method="POST"
		{...actTo('?/keep', 'correction')}
		bind:this={place}
		onsubmit={(event) => void takeBack(event)}
	>
		<input type="hidden" name="type" value="correction" />
		<input type="hidden" name="key" value={form.key} />
		<input type="hidden" name="of" value="entry" />
		<input type="hidden" name="corrects" value={id} />
		<EntryField {form} field="note" label={say.whyOptional()} />
		{#if problem}<p class="font-semibold text-error" role="alert">{problem}</p>{/if}
		<button class="btn h-auto min-h-11 max-w-full justify-self-start whitespace-normal"
			>{say.undo2({ words })}</button
		>
		<p class="quiet" role="status">{form.said}</p>
	</form>
</details>
