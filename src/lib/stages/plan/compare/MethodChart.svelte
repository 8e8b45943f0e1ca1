<script lang="ts">
	import { MethodChart as msg } from '$lib/words/plan';
	import { Chart, Legend, LinearScale, PointElement, ScatterController, Tooltip } from 'chart.js';
	import type { FieldOfMethods } from '$lib/stages/plan/bench/method-field.svelte';
	import { techniqueKinds } from '$lib/core/techniques/technique';
	import { figure, wholeNumber } from '$lib/ui/number-words';
	import { chartLook, keepDrawn } from '$lib/ui/chart-look';

	Chart.register(Legend, LinearScale, PointElement, ScatterController, Tooltip);

	interface Props {
		field: FieldOfMethods;
		/** Where the plan on the bench lies. */
		here: { readonly bags: number; readonly hours: number };
		/** The few worth thinking about, by their places with spaces between: drawn large. */
		worth: string;
		onpick: (index: number) => void;
	}
	const { field, here, worth, onpick }: Props = $props();
	let canvas = $state<HTMLCanvasElement>();
	const names = ['crochet', msg.pegLoom(), msg.twinedFrame(), msg.fingerBands()];
	const shapes = ['circle', 'rect', 'triangle', 'rectRot'] as const;

	/** Far outliers would squeeze all others into a corner: the axes end where most methods do. */
	const edge = (values: Float64Array): number => {
		const sorted = Float64Array.from(values).sort();
		return roundUp((sorted[Math.floor(sorted.length * 0.9)] ?? 1) * 1.05);
	};
	/** The next figure that an axis ends well at. */
	const roundUp = (value: number): number => {
		const ten = 10 ** Math.floor(Math.log10(value));
		return ([1, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10].find((step) => step * ten >= value) ?? 10) * ten;
	};

	function draw(place: HTMLCanvasElement): Chart {
		const look = chartLook();
		const inks = [look.blue, look.leaf, look.ink, look.butter];
		const large = new Set(worth.split(' ').map(Number));
		const most = { bags: edge(field.bags), hours: edge(field.hours) };
		return new Chart(place, {
			type: 'scatter',
			data: {
				datasets: [
					...techniqueKinds.map((kind, at) => ({
						label: names[at] ?? kind,
						data: field.front
							.filter(({ technique }) => technique.kind === kind)
							.map(({ bags, hours, index, cover }) => ({ x: bags, y: hours, index, cover })),
						pointStyle: shapes[at] ?? 'circle',
						pointRadius: ({ raw }: { raw: unknown }) =>
							large.has((raw as { index: number }).index) ? 8 : 3,
						pointHoverRadius: 9,
						backgroundColor: inks[at] ?? look.ink,
						borderColor: look.sheet
					})),
					{
						label: msg.thisPlan(),
						data: [{ x: here.bags, y: here.hours, index: -1, cover: 0 }],
						pointStyle: 'crossRot' as const,
						pointRadius: 11,
						borderWidth: 4,
						borderColor: look.ink,
						backgroundColor: look.ink
					}
				]
			},
			options: {
				maintainAspectRatio: false,
				parsing: false,
				onClick: (_event, elements, chart) => {
					const hit = elements[0];
					if (!hit) return;
					const point = chart.data.datasets[hit.datasetIndex]?.data[hit.index] as {
						index?: number;
					};
					if (point.index !== undefined && point.index >= 0) onpick(point.index);
				},
				scales: {
					x: {
						min: 0,
						max: most.bags,
						title: { display: true, text: msg.bagsToCollect() },
						grid: { color: look.grid }
					},
					y: {
						min: 0,
						max: most.hours,
						title: { display: true, text: msg.hours() },
						grid: { color: look.grid }
					}
				},
				plugins: {
					legend: { labels: { usePointStyle: true } },
					tooltip: {
						callbacks: {
							label: ({ raw, dataset }) => {
								const at = raw as { x: number; y: number; cover?: number };
								return msg.bagsH({
									label: dataset.label ?? '',
									x: wholeNumber(at.x),
									y: figure(at.y),
									part: at.cover ? msg.coverOfClose({ round: Math.round(at.cover * 100) }) : ''
								});
							}
						}
					}
				}
			},
			plugins: [
				{
					// All methods as a cloud behind the front: far too many to be points one can touch.
					id: 'cloud',
					beforeDatasetsDraw({ ctx, scales: { x, y }, chartArea }) {
						if (!x || !y) return;
						ctx.save();
						ctx.beginPath();
						ctx.rect(chartArea.left, chartArea.top, chartArea.width, chartArea.height);
						ctx.clip();
						ctx.globalAlpha = 0.22;
						// Both axes are straight: two points of each say where all others lie.
						const [x0, y0] = [x.getPixelForValue(0), y.getPixelForValue(0)];
						const perBag = (x.getPixelForValue(most.bags) - x0) / most.bags;
						const perHour = (y.getPixelForValue(most.hours) - y0) / most.hours;
						const { bags, hours, kinds } = field;
						let kind = -1;
						for (let at = 0; at < bags.length; at++) {
							if (kinds[at] !== kind) {
								kind = kinds[at] ?? 0;
								ctx.fillStyle = inks[kind] ?? look.ink;
							}
							ctx.fillRect(
								x0 + (bags[at] ?? 0) * perBag - 1.5,
								y0 + (hours[at] ?? 0) * perHour - 1.5,
								3,
								3
							);
						}
						ctx.restore();
					}
				}
			]
		});
	}

	$effect(() => {
		if (!canvas) return;
		const place = canvas;
		return keepDrawn(() => draw(place));
	});
</script>

<div
	class="h-80"
	role="img"
	aria-label={msg.methodsByBagsAndHours({
		length: wholeNumber(field.bags.length),
		length2: field.front.length
	})}
>
	<canvas bind:this={canvas}></canvas>
</div>
