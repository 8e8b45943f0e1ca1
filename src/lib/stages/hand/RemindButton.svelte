<script lang="ts">
	// A kind word to whoever has a mat that stands still: it goes to the outbox of messages.
	import { getOutbox } from '$lib/entries/outbox-context';
	import { newKey } from '$lib/ui/new-key';
	import { addAndSay } from './add-and-say';
	import type { MatInHand } from './mat-view';

	const { mat }: { mat: Pick<MatInHand, 'code' | 'maker'> } = $props();
	const outbox = getOutbox();
	const key = newKey();
	let said = $state('');
	let isBusy = false;
	async function write(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		if (isBusy) return;
		isBusy = true;
		const act = { type: 'remind', typed: { mat: mat.code }, words: `a word on ${mat.code}` };
		said = await addAndSay(outbox, act, 'Written: it lies in the outbox.');
		isBusy = false;
	}
</script>

{#if mat.maker}
	<form method="POST" action="?/keep" onsubmit={(event) => void write(event)}>
		<input type="hidden" name="type" value="remind" />
		<input type="hidden" name="key" value={key} />
		<input type="hidden" name="mat" value={mat.code} />
		<button class="btn h-auto min-h-11 font-semibold" data-remind>Write to {mat.maker.name}</button>
	</form>
	<p class="quiet text-[0.9375rem] font-normal" role="status">{said}</p>
{/if}
