<script lang="ts">
	import { WidthChart as say } from '$lib/words/plan';
	import {
		CategoryScale,
		Chart,
		Legend,
		LinearScale,
		LineController,
		LineElement,
		PointElement,
		Tooltip
	} from 'chart.js';
	import type { Bench } from '$lib/stages/plan/bench/bench.svelte';
	import { sweepStripWidths, variedCut } from '$lib/core/compare/width-sweep';
	import { figure, wholeNumber } from '$lib/ui/number-words';
	import { chartLook, keepDrawn } from '$lib/ui/chart-look';

	Chart.register(
		CategoryScale,
		Legend,
		LinearScale,
		LineController,
		LineElement,
		PointElement,
		Tooltip
	);

	const { bench }: { bench: Bench } = $props();
	const points = $derived(sweepStripWidths(bench.plan, bench.practice));
	const isLoom = $derived(bench.plan.technique.kind === 'peg-loom');
	const nowMm = $derived(
		(bench.estimate.model.weftYield ?? bench.estimate.model.yield).stripWidthMm
	);
	let canvas = $state<HTMLCanvasElement>();

	function draw(place: HTMLCanvasElement): Chart {
		const look = chartLook();
		const line = (
			label: string,
			axis: string,
			colour: string,
			dash: number[],
			value: (at: number) => number
		) => ({
			label,
			yAxisID: axis,
			borderColor: colour,
			backgroundColor: colour,
			borderDash: dash,
			borderWidth: 2.5,
			pointRadius: points.map((point) => (Math.abs(point.stripWidthMm - nowMm) < 1.3 ? 6 : 0)),
			pointHitRadius: 14,
			data: points.map((point, at) => ({ x: point.stripWidthMm, y: value(at) }))
		});
		return new Chart(place, {
			type: 'line',
			data: {
				datasets: [
					line(say.bagsToCollect(), 'bags', look.blue, [], (at) => points[at]?.bags ?? 0),
					line('hours', 'hours', look.ink, [7, 4], (at) => points[at]?.hours ?? 0),
					line('cover', 'cover', look.leaf, [2, 3], (at) => points[at]?.cover ?? 0)
				]
			},
			options: {
				maintainAspectRatio: false,
				parsing: false,
				interaction: { mode: 'index', intersect: false },
				onClick: (_event, elements) => {
					const point = points[elements[0]?.index ?? -1];
					if (!point) return;
					bench.slideStripWidth(isLoom ? 'weft_' : '', Math.round(point.stripWidthMm));
					bench.note();
				},
				scales: {
					x: {
						type: 'linear',
						title: {
							display: true,
							text: isLoom ? say.widthOfTheWeftStrip() : say.stripWidthMm()
						},
						grid: { color: look.grid }
					},
					bags: {
						position: 'left',
						title: { display: true, text: say.bags2() },
						grid: { color: look.grid },
						beginAtZero: true
					},
					hours: {
						position: 'right',
						title: { display: true, text: say.hours2() },
						grid: { display: false },
						beginAtZero: true
					},
					cover: {
						position: 'right',
						title: { display: true, text: say.closeness() },
						grid: { display: false },
						beginAtZero: true
					}
				},
				plugins: { legend: { labels: { usePointStyle: false, boxWidth: 36, boxHeight: 1 } } }
			}
		});
	}

	$effect(() => {
		if (!canvas || points.length === 0) return;
		const place = canvas;
		return keepDrawn(() => draw(place));
	});

	const few = $derived(points.filter((_, at) => at % 10 === 0));
</script>

<section class="grid grid-cols-[minmax(0,1fr)] gap-3" aria-labelledby="width-chart">
	<h2 id="width-chart">{say.stripWidthAgainstWork()}</h2>
	{#if variedCut(bench.plan) === null}
		<p class="text-[0.9375rem]">
			{say.thisCutHasNoWidth()}
		</p>
	{:else}
		<p class="quiet text-[0.9375rem]">
			{say.forThisTechniqueAllElse()}
		</p>
		<div class="h-64" role="img" aria-label={say.bagsHoursAndCoverBy()}>
			<canvas bind:this={canvas}></canvas>
		</div>
		<details>
			<summary class="link-row cursor-pointer">{say.showAsATable()}</summary>
			<table class="text-left text-[0.9375rem]">
				<thead
					><tr
						><th class="pr-4">{say.width()}</th><th class="pr-4">{say.bags()}</th><th class="pr-4"
							>{say.hours()}</th
						><th>{say.closeness2()}</th></tr
					></thead
				>
				<tbody>
					{#each few as point (point.stripWidthMm)}
						<tr>
							<th class="pr-4 font-normal" scope="row"
								>{bench.readable(point.stripWidthMm, 'small')}</th
							>
							<td class="figure pr-4">{wholeNumber(point.bags)}</td>
							<td class="figure pr-4">{figure(point.hours)}</td>
							<td class="figure">{point.cover.toFixed(2)}</td>
						</tr>
					{/each}
				</tbody>
			</table>
		</details>
	{/if}
</section>
