<script lang="ts">
	// A delivery has come: in one press, and in a word of whoever received it.
	import { getOutbox } from '$lib/entries/outbox-context';
	import { addAndSay } from '$lib/stages/hand/add-and-say';
	import { newKey } from '$lib/ui/new-key';

	const { delivery }: { delivery: string } = $props();
	const outbox = getOutbox();
	const key = newKey();
	let note = $state('');
	let said = $state('');
	async function received(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		const typed = { delivery, note };
		said = await addAndSay(
			outbox,
			{ type: 'received', typed, words: `${delivery} received` },
			'Kept.'
		);
	}
</script>

<form
	class="flex flex-wrap items-end gap-3"
	method="POST"
	action="?/keep"
	onsubmit={(event) => void received(event)}
>
	<input type="hidden" name="type" value="received" />
	<input type="hidden" name="key" value={key} />
	<input type="hidden" name="delivery" value={delivery} />
	<label class="grid gap-1"
		>In a word
		<input class="field" name="note" maxlength="400" autocomplete="off" bind:value={note} />
	</label>
	<button class="btn h-auto min-h-11"
		>It was received<span class="sr-only">: {delivery}</span></button
	>
</form>
<p class="quiet" role="status">{said}</p>
