<script lang="ts">
	import { braid, crossingsHome, pairOf } from '$lib/core/techniques/bands/braid';
	import type { BandsMat } from '$lib/core/techniques/bands/bands-mat';

	const { mat, readable }: { mat: BandsMat; readable: (mm: number) => string } = $props();
	// Above: two bands linked edge to edge. Below: the turn, crossing by crossing.
	const k = $derived(mat.warpStrands);
	const home = $derived(crossingsHome(k));
	let crossings = $state(3);
	const shownCrossings = $derived(Math.min(crossings, home));
	const order = $derived(braid(k, shownCrossings));
	const names = ['a', 'b', 'c', 'd'];
	const inks = [
		'stroke-primary',
		'stroke-secondary',
		'stroke-base-content',
		'stroke-base-content/50'
	];
	const step = 58;
	const lane = 20;
	/** The way of one strand through all crossings shown. */
	const wayOf = (strand: number): string => {
		let path = `M0 ${strand * lane}`;
		for (let crossing = 1; crossing <= shownCrossings; crossing++) {
			const before = braid(k, crossing - 1).indexOf(strand) * lane;
			const after = braid(k, crossing).indexOf(strand) * lane;
			const x = crossing * step;
			path += `C${x - step / 2} ${before} ${x - step / 2} ${after} ${x} ${after}`;
		}
		return path;
	};
	const said = $derived.by(() => {
		if (shownCrossings === 0) return 'As they lie before the turn.';
		const [left] = pairOf(k, shownCrossings - 1);
		return `Crossing ${shownCrossings} swaps the ${left === 0 ? 'left' : 'right'} pair; from left to right now: ${order.map((strand) => names[strand]).join(', ')}.`;
	});
	const bandHeight = 46;
	const passes = 16;
	const described = $derived(
		`${mat.bands} bands, each ${readable(mat.bandWidthMm)} wide, of ${k} strands along the mat with a weaver going over and under across and linking into the band before at every return.`
	);
</script>

<svg viewBox="0 0 620 120" class="w-full" role="img" aria-label={described}>
	{#each [0, 1] as band (band)}
		{@const top = 10 + band * (bandHeight + 3)}
		{#each { length: k } as _, strand (strand)}
			<path
				d="M8 {top + ((strand + 0.5) * bandHeight) / k}H612"
				class="stroke-primary/45"
				stroke-width={(bandHeight / k) * 0.7}
			/>
		{/each}
		<path
			d="M8 {top}{Array.from({ length: passes }, (_, pass) => {
				const x = 8 + ((pass + 1) * 604) / passes;
				return `L${x} ${top + (pass % 2 === 0 ? bandHeight : band === 0 ? 0 : -6)}`;
			}).join('')}"
			fill="none"
			class="film stroke-secondary/80"
			stroke-width="6"
			stroke-linejoin="round"
		/>
	{/each}
	<text x="8" y="118" font-size="13" class="fill-base-content">
		the weaver links into the band before at every return; pulled too tight it curls
	</text>
</svg>
<div class="grid gap-2">
	<label class="flex flex-wrap items-center gap-3 text-[0.9375rem]">
		The turn at the end of a band, braided: crossing
		<input
			class="range max-w-48 range-primary"
			type="range"
			min="0"
			max={home}
			step="1"
			bind:value={crossings}
			aria-valuetext={said}
		/>
		<span class="figure font-semibold">{shownCrossings} of {home}</span>
	</label>
	<svg
		viewBox="-24 -14 {home * step + 60} {k * lane + 8}"
		class="w-full max-w-xl"
		role="img"
		aria-label="The turn, seen from the worker: {said}"
	>
		{#each { length: k } as _, strand (strand)}
			<path
				d={wayOf(strand)}
				fill="none"
				class="film {inks[strand]}"
				stroke-width="8"
				stroke-linecap="round"
			/>
			<text x="-20" y={strand * lane + 5} font-size="14" class="fill-base-content"
				>{names[strand]}</text
			>
			<text
				x={shownCrossings * step + 12}
				y={order.indexOf(strand) * lane + 5}
				font-size="14"
				class="fill-base-content">{names[strand]}</text
			>
		{/each}
	</svg>
	<p class="quiet text-[0.9375rem]" role="status">{said}</p>
</div>
