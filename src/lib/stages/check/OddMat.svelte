<script lang="ts">
	// A good mat whose bags are far from what was expected: is it so, or were some balls not given by their labels?
	import { getOutbox } from '$lib/entries/outbox-context';
	import { addAndSay } from '$lib/stages/hand/add-and-say';
	import { wholeNumber } from '$lib/ui/number-words';
	import { newKey } from '$lib/ui/new-key';

	interface Props {
		code: string;
		odd: { readonly bags: number; readonly words: string };
	}
	const { code, odd }: Props = $props();
	const outbox = getOutbox();
	const keys = { yes: newKey(), no: newKey() };
	const answers = [
		{ value: 'yes', label: 'It is so: let it teach' },
		{ value: 'no', label: 'Leave it out' }
	] as const;
	let said = $state('');
	let isBusy = false;
	async function answer(event: SubmitEvent, value: 'yes' | 'no'): Promise<void> {
		event.preventDefault();
		if (isBusy) return;
		isBusy = true;
		const typed = { mat: code, is_so: value };
		said = await addAndSay(
			outbox,
			{ type: 'teaches', typed, words: `whether ${code} teaches` },
			value === 'yes' ? 'It teaches now.' : 'It is left out of the measures.'
		);
		isBusy = false;
	}
</script>

<section class="sheet grid gap-2 p-4" aria-labelledby="odd" data-odd>
	<h3 id="odd" class="text-lg">Did it take {wholeNumber(odd.bags)} bags?</h3>
	<p>
		So the labels of its balls say. {odd.words} Were all its balls given by their labels, and none left
		over? Until that is said, it teaches the measures nothing.
	</p>
	<div class="flex flex-wrap gap-3">
		{#each answers as { value, label } (value)}
			<form method="POST" action="?/keep" onsubmit={(event) => void answer(event, value)}>
				<input type="hidden" name="type" value="teaches" />
				<input type="hidden" name="key" value={keys[value]} />
				<input type="hidden" name="mat" value={code} />
				<input type="hidden" name="is_so" {value} />
				<button class="btn h-auto min-h-11">{label}</button>
			</form>
		{/each}
	</div>
	<p class="quiet" role="status">{said}</p>
</section>
