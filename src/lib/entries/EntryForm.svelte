<script lang="ts">
	// The sheet of one entry: its fields, what is wrong with them, and what was kept last.
	import type { TypedForm } from './typed-form.svelte';
	import SureBox from './SureBox.svelte';
	import { entryTypes } from './registry';
	import { tick, type Snippet } from 'svelte';

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
		/** What is asked about what is typed, before it is sent: the server may ask more. */
		question?: string;
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
		question = '',
		children,
		after
	}: Props = $props();
	let place = $state<HTMLFormElement>();
	$effect(() => {
		if (form.mend()) void toWhereHelpIsNeeded();
	});
	/** The focus goes to the first field that needs a look, else to the first there is. */
	async function toWhereHelpIsNeeded() {
		await tick();
		const field =
			place?.querySelector<HTMLElement>('[aria-invalid="true"]') ??
			place?.querySelector<HTMLElement>('input:not([type=hidden]), select, textarea');
		field?.focus();
	}
	async function submit() {
		const isKept = await form.submit(entryTypes[form.type].words(form.typed), stays);
		if (!isKept && Object.keys(form.problems).length > 0) await toWhereHelpIsNeeded();
	}
</script>

<form
	class="sheet grid gap-3 p-4"
	method="POST"
	{action}
	onsubmit={(event) => {
		event.preventDefault();
		if (may()) void submit();
	}}
	oninput={() => form.beginNext()}
	bind:this={place}
>
	<input type="hidden" name="type" value={form.type} />
	<input type="hidden" name="key" value={form.key} />
	<input type="hidden" name="lengths" value={form.lengths} />
	<h2>{title}</h2>
	{@render children()}
	{#if question || form.problems.sure}
		<SureBox {form} question={question || (form.problems.sure ?? '')} />
	{/if}
	{#if form.problems.entry || form.problems.key}
		<p class="font-semibold text-error" role="alert">
			{form.problems.entry ?? form.problems.key}
		</p>
	{/if}
	<button class="btn {isMain ? 'btn-accent' : ''}">{act}</button>
	<p role="status" class="font-semibold text-secondary">{form.said}</p>
	{@render after?.()}
</form>
