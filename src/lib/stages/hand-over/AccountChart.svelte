<script lang="ts">
	// Mats handed over, month by month; without scripts as a list.
	import { AccountChart as say } from '$lib/words/hand-over';
	import { BarController, BarElement, CategoryScale, Chart, LinearScale } from 'chart.js';
	import type { ChartBar } from '$lib/core/drawing/bars-scene';
	import { chartLook, keepDrawn } from '$lib/ui/chart-look';
	import { wholeNumber } from '$lib/ui/number-words';

	Chart.register(BarController, BarElement, CategoryScale, LinearScale);

	const { bars }: { bars: readonly ChartBar[] } = $props();
	let canvas = $state<HTMLCanvasElement>();
	function draw(place: HTMLCanvasElement): Chart {
		const look = chartLook();
		return new Chart(place, {
			type: 'bar',
			data: {
				labels: bars.map(({ name }) => name),
				datasets: [
					{
						data: bars.map(({ value }) => value),
						backgroundColor: look.leaf,
						borderColor: look.ink,
						borderWidth: 1.5
					}
				]
			},
			options: {
				maintainAspectRatio: false,
				scales: {
					x: { grid: { display: false } },
					y: { beginAtZero: true, ticks: { precision: 0 }, grid: { color: look.grid } }
				},
				plugins: { legend: { display: false } }
			}
		});
	}
	$effect(() => {
		if (!canvas) return;
		const place = canvas;
		return keepDrawn(() => draw(place));
	});
</script>

<section class="sheet grid grid-cols-[minmax(0,1fr)] gap-2 p-4" aria-labelledby="course">
	<h2 id="course">{say.whenTheyWent()}</h2>
	<div class="h-52 min-w-0">
		<canvas bind:this={canvas} aria-hidden="true"></canvas>
	</div>
	<p class="quiet text-[0.9375rem]" data-bars>
		{say.mats({
			bars: bars
				.filter(({ value }) => value > 0)
				.map(({ name, value }) => `${name} ${wholeNumber(value)}`)
				.join(', ')
		})}
	</p>
</section>
