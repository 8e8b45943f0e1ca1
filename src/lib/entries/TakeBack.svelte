<script lang="ts">
	// The row below a line of a table that takes it back, with a reason: a movement, what came in, what was sorted.
	import type { Correctable } from '$lib/entries/types/correction';
	import { getOutbox } from './outbox-context';
	import type { SentForm } from './typed-form.svelte';
	import { TypedForm } from './typed-form.svelte';
	import { untrack } from 'svelte';
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
	}
	const { of, id, words, columns, query = '', sent }: Props = $props();
	const form = untrack(
		() =>
			new TypedForm(
				'correction',
				{ of, corrects: String(id), note: '', by_name: '' },
				getOutbox(),
				sent
			)
	);
</script>

<tr>
	<td colspan={columns}>
		<form
			class="grid gap-2 pb-3 @min-[38rem]:grid-cols-[2fr_1fr_auto] @min-[38rem]:items-end"
			id="take-back"
			method="POST"
			action="?{query && `${query}&`}back={id}&/keep#take-back"
			onsubmit={(event) => {
				event.preventDefault();
				void form.submit(`${words}, taken back`, []);
			}}
		>
			<input type="hidden" name="type" value="correction" />
			<input type="hidden" name="key" value={form.key} />
			<input type="hidden" name="of" value={of} />
			<input type="hidden" name="corrects" value={id} />
			<EntryField {form} field="note" label="Why it is taken back" />
			<EntryField {form} field="by_name" label="By, if they like" />
			<button class="btn btn-neutral">Take it back</button>
			{#if form.problems.corrects}
				<p class="col-span-full" role="alert">
					<span class="font-semibold text-error">{form.problems.corrects}</span>
					<a class="link" href="/gather/store">Look in the store</a>
				</p>
			{/if}
		</form>
	</td>
</tr>
