<script lang="ts">
	// A mat begun: by which plan, and who makes it.
	import { BeginForm as say } from '$lib/words/making';
	import CodeField from '$lib/entries/CodeField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import { untrack } from 'svelte';

	interface Props {
		plans: readonly { readonly id: string; readonly name: string }[];
		people: readonly { readonly id: string; readonly name: string }[];
		sent?: SentForm | null | undefined;
	}
	const { plans, people, sent }: Props = $props();
	const form = untrack(
		() =>
			new TypedForm('begin', { plan: plans[0]?.id ?? '', person: '', code: '' }, getOutbox(), sent)
	);
</script>

<EntryForm {form} title={say.startAMat()} act={say.start()} stays={['plan']}>
	<EntrySelect
		{form}
		field="plan"
		label={say.plan()}
		options={plans.map(({ id, name }) => ({ value: id, label: name }))}
	/>
	<EntrySelect
		{form}
		field="person"
		label={say.maker()}
		options={[
			{ value: '', label: say.atTheTable() },
			...people.map(({ id, name }) => ({ value: id, label: name }))
		]}
	/>
	<CodeField {form} field="code" label={say.labelOptional()} />
</EntryForm>
