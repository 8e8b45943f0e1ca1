<script lang="ts">
	// The row below a line of a table that takes it back, with a reason: a movement, what came in, what was sorted.
	import { TakeBack as say } from '$lib/words/common';
	import { actTo } from '$lib/ui/offered';
	import type { Correctable } from '$lib/entries/types/correction';
	import { goto } from '$app/navigation';
	import { newKey } from '../ui/new-key';
	import { getOutbox } from './outbox-context';
	import { mending } from './outbox.svelte';
	import { entryTypeOf } from './registry';
	import type { SentForm } from './typed-form.svelte';
	import { TypedForm } from './typed-form.svelte';
	import type { Typed } from './form-reader';
	import { onMount, tick, untrack } from 'svelte';
	import EntryField from './EntryField.svelte';

	interface Props {
		of: Correctable;
		id: number;
		/** What it is, in words a person knows it by. */
		words: string;
		/** Columns of the table. */
		columns: number;
		/** The query that shows the table. Without scripts the form comes back to it. */
		query?: string;
		sent?: SentForm | null | undefined;
		/** What was typed of it: it stands in its form again once it is taken back. */
		gives?: { readonly type: string; readonly typed: Typed } | null;
	}
	const { of, id, words, columns, query = '', sent, gives = null }: Props = $props();
	const form = untrack(
		() =>
			new TypedForm(
				'correction',
				{ of, corrects: String(id), note: '', by_name: '' },
				getOutbox(),
				sent
			)
	);
	const noteId = 'correction-note';
	onMount(() => document.getElementById(noteId)?.focus());

	async function takeBack() {
		if (!(await form.submit(say.undone({ words }), []))) {
			await tick();
			if (form.problems.note) document.getElementById(noteId)?.focus();
			return;
		}
		if (!gives) return;
		const { type, typed } = gives;
		mending.said = say.undoneItIsInThe();
		mending.entry = { key: newKey(), group: '', type, typed, words };
		const page = entryTypeOf(type)?.page;
		if (page && page !== location.pathname) await goto(page);
	}
	/** Nothing is taken back: the way to it has the focus again. */
	async function cancel(event: MouseEvent) {
		event.preventDefault();
		await goto(`?${query}`, { noScroll: true, keepFocus: true });
		document.getElementById(`back-${id}`)?.focus();
	}
</script>

<tr>
	<td colspan={columns}>
		<form
			class="grid gap-2 pb-3 @min-[38rem]:grid-cols-[2fr_1fr_auto_auto] @min-[38rem]:items-end"
			id="take-back"
			method="POST"
			{...actTo(`?${query && `${query}&`}back=${id}&/keep#take-back`, 'correction')}
			onsubmit={(event) => {
				event.preventDefault();
				void takeBack();
			}}
		>
			<input type="hidden" name="type" value="correction" />
			<input type="hidden" name="key" value={form.key} />
			<input type="hidden" name="of" value={of} />
			<input type="hidden" name="corrects" value={id} />
			<EntryField {form} field="note" label={say.whyOptional()} />
			<EntryField {form} field="by_name" label={say.whoOptional()} />
			<button class="btn btn-neutral">{say.undo()}</button>
			<a class="btn font-normal" href="?{query}" onclick={cancel}>{say.cancel()}</a>
			{#if form.problems.corrects}
				<p class="col-span-full" role="alert">
					<span class="font-semibold text-error">{form.problems.corrects}</span>
					<a class="link" href="/gather/store">{say.lookInTheStore()}</a>
				</p>
			{/if}
		</form>
	</td>
</tr>
