<script lang="ts">
	// One press that says one thing: it goes by way of the device's own shelf, and without scripts as a form.
	import { actTo } from '$lib/ui/offered';
	import { newKey } from '$lib/ui/new-key';
	import { addAndSay, waitsHere } from './add-and-say';
	import type { Typed } from './form-reader';
	import { getOutbox } from './outbox-context';
	import type { EntryTypeName } from './registry';

	interface Props {
		type: EntryTypeName;
		typed: Typed;
		label: string;
		/** What the entry is, in words a person knows it by. */
		words: string;
		/** What is said once it is kept. */
		kept: string;
		isMain?: boolean;
		/** Where it goes without scripts. */
		action?: string;
	}
	const { type, typed, label, words, kept, isMain = false, action = '?/keep' }: Props = $props();
	const outbox = getOutbox();
	const key = newKey();
	let said = $state('');
	/** What was pressed already: the same counts once, until it says something else. */
	let pressed = $state('');
	const what = $derived(JSON.stringify([type, typed]));
	const isPressed = $derived(pressed === what);
	async function press(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (isPressed) return;
		const now = what;
		pressed = now;
		said = await addAndSay(outbox, { type, typed, words }, kept);
		if (pressed === now && said !== kept && said !== waitsHere) pressed = '';
	}
</script>

<form method="POST" {...actTo(action, type)} onsubmit={(event) => void press(event)}>
	<input type="hidden" name="type" value={type} />
	<input type="hidden" name="key" value={key} />
	{#each Object.entries(typed) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	<button
		aria-disabled={isPressed}
		class="btn h-auto min-h-11 max-w-full shrink font-semibold whitespace-normal {isMain
			? 'btn-accent'
			: ''}"
		data-press={type}>{label}</button
	>
</form>
<p class="quiet text-[0.9375rem] font-normal" role="status">{said}</p>
