<script lang="ts">
	// The course of every pile over the day, by the run that the headline ends; the bands are what chance does to it.
	import { CourseChart as say } from '$lib/words/table-day';
	import {
		Chart,
		Filler,
		Legend,
		LinearScale,
		LineController,
		LineElement,
		PointElement
	} from 'chart.js';
	import { lineBuffers } from '$lib/core/assembly-line/assembly-line';
	import { chartLook, keepDrawn } from '$lib/ui/chart-look';
	import { clockWords } from './clock';
	import type { DayBench } from './day-bench.svelte';

	Chart.register(Filler, Legend, LinearScale, LineController, LineElement, PointElement);

	const { bench }: { bench: DayBench } = $props();
	let canvas = $state<HTMLCanvasElement>();
	const names = {
		bags: say.bags(),
		flat: say.flat(),
		pieces: say.bagsInPieces(),
		joined: say.yarn(),
		balls: say.balls()
	};

	function draw(place: HTMLCanvasElement): Chart {
		const look = chartLook();
		const looks = {
			bags: [look.ink, [10, 6]],
			flat: [look.blue, []],
			pieces: [look.butter, [3, 3]],
			joined: [look.leaf, [2, 4]],
			balls: [look.ink, []]
		} as const;
		const { chance, day, work, course } = bench;
		// Pieces are drawn as the bags they came from, so that one axis serves.
		const scale = (name: string) => (name === 'pieces' ? 1 / work.line.piecesPerBag : 1);
		const minutes = (chance?.atS ?? []).map((atS) => day.from + atS / 60);
		const datasets = chance
			? lineBuffers.flatMap((name) => {
					const [colour, dash] = looks[name];
					const band = chance.bands[name];
					const axis = name === 'balls' ? 'balls' : 'film';
					const of = (values: readonly number[]) =>
						values.map((y, nth) => ({ x: minutes[nth] ?? 0, y: y * scale(name) }));
					const common = { yAxisID: axis, pointRadius: 0, borderColor: colour };
					return [
						{ ...common, label: '', data: of(band.low), borderWidth: 0 },
						{
							...common,
							label: '',
							data: of(band.high),
							borderWidth: 0,
							fill: '-1',
							backgroundColor: `color-mix(in srgb, ${colour} 22%, transparent)`
						},
						{
							...common,
							label: names[name],
							data: course.map(({ atS, amounts }) => ({
								x: day.from + atS / 60,
								y: amounts[name] * scale(name)
							})),
							stepped: name === 'balls' ? ('before' as const) : false,
							borderWidth: name === 'balls' ? 3 : 2,
							borderDash: [...dash],
							backgroundColor: colour
						}
					];
				})
			: [];
		return new Chart(place, {
			type: 'line',
			data: { datasets },
			options: {
				maintainAspectRatio: false,
				parsing: false,
				scales: {
					x: {
						type: 'linear',
						min: day.from,
						max: day.to,
						ticks: { stepSize: 30, callback: (value) => clockWords(Number(value)) },
						grid: { color: look.grid }
					},
					film: {
						position: 'left',
						beginAtZero: true,
						title: { display: true, text: say.bagsOfFilm() },
						grid: { color: look.grid }
					},
					balls: {
						position: 'right',
						beginAtZero: true,
						title: { display: true, text: say.balls() },
						grid: { display: false }
					}
				},
				plugins: {
					legend: {
						labels: { boxWidth: 36, boxHeight: 1, filter: ({ text }) => text !== '' }
					}
				}
			}
		});
	}

	$effect(() => {
		if (!canvas || !bench.chance) return;
		const place = canvas;
		return keepDrawn(() => draw(place));
	});
</script>

<div class="h-64">
	<canvas bind:this={canvas} aria-hidden="true"></canvas>
</div>
