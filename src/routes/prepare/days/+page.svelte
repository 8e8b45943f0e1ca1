<script lang="ts">
	// The days the table meets, by month: its rhythm, who comes, who is away, and the one act of each day.
	import { PrepareDaysPage as say } from '$lib/words/table-day';
	import AwayForm from '$lib/stages/table-day/AwayForm.svelte';
	import DayLine from '$lib/stages/table-day/DayLine.svelte';
	import MonthGrid from '$lib/stages/table-day/MonthGrid.svelte';
	import RhythmForm from '$lib/stages/table-day/RhythmForm.svelte';
	import WeekLine from '$lib/stages/table-day/WeekLine.svelte';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import { actTo } from '$lib/ui/offered';
	import { monthAfter, weeksOfMonth } from '$lib/stages/table-day/month';
	import { rhythmWords } from '$lib/stages/table-day/rhythm-words';
	import { wholeMonthWords } from '$lib/ui/day-words';
	import ChevronLeft from '@lucide/svelte/icons/chevron-left';
	import ChevronRight from '@lucide/svelte/icons/chevron-right';
	import Plus from '@lucide/svelte/icons/plus';
	import { newKey } from '$lib/ui/new-key';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const added = $derived(form && 'added' in form ? form.added : null);
	const met = $derived(form && 'met' in form ? form.met : null);
	const gone = $derived(form && 'gone' in form ? form.gone : null);
	const problems = $derived<Readonly<Record<string, string>>>(added?.problems ?? {});
	const weeks = $derived(weeksOfMonth(data));
	/** Weeks that are not over and have a day of the month. */
	const toCome = $derived(weeks.filter((week) => (week.at(-1)?.day ?? '') >= data.today));
	const isInMonth = (day: string) => day.startsWith(data.month);
	const behind = $derived(
		data.days.filter(({ day }) => day < data.today && isInMonth(day)).toReversed()
	);
	const hasComing = $derived(data.days.some(({ day }) => day >= data.today));
	const lastPlace = $derived(data.rhythm?.place ?? data.days.at(-1)?.place ?? '');
	const key = newKey();
</script>

<PageTitle>
	{#if hasComing}
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
		{#snippet rhythmForm()}
			{#key data.rhythm?.version}
				<RhythmForm
					rhythm={data.rhythm}
					today={data.today}
					place={lastPlace}
					plans={data.plans}
					people={data.people}
					typed={met?.typed}
					problems={met?.problems ?? {}}
				/>
			{/key}
		{/snippet}
		{#if data.rhythm}
			<details class="sheet px-4 py-1 open:pb-4" open={met !== null} id="rhythm">
				<summary class="flex min-h-11 cursor-pointer flex-wrap items-center gap-x-3">
					<strong data-rhythm-words>{rhythmWords(data.rhythm, data.today)}</strong>
					<span class="underline underline-offset-3" hidden={actTo('?/rhythm').hidden}
						>{say.editRhythm()}</span
					>
				</summary>
				{@render rhythmForm()}
			</details>
		{:else}
			<section
				class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4"
				id="rhythm"
				aria-labelledby="when"
			>
				<h2 id="when">{say.whenDoYouMeet()}</h2>
				<p class="quiet">{say.setItOnce()}</p>
				{@render rhythmForm()}
			</section>
		{/if}
		<section class="sheet px-4 pt-3 pb-2" aria-labelledby="month">
			<div class="flex flex-wrap items-center justify-between gap-2">
				<h2 id="month">{wholeMonthWords(data.month)}</h2>
				<span class="flex gap-1">
					<a
						class="btn btn-square"
						href="?month={monthAfter(data.month, -1)}"
						aria-label={say.before()}
						data-sveltekit-noscroll
						data-sveltekit-keepfocus><ChevronLeft class="size-5" aria-hidden="true" /></a
					>
					<a
						class="btn btn-square"
						href="?month={monthAfter(data.month, 1)}"
						aria-label={say.after()}
						data-sveltekit-noscroll
						data-sveltekit-keepfocus><ChevronRight class="size-5" aria-hidden="true" /></a
					>
				</span>
			</div>
			<MonthGrid month={data.month} {weeks} today={data.today} />
			{#if data.days.every(({ day }) => !isInMonth(day))}
				<p class="pt-2">{say.nothingThisMonth()}</p>
			{/if}
			{#each toCome as week (week[0]?.day)}
				<WeekLine {week} month={data.month} shut={data.shut} today={data.today}>
					{#each week
						.flatMap(({ tables }) => tables)
						.filter(({ day }) => day >= data.today) as day (day.id)}
						<DayLine {day} people={data.people} today={data.today} month={data.month} />
					{/each}
				</WeekLine>
			{/each}
		</section>
		{#if behind.length > 0}
			<details class="sheet px-4 py-1" open>
				<summary class="flex min-h-11 cursor-pointer items-center font-semibold"
					>{say.pastDays()}</summary
				>
				<ul>
					{#each behind as day (day.id)}
						<DayLine {day} people={data.people} today={data.today} month={data.month} />
					{/each}
				</ul>
			</details>
		{/if}
	</div>
	<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
		<AwayForm
			away={data.away}
			people={data.people}
			today={data.today}
			month={data.month}
			typed={gone?.typed}
			problems={gone?.problems ?? {}}
		/>
		<form
			id="new-day"
			class="sheet grid grid-cols-[minmax(0,1fr)] gap-3 p-4"
			method="POST"
			{...actTo('?/add')}
		>
			<h2>{data.rhythm?.rule ? say.oneMoreDay() : say.aTableDay()}</h2>
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
			<button class="btn {data.rhythm ? '' : 'btn-accent'}">{say.addTheDay()}</button>
		</form>
		{#if data.days.length > 0}
			<p>
				<a class="link-row" href="/prepare/days/calendar.ics">{say.addAllToCalendar()}</a>
			</p>
		{/if}
	</div>
</div>
