<script lang="ts">
	// Mats by the end of each week: what is likely, its range as a band, and the line of what is wanted.
	import { SeasonChart as say } from '$lib/words/season';
	import { Chart, Filler, LinearScale, LineController, LineElement, PointElement } from 'chart.js';
	import type { SeasonBand } from '$lib/core/season/forecast';
	import { chartLook, keepDrawn } from '$lib/ui/chart-look';
	import { dayAfter } from '$lib/ui/days';
	import { shortDayWords } from '$lib/ui/day-words';
	import { fixed } from '$lib/ui/number-words';
	import Table from '$lib/ui/Table.svelte';

	Chart.register(Filler, LinearScale, LineController, LineElement, PointElement);

	interface Props {
		weeks: readonly SeasonBand[];
		today: string;
		wanted: number;
		/** Mats that are there today. */
		start: number;
	}
	const { weeks, today, wanted, start }: Props = $props();
	let canvas = $state<HTMLCanvasElement>();
	const dayOf = (week: number) => shortDayWords(dayAfter(today, 7 * week));
	function draw(place: HTMLCanvasElement): Chart {
		const look = chartLook();
		const line = (of: 'low' | 'expected' | 'high') => [
			{ x: 0, y: start },
			...weeks.map((band, at) => ({ x: at + 1, y: band[of] }))
		];
		const plain = { pointRadius: 0, borderWidth: 0 };
		return new Chart(place, {
			type: 'line',
			data: {
				datasets: [
					{ ...plain, data: line('low') },
					{
						...plain,
						data: line('high'),
						fill: '-1',
						backgroundColor: `color-mix(in srgb, ${look.blue} 20%, transparent)`
					},
					{ pointRadius: 2, data: line('expected'), borderColor: look.blue, borderWidth: 3 },
					{
						pointRadius: 0,
						data: [
							{ x: 0, y: wanted },
							{ x: weeks.length, y: wanted }
						],
						borderColor: look.ink,
						borderWidth: 2,
						borderDash: [8, 5]
					}
				]
			},
			options: {
				maintainAspectRatio: false,
				parsing: false,
				scales: {
					x: {
						type: 'linear',
						min: 0,
						max: weeks.length,
						// Whole weeks, as far apart as their days can be read.
						afterBuildTicks: (axis) => {
							const every = Math.max(1, Math.ceil(weeks.length / 5));
							axis.ticks = weeks.flatMap((_, at) => (at % every === 0 ? [{ value: at }] : []));
						},
						ticks: {
							autoSkip: false,
							callback: (value) => (value === 0 ? 'today' : dayOf(Number(value)))
						},
						grid: { display: false }
					},
					y: { beginAtZero: true, ticks: { precision: 0 }, grid: { color: look.grid } }
				},
				plugins: { legend: { display: false } }
			}
		});
	}
	$effect(() => {
		if (!canvas || weeks.length === 0) return;
		const place = canvas;
		void [wanted, start];
		return keepDrawn(() => draw(place));
	});
</script>

{#if weeks.length > 0}
	<div class="h-64 min-w-0">
		<canvas bind:this={canvas} aria-hidden="true"></canvas>
	</div>
	<p class="quiet text-[0.9375rem]">
		{say.theDashedLineIsWhat()}
	</p>
	<details>
		<summary class="inline-flex min-h-11 cursor-pointer items-center underline underline-offset-3"
			>{say.weekByWeek()}</summary
		>
		<Table
			heads={[
				say.by(),
				{ label: say.likely(), isFigure: true },
				{ label: say.atLeast(), isFigure: true },
				{ label: say.atMost(), isFigure: true }
			]}
		>
			{#each weeks as band, at (at)}
				<tr class="border-t border-base-300">
					<td>{dayOf(at + 1)}</td>
					<td class="figure text-right">{fixed(band.expected, 1)}</td>
					<td class="figure text-right">{band.low}</td>
					<td class="figure text-right">{band.high}</td>
				</tr>
			{/each}
		</Table>
	</details>
{:else}<p class="quiet">{say.lessThanAWeekIs()}</p>{/if}
