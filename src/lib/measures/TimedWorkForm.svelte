<script lang="ts">
	// Work timed: how many of what, by how many people, in how many minutes.
	import { countedWords } from '$lib/ui/unit-words';
	import { TimedWorkForm as say } from '$lib/words/measures';
	import EntryField from '$lib/entries/EntryField.svelte';
	import EntryForm from '$lib/entries/EntryForm.svelte';
	import EntrySelect from '$lib/entries/EntrySelect.svelte';
	import type { Task } from '$lib/core/effort/tasks';
	import { waysOf, tasks, taskUnits } from '$lib/core/effort/tasks';
	import { readEntry } from '$lib/entries/read-entry';
	import { oddTime } from './odd-time';
	import { oddWords } from './plan-basis';
	import { wayTitle, taskTitles } from './measure-words';
	import { getOutbox } from '$lib/entries/outbox-context';
	import type { SentForm } from '$lib/entries/typed-form.svelte';
	import { TypedForm } from '$lib/entries/typed-form.svelte';
	import type { StitchTerms } from '$lib/ui/stitch-words';
	import { untrack } from 'svelte';

	interface Props {
		makers: readonly string[];
		today: string;
		terms: StitchTerms;
		sent?: SentForm | null | undefined;
	}
	const { makers, today, terms, sent }: Props = $props();
	const outbox = getOutbox();
	const form = untrack(
		() =>
			new TypedForm(
				'timed',
				{
					work: 'join',
					way: 'loop',
					maker: '',
					units: '',
					people: '1',
					minutes: '',
					worked_on: today
				},
				outbox,
				sent
			)
	);
	// The hall's day may be another than was thought, and days end.
	$effect(() => {
		const day = today;
		untrack(() => form.startWith('worked_on', day));
	});
	const work = $derived((form.typed.work ?? 'join') as Task);
	const unit = $derived(taskUnits[work].unit);
	const ways = $derived(waysOf(work));
	const odd = $derived.by(() => {
		const { entry } = readEntry('timed', form.typed, outbox.readBy());
		return entry?.type === 'timed' ? oddTime(entry) : null;
	});
	const question = $derived(odd ? oddWords(odd) : form.problems.sure);
</script>

<EntryForm
	{form}
	question={question ?? ''}
	title={say.workTimed()}
	act={say.saveTime()}
	isMain={false}
	may={() => !odd || form.typed.sure === 'yes'}
	stays={['work', 'way', 'maker', 'worked_on', 'people']}
>
	<EntrySelect
		{form}
		field="work"
		label={say.work()}
		options={tasks.map((value) => ({ value, label: taskTitles[value] }))}
	/>
	{#if ways.length > 1}
		<EntrySelect
			{form}
			field="way"
			label={say.how()}
			options={ways.map((value) => ({ value, label: wayTitle(value, terms) }))}
		/>
	{/if}
	<div class="grid grid-cols-3 gap-3">
		<EntryField
			{form}
			field="units"
			label={say.howMany({ unit: countedWords(unit) })}
			inputmode="numeric"
			hint={unit === 'crossings' ? say.rowsStrands() : ''}
		/>
		<EntryField {form} field="people" label={say.people()} inputmode="numeric" />
		<EntryField {form} field="minutes" label={say.minutes()} inputmode="decimal" />
	</div>
	<div class="grid grid-cols-2 gap-3">
		<EntryField {form} field="worked_on" label={say.onThisDay()} type="date" />
		<EntryField {form} field="maker" label={say.whoOptional()} offers={makers} />
	</div>
</EntryForm>
