<script lang="ts">
	// Everything measured, the newest first; any of it can be left out, and counted again.
	import { countedWords } from '$lib/ui/unit-words';
	import { MeasureList as say } from '$lib/words/measures';
	import { actTo } from '$lib/ui/offered';
	import { yearDayWords } from '$lib/ui/day-words';
	import { enhance } from '$app/forms';
	import { taskUnits } from '$lib/core/effort/tasks';
	import { measureWords, readingWords, taskTitles } from './measure-words';
	import type { MeasurementLine } from './lines';
	import type { TimedLine } from './lines';
	import { wholeNumber } from '$lib/ui/number-words';

	interface Props {
		measurements: readonly MeasurementLine[];
		timed: readonly TimedLine[];
	}
	const { measurements, timed }: Props = $props();
</script>

{#snippet row(
	of: 'measurement' | 'timed',
	line: MeasurementLine | TimedLine,
	title: string,
	on: string,
	says: string
)}
	<li
		class="flex flex-wrap items-center gap-3 border-t border-base-300 py-1 text-[0.9375rem] {line.isLeftOut
			? 'line-through decoration-2'
			: ''}"
	>
		<span class="flex-1"
			><strong>{title}</strong>, {on}{line.maker ? `, ${line.maker}` : ''}: {says}</span
		>
		<form method="POST" {...actTo('?/leave')} use:enhance>
			<input type="hidden" name="of" value={of} />
			<input type="hidden" name="id" value={line.id} />
			<input type="hidden" name="out" value={line.isLeftOut ? 'no' : 'yes'} />
			<button class="btn px-3 font-normal"
				>{line.isLeftOut ? say.countItAgain() : say.leaveItOut()}</button
			>
		</form>
	</li>
{/snippet}

<section class="sheet p-4" aria-labelledby="kept-measures">
	<h2 id="kept-measures">{say.whatWasMeasured()}</h2>
	{#if measurements.length + timed.length === 0}
		<p class="mt-2 text-[0.9375rem]">
			{say.nothingYetASwatchOf()}
		</p>
	{/if}
	<ul>
		{#each measurements as line (line.id)}
			{@render row(
				'measurement',
				line,
				line.isByPhoto
					? say.byPhoto({ what: measureWords[line.measure] })
					: measureWords[line.measure],
				yearDayWords(line.measuredOn),
				readingWords(line.readings)
			)}
		{/each}
		{#each timed as line (line.id)}
			{@render row(
				'timed',
				line,
				say.timedAt({ taskTitles: taskTitles[line.work] }),
				yearDayWords(line.workedOn),
				say.byInMin({
					units: wholeNumber(line.units),
					unit: countedWords(taskUnits[line.work].unit),
					people: line.people,
					minutes: line.minutes
				})
			)}
		{/each}
	</ul>
</section>
