<script lang="ts">
	// One press that says one thing of a mat: it goes by way of the device's own shelf, and without scripts as a form.
	import type { Typed } from '$lib/entries/form-reader';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { newKey } from '$lib/ui/new-key';
	import { addAndSay } from './add-and-say';

	interface Props {
		type: 'remind' | 'finish' | 'mended' | 'teaches';
		mat: string;
		/** What is said beside the mat. */
		more?: Typed;
		label: string;
		/** What the entry is, in words a person knows it by. */
		words: string;
		/** What is said once it is kept. */
		kept: string;
		isMain?: boolean;
	}
	const { type, mat, more = {}, label, words, kept, isMain = false }: Props = $props();
	const outbox = getOutbox();
	const key = newKey();
	let said = $state('');
	let isBusy = false;
	async function press(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (isBusy) return;
		isBusy = true;
		said = await addAndSay(outbox, { type, typed: { mat, ...more }, words }, kept);
		isBusy = false;
	}
</script>

<form method="POST" action="?/keep" onsubmit={(event) => void press(event)}>
	<input type="hidden" name="type" value={type} />
	<input type="hidden" name="key" value={key} />
	<input type="hidden" name="mat" value={mat} />
	{#each Object.entries(more) as [name, value] (name)}<input type="hidden" {name} {value} />{/each}
	<button class="btn h-auto min-h-11 font-semibold {isMain ? 'btn-accent' : ''}" data-press={type}
		>{label}</button
	>
</form>
<p class="quiet text-[0.9375rem] font-normal" role="status">{said}</p>
