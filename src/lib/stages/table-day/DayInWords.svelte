<script lang="ts">
	// The day without a picture: what lies at each place, and who sits where, from when to when.
	import { DayInWords as say } from '$lib/words/table-day';
	import { lineBuffers } from '$lib/core/assembly-line/assembly-line';
	import { clockWords } from './clock';
	import type { DayBench } from './day-bench.svelte';

	const { bench }: { bench: DayBench } = $props();
	const { day } = $derived(bench);
	const nameOf = (id: string) => day.people.find((one) => one.id === id)?.name ?? '';
	const halfHours = $derived.by(() => {
		const all: number[] = [];
		for (let minute = day.from; minute <= day.to; minute += 30) all.push(minute);
		return all;
	});
	const amountsAt = (minute: number) =>
		bench.course.findLast(({ atS }) => atS <= (minute - day.from) * 60 + 1e-6)?.amounts;
</script>

<details class="sheet px-4 py-1 open:pb-4">
	<summary class="flex min-h-11 cursor-pointer items-center font-semibold"
		>{say.theDayInWords()}</summary
	>
	<div class="overflow-x-auto">
		<table class="table">
			<caption class="sr-only">{say.whatLiesAtEachPlace()}</caption>
			<thead
				><tr
					><th scope="col">{say.at()}</th>{#each lineBuffers as place (place)}<th scope="col"
							>{place}</th
						>{/each}</tr
				></thead
			>
			<tbody>
				{#each halfHours as minute (minute)}
					{@const amounts = amountsAt(minute)}
					<tr>
						<th scope="row">{clockWords(minute)}</th>
						{#each lineBuffers as place (place)}<td>{Math.round(amounts?.[place] ?? 0)}</td>{/each}
					</tr>
				{/each}
			</tbody>
		</table>
	</div>
	<ul class="mt-3">
		{#each bench.seats as seat (`${seat.personId}${seat.from}`)}
			<li>
				{say.to({
					nameOf: nameOf(seat.personId),
					station: seat.station,
					clock: clockWords(seat.from),
					clock2: clockWords(seat.to)
				})}
			</li>
		{/each}
	</ul>
</details>
