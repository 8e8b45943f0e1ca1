<script lang="ts">
	import { PrepareDaysIdPage as say } from '$lib/words/table-day';
	import PageTitle from '$lib/entries/PageTitle.svelte';
	import MendingList from '$lib/stages/check/MendingList.svelte';
	import DayPlan from '$lib/stages/table-day/DayPlan.svelte';
	import { actsOfStation, cutOfLine } from '$lib/stages/know-how/links/lessons-at';
	import { seatStations } from '$lib/stages/people/seats';
	import { lineStations } from '$lib/core/assembly-line/assembly-line';
	import DayTerms from '$lib/stages/table-day/DayTerms.svelte';
	import DayRun from '$lib/stages/table-day/DayRun.svelte';
	import { restOf } from '$lib/stages/table-day/line-day';
	import { besideWanted } from '$lib/stages/table-day/beside-words';
	import { clockWords } from '$lib/stages/table-day/clock';
	import { nearDayWords } from '$lib/ui/day-words';
	import type { PageProps } from './$types';

	const { data, form }: PageProps = $props();
	const papers = [
		['seats', say.whoSitsWhere()],
		['stations', say.aCardForEachStation()],
		['door', say.forTheDoor()]
	] as const;
	const problems = $derived<Readonly<Record<string, string>>>(form?.problems ?? {});
	const likely = $derived(Math.round(data.day.people.reduce((sum, { chance }) => sum + chance, 0)));
	const aim = $derived(
		[
			data.day.ballsWanted === null ? '' : say.ballsWanted({ ballsWanted: data.day.ballsWanted }),
			...besideWanted(data.day),
			data.day.also ?? ''
		].filter((words) => words !== '')
	);
	/** The acts of the seats that are taken, or of the line where nobody is seated yet. */
	const actsOfDay = $derived([
		...new Set(
			[...(data.day.seats.length > 0 ? data.day.seats.map(({ station }) => station) : lineStations)]
				.toSorted((one, other) => seatStations.indexOf(one) - seatStations.indexOf(other))
				.flatMap((station) =>
					actsOfStation(station, cutOfLine(data.work?.line.cutTool ?? 'scissors'))
				)
		)
	]);
	/** On the day itself everything is foreseen from now on, from what lies there. */
	const rest = $derived(
		data.minute === null || data.day.isClosed ? data.day : restOf(data.day, data.minute)
	);
	const work = $derived(
		data.work && { ...data.work, stock: { ...data.work.stock, balls: data.taps.done.ball } }
	);
	const isTermsOpen = $derived(form ? 'typed' in form && Object.keys(problems).length > 0 : false);
</script>

<PageTitle of={nearDayWords(data.day.day, data.group.today)} />

<div class="grid grid-cols-[minmax(0,1fr)] gap-4">
	<header>
		<h2>{nearDayWords(data.day.day, data.group.today)}, {data.day.place}</h2>
		<p class="quiet">
			{[
				say.to({ clock: clockWords(data.day.from), clock2: clockWords(data.day.to) }),
				say.saidYesLikely({ length: data.day.people.length, likely }),
				...aim
			].join(' · ')}
		</p>
		<p class="flex flex-wrap gap-x-6">
			{#if data.work}
				<span class="inline-flex min-h-11 items-center">{say.onPaper()}</span>
				{#each papers as [sheet, words] (sheet)}
					<a
						class="inline-flex min-h-11 link items-center"
						href="/prepare/days/{data.day.id}/{sheet}.pdf"
						data-sheet={sheet}>{words}</a
					>
				{/each}
			{/if}
			<a
				class="inline-flex min-h-11 link items-center"
				href="/know-how/cards.pdf?{new URLSearchParams(actsOfDay.map((act) => ['act', act]))}"
				data-sheet="acts">{say.howEachActIsDone()}</a
			>
			<a class="inline-flex min-h-11 link items-center" href="/prepare/days/{data.day.id}/day.ics"
				>{say.addToCalendar()}</a
			>
		</p>
	</header>
	{#if !data.day.isClosed}<details class="sheet px-4 py-1 open:pb-4" open={isTermsOpen}>
			<summary class="flex min-h-11 cursor-pointer items-center font-semibold"
				>{say.timeAndPurpose()}</summary
			>
			<DayTerms
				day={data.day}
				plans={data.plans}
				typed={form && 'typed' in form ? form.typed : undefined}
				{problems}
			/>
		</details>{/if}
	{#if work && (data.isBegun || data.taps.last.length > 0 || data.day.isOpen)}
		<DayRun
			day={data.day}
			{work}
			taps={data.taps}
			lots={data.lots}
			taught={data.taught}
			lacks={data.lacks}
			scrap={data.scrap}
			others={data.others}
			minute={data.minute}
			system={data.group.lengthSystem}
			problem={problems['run'] ?? ''}
		/>
	{/if}
	{#if data.day.isClosed}
		<!-- What is behind is not planned any more. -->
	{:else if data.day.people.length === 0}
		<p class="sheet p-4">
			{say.nobodyHasSaidTheyCome()}
			<a class="link" href="/prepare/days#day-{data.day.id}">{say.sayWhoComes()}</a
			>{say.thenChooseTheirSeats()}
		</p>
	{:else if !work}
		<p class="sheet p-4">
			{say.noPlansBagsCanBe()} <a class="link" href="/plan">{say.planAMat()}</a>
			{say.whoseBagIsOneOf()}
		</p>
	{:else}
		<DayPlan
			day={rest}
			{work}
			problem={form && 'typed' in form ? '' : (problems['seats'] ?? problems['day'] ?? '')}
		/>
	{/if}
	{#if (data.toMend.length > 0 || data.toShow.length > 0) && !data.day.isClosed}
		<MendingList mats={data.toMend} day={data.day} toShow={data.toShow} />
	{/if}
</div>
