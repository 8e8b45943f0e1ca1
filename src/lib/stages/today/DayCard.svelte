<script lang="ts">
	// The next table day: when, who comes, and its one act.
	import { DayCard as say } from '$lib/words/today';
	import { clockWords } from '$lib/stages/table-day/clock';
	import { nearDayWords } from '$lib/ui/day-words';
	import type { NextDay } from './suggestions';

	const { day, today }: { day: NextDay; today: string } = $props();
	const isToday = $derived(day.day === today);
	const open = $derived(Math.max(0, day.people - day.seated));
	const href = $derived(
		day.people === 0 ? `/prepare/days#day-${day.id}` : `/prepare/days/${day.id}`
	);
	const act = $derived(
		day.isOpen
			? say.goOn()
			: day.people === 0
				? say.whoComes()
				: isToday
					? say.openTheDay()
					: open > 0
						? say.chooseSeats()
						: say.seeTheDay()
	);
</script>

<section
	class="grid gap-1 rounded-(--radius-box) bg-primary px-4 py-3 text-primary-content"
	aria-labelledby="next-day"
	data-next-day={day.day}
>
	<p class="flex justify-between gap-x-4 text-[0.9375rem]">
		<span>{say.tableDay()}</span>
		<span class="figure">{clockWords(day.fromMinute)}</span>
	</p>
	<h2 class="text-2xl font-bold" id="next-day">
		{isToday ? say.today() : nearDayWords(day.day, today)}
	</h2>
	<div class="flex flex-wrap items-center justify-between gap-x-4 gap-y-2">
		<p class="min-w-0 flex-1 basis-40">
			{day.people === 0
				? say.nobodySaidYes()
				: open > 0
					? say.comeWithoutASeat({ people: day.people, open })
					: say.comeAllSeated({ people: day.people })}
		</p>
		<a class="btn btn-accent" {href}>{act}</a>
	</div>
</section>
