<script lang="ts">
	// How many mats a place is promised: a later word stands for the one before.
	import { PromiseForm as say } from '$lib/words/hand-over';
	import { actTo } from '$lib/ui/offered';
	import EntryField from '$lib/entries/EntryField.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { tick, untrack } from 'svelte';
	import type { AskLine } from './hand-over-view';

	const { ask }: { ask: AskLine } = $props();
	const form = untrack(
		() =>
			new TypedForm(
				'promised',
				{ ask: String(ask.id), mats: String(ask.promised ?? '') },
				getOutbox(),
				null,
				`promised-${ask.id}`
			)
	);
	let place = $state<HTMLFormElement>();
	async function promise(event: SubmitEvent): Promise<void> {
		event.preventDefault();
		const words = say.matsPromisedTo({ typed: form.typed['mats'] ?? '', placeName: ask.placeName });
		if (await form.submit(words, ['ask', 'mats'])) return;
		await tick();
		place?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
	}
</script>

<form
	class="flex max-w-full min-w-0 flex-wrap items-end gap-3"
	method="POST"
	{...actTo('?/keep', 'promised')}
	bind:this={place}
	onsubmit={(event) => void promise(event)}
>
	<input type="hidden" name="type" value="promised" />
	<input type="hidden" name="key" value={form.key} />
	<input type="hidden" name="ask" value={ask.id} />
	<div class="w-40 max-w-full">
		<EntryField {form} field="mats" label={say.promise()} inputmode="numeric" />
	</div>
	<button class="btn"
		>{say.promised()}<span class="sr-only"> {say.to({ placeName: ask.placeName })}</span></button
	>
	<p class="quiet" role="status">{form.said}</p>
</form>
