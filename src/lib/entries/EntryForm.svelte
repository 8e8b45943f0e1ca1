<script lang="ts">
	// The sheet of one entry: its fields, what is wrong with them, and what was kept last.
	import type { TypedForm } from './typed-form.svelte';
	import { entryTypes } from './registry';
	import type { Snippet } from 'svelte';

	interface Props {
		form: TypedForm;
		title: string;
		/** What the button says. */
		act: string;
		/** Where it goes without scripts. */
		action?: string;
		/** Fields that stay as they are for the next entry. */
		stays?: readonly string[];
		isMain?: boolean;
		/** Whether the entry may go now; else nothing happens. */
		may?: () => boolean;
		children: Snippet;
		after?: Snippet;
	}
	const {
		form,
		title,
		act,
		action = '?/keep',
		stays = [],
		isMain = true,
		may = () => true,
		children,
		after
	}: Props = $props();
	$effect(() => form.mend());
</script>

<form
	class="sheet grid gap-3 p-4"
	method="POST"
	{action}
	onsubmit={(event) => {
		event.preventDefault();
		if (may()) void form.submit(entryTypes[form.type].words(form.typed), stays);
	}}
>
	<input type="hidden" name="type" value={form.type} />
	<input type="hidden" name="key" value={form.key} />
	<input type="hidden" name="lengths" value={form.lengths} />
	<h2>{title}</h2>
	{@render children()}
	{#if form.problems.entry || form.problems.key}
		<p class="font-semibold text-error" role="alert">
			{form.problems.entry ?? form.problems.key}
		</p>
	{/if}
	<button class="btn {isMain ? 'btn-accent' : ''}">{act}</button>
	<p role="status" class="font-semibold text-secondary">{form.said}</p>
	{@render after?.()}
</form>
