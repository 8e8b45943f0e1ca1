<script lang="ts">
	// The days the table meets, by month: who comes, and the one act of each.
	import { PrepareDaysPage as say } from '$lib/words/table-day';
	import DayLine from '$lib/stages/table-day/DayLine.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { actTo } from '$lib/ui/offered';
	import { groupBy } from '$lib/core/group-by';
	import { wholeMonthWords } from '$lib/ui/day-words';
	import Plus from '@lucide/svelte/icons/plus';
	import { newKey } from '$lib/ui/new-key';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const added = $derived(form && 'added' in form ? form.added : null);
	const problems = $derived<Readonly<Record<string, string>>>(added?.problems ?? {});
	const coming = $derived(data.days.filter(({ day }) => day >= data.today));
	const months = $derived([...groupBy(coming, ({ day }) => day.slice(0, 7))]);
	const behind = $derived(data.days.filter(({ day }) => day < data.today).toReversed());
	const lastPlace = $derived(data.days.at(-1)?.place ?? '');
	const key = newKey();
</script>

<PageTitle>
	{#if coming.length > 0}
		<a class="btn @min-[61rem]:hidden" href="#new-day" hidden={actTo('?/add').hidden}
			><Plus class="size-5" aria-hidden="true" />{say.addTheDay()}</a
		>
	{/if}
</PageTitle>

<div
	class="grid grid-cols-[minmax(0,1fr)] items-start gap-4 @min-[61rem]:grid-cols-[minmax(0,1fr)_20rem]"
>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		{#if form && 'message' in form && form.message}
			<p class="font-semibold text-error" role="alert">{form.message}</p>
		{/if}
		{#if coming.length === 0}
			<p class="sheet p-4">{say.noDayToComeYet()}</p>
		{/if}
		{#each months as [month, days] (month)}
			<section class="sheet px-4 pt-3 pb-1" aria-labelledby="month-{month}">
				<h2 id="month-{month}">{wholeMonthWords(month)}</h2>
				<ul class="mt-1">
					{#each days as day (day.id)}
						<DayLine {day} people={data.people} today={data.today} />
					{/each}
				</ul>
			</section>
		{/each}
		{#if behind.length > 0}
			<details class="sheet px-4 py-1" open>
				<summary class="flex min-h-11 cursor-pointer items-center font-semibold"
					>{say.pastDays()}</summary
				>
				<ul>
					{#each behind as day (day.id)}
						<DayLine {day} people={data.people} today={data.today} />
					{/each}
				</ul>
			</details>
		{/if}
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-2 {coming.length === 0 ? 'order-first' : ''}">
		<form
			id="new-day"
			class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4"
			method="POST"
			{...actTo('?/add')}
		>
			<h2>{say.aTableDay()}</h2>
			<input type="hidden" name="key" value={key} />
			<label class="grid grid-cols-[minmax(0,1fr)] gap-1">
				{say.on()}
				<input
					class="field"
					type="date"
					name="day"
					value={added?.typed.day ?? ''}
					aria-invalid={problems.day ? 'true' : undefined}
					aria-describedby={problems.day ? 'day-problem' : undefined}
				/>
				{#if problems.day}<span class="font-semibold text-error" id="day-problem" role="alert"
						>{problems.day}</span
					>{/if}
			</label>
			<label class="grid grid-cols-[minmax(0,1fr)] gap-1">
				{say.where()}
				<input
					class="field"
					name="place"
					autocomplete="off"
					value={added?.typed.place ?? lastPlace}
					aria-invalid={problems.place ? 'true' : undefined}
					aria-describedby={problems.place ? 'place-problem' : undefined}
				/>
				{#if problems.place}<span class="font-semibold text-error" id="place-problem" role="alert"
						>{problems.place}</span
					>{/if}
			</label>
			<button class="btn btn-accent">{say.addTheDay()}</button>
		</form>
		{#if data.days.length > 0}
			<p>
				<a class="link-row" href="/prepare/days/calendar.ics">{say.addAllToCalendar()}</a>
			</p>
		{/if}
	</div>
</div>
