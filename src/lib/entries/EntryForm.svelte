<script lang="ts">
	// The sheet of one entry: its fields, what is wrong with them, and what was kept last.
	import { EntryForm as say } from '$lib/words/common';
	import { actTo } from '$lib/ui/offered';
	import type { TypedForm } from './typed-form.svelte';
	import { goto } from '$app/navigation';
	import EntryField from './EntryField.svelte';
	import type { Typed } from './form-reader';
	import { replacesField, whyField } from './replaces';
	import SureBox from './SureBox.svelte';
	import { entryTypes } from './registry';
	import { page } from '$app/state';
	import { queryOf } from '../ui/query';
	import { readDraft, writeDraft } from '../ui/drafts';
	import { getOutbox } from './outbox-context';
	import { onMount, tick, untrack, type Snippet } from 'svelte';

	interface Props {
		form: TypedForm;
		title: string;
		/** Whether its title is shown, where the page does not say it already. */
		isTitled?: boolean;
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
		/** What is done next with what was kept. */
		next?: { readonly href: string; readonly label: string } | undefined;
		children: Snippet;
		after?: Snippet;
	}
	const {
		form,
		title,
		isTitled = true,
		act,
		action = '?/keep',
		stays = [],
		isMain = true,
		may = () => true,
		question = '',
		next,
		children,
		after
	}: Props = $props();
	/** What is edited on this page: it stands in the form of its type, without scripts as well. */
	const edits = $derived(
		(page.data as { edits?: { type: string; typed: Typed } | null }).edits ?? null
	);
	let taken = untrack(() => edits);
	untrack(() => {
		if (edits?.type === form.type && Object.keys(form.problems).length === 0)
			form.edit(edits.typed);
	});
	$effect(() => {
		if (edits === taken) return;
		taken = edits;
		if (edits?.type !== form.type) return;
		untrack(() => form.edit(edits.typed));
		void toWhereHelpIsNeeded();
	});
	/** The page without what is edited on it. */
	const plainly = $derived.by(() => {
		const query = queryOf(
			Object.fromEntries([...page.url.searchParams].filter(([name]) => name !== 'edit'))
		);
		return `${page.url.pathname}${query && `?${query}`}`;
	});
	async function cancel(event: MouseEvent): Promise<void> {
		event.preventDefault();
		form.beginAnew();
		await goto(plainly, { noScroll: true, keepFocus: true });
	}
	let place = $state<HTMLFormElement>();
	$effect(() => {
		if (form.mend()) void toWhereHelpIsNeeded();
	});
	// What is typed is remembered until it is kept: going to another page and back loses none of it.
	const outbox = getOutbox();
	const draftOf = untrack(() => `${page.url.pathname} ${form.scope} ${about(form.typed)}`);
	let isRecalled = $state(false);
	onMount(() => {
		const draft = readDraft(outbox.owner, draftOf);
		if (draft) form.takeUp(draft);
		isRecalled = true;
	});
	$effect(() => {
		const { draft } = form;
		if (isRecalled) writeDraft(outbox.owner, draftOf, draft);
	});
	/** What an entry is of: a mat, a pile, a place in a list. */
	function about({ mat, kind, colour, form: what, cut }: Readonly<Record<string, string>>): string {
		return [mat, what && kind, what && colour, what, cut].filter(Boolean).join(' ');
	}
	/** The focus goes to the first field that needs a look, else to the first there is. */
	async function toWhereHelpIsNeeded() {
		await tick();
		const field =
			place?.querySelector<HTMLElement>('[aria-invalid="true"]') ??
			place?.querySelector<HTMLElement>(
				'input:not([type=hidden], [type=radio], [type=checkbox]), select, textarea'
			);
		field?.focus();
	}
	async function submit() {
		const wasEditing = form.isEditing;
		const isKept = await form.submit(entryTypes[form.type].words(form.typed), stays);
		if (isKept && wasEditing) await goto(plainly, { noScroll: true, keepFocus: true });
		if (!isKept && Object.keys(form.problems).length > 0) await toWhereHelpIsNeeded();
	}
</script>

<form
	class="sheet grid gap-3 p-4"
	data-drafts="own"
	method="POST"
	{...actTo(action, form.type)}
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
	<h2 class={isTitled || form.isEditing ? '' : 'sr-only'}>{form.isEditing ? say.edit() : title}</h2>
	{#if form.isEditing}
		<input type="hidden" name={replacesField} value={form.typed[replacesField]} />
	{/if}
	{@render children()}
	{#if question || form.problems.sure}
		<SureBox {form} question={question || (form.problems.sure ?? '')} />
	{/if}
	{#if form.problems.entry || form.problems.key}
		<p class="font-semibold text-error" role="alert">
			{form.problems.entry ?? form.problems.key}
		</p>
	{/if}
	{#if form.isEditing}
		<EntryField {form} field={whyField} label={say.whyOptional()} />
		<div class="flex flex-wrap gap-3">
			<button class="btn btn-accent">{say.save()}</button>
			<a class="btn btn-ghost" href={plainly} onclick={cancel}>{say.cancel()}</a>
		</div>
	{:else}<button class="btn {isMain ? 'btn-accent' : ''}">{act}</button>{/if}
	<div class="flex flex-wrap items-center gap-x-4">
		<p role="status" class="font-semibold text-secondary">{form.said}</p>
		{#if next && form.said && !form.isEditing}<a class="link-row" href={next.href}>{next.label}</a
			>{/if}
	</div>
	{@render after?.()}
</form>
