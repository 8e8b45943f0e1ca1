<script lang="ts">
	// A delivery has come: by whom, in a word; today, or on the day that stands on its paper.
	import { ReceiveButton as msg } from '$lib/words/hand-over';
	import { actTo } from '$lib/ui/offered';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { readEntry } from '$lib/entries/read-entry';
	import { addAndSay } from '$lib/entries/add-and-say';
	import { newKey } from '$lib/ui/new-key';

	const { delivery }: { delivery: string } = $props();
	const uid = $props.id();
	const outbox = getOutbox();
	const key = newKey();
	let note = $state('');
	let on = $state('');
	let problem = $state('');
	let said = $state('');
	let day = $state<HTMLInputElement>();
	let isBusy = false;
	async function received(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (isBusy) return;
		const typed = { delivery, note, on };
		const { problems } = readEntry('received', typed, outbox.readBy());
		problem = problems?.['on'] ?? problems?.['note'] ?? '';
		if (problem) return day?.focus();
		isBusy = true;
		said = await addAndSay(
			outbox,
			{ type: 'received', typed, words: msg.deliveryReceived({ delivery }) },
			msg.saved()
		);
		isBusy = false;
	}
</script>

<form
	class="grid gap-2"
	method="POST"
	{...actTo('?/keep', 'received')}
	onsubmit={(event) => void received(event)}
>
	<input type="hidden" name="type" value="received" />
	<input type="hidden" name="key" value={key} />
	<input type="hidden" name="delivery" value={delivery} />
	<label class="grid gap-1"
		>{msg.byWhom()}
		<input class="field" name="note" maxlength="400" autocomplete="off" bind:value={note} />
	</label>
	<label class="grid gap-1"
		>{msg.onAnotherDayThanToday()}
		<input
			class="field"
			name="on"
			placeholder={msg.dayExample()}
			autocomplete="off"
			aria-invalid={problem ? 'true' : undefined}
			aria-describedby={problem ? `${uid}-problem` : undefined}
			bind:value={on}
			bind:this={day}
		/>
	</label>
	{#if problem}<p class="font-semibold text-error" id="{uid}-problem" role="alert">
			{problem}
		</p>{/if}
	<button class="btn h-auto min-h-11"
		>{msg.confirm()}<span class="sr-only">: {delivery}</span></button
	>
	<p class="quiet" role="status">{said}</p>
</form>
