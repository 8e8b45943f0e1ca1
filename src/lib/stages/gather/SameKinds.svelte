<script lang="ts">
	// Two kinds of bag that are one: what is in store of the one goes to the other; and the way back.
	import { SameKinds as say } from '$lib/words/gather';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import TakeBackFold from '$lib/entries/TakeBackFold.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { untrack } from 'svelte';

	interface Props {
		kinds: readonly { readonly id: string; readonly name: string }[];
		same: readonly { readonly id: number; readonly name: string; readonly asName: string }[];
		sent?: SentForm | null | undefined;
	}
	const { kinds, same, sent }: Props = $props();
	const form = untrack(
		() => new TypedForm('same-kind', { kind: '', same_as: '' }, getOutbox(), sent)
	);
	const options = $derived([
		{ value: '', label: 'choose' },
		...kinds.map(({ id, name }) => ({ value: id, label: name }))
	]);
</script>

<details class="mt-3" open={Object.keys(form.problems).length > 0}>
	<summary class="flex min-h-11 cursor-pointer items-center">{say.mergeTwoKinds()}</summary>
	{#each same as { id, name, asName } (id)}
		<div class="py-1" data-same={name}>
			<p>{say.is({ name, asName })}</p>
			<TakeBackFold {id} words={say.thatIs({ name, asName })} {sent} />
		</div>
	{/each}
	{#if kinds.length > 1}
		<EntryForm {form} title={say.makeTwoKindsOne()} act={say.merge()} isMain={false}>
			<EntrySelect {form} field="kind" label={say.thisKind()} {options} />
			<EntrySelect {form} field="same_as" label={say.isTheSameAs()} {options} />
			<p class="quiet text-[0.9375rem]">{say.stockOfTheFirstKind()}</p>
		</EntryForm>
	{/if}
</details>
