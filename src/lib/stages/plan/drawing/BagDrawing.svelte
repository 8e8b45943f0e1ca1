<script lang="ts">
	import type { BagSketch, Band } from '$lib/core/cut/sketch-bag';

	interface Props {
		sketch: BagSketch;
		/** Whether the bands are turns of a spiral. */
		isSpiral?: boolean;
		/** How often the bag is folded before it is cut. */
		folds?: number;
		/** A height on the bag in the group's own words. */
		readable: (mm: number) => string;
	}
	const { sketch, isSpiral = false, folds = 0, readable }: Props = $props();

	// Drawn in pixels of a fixed box; up on the bag is up on the page.
	const boxWidth = 300;
	const boxHeight = 232;
	const margin = 8;
	const labels = 118;
	const scale = $derived(
		Math.min(
			(boxWidth - labels - margin) / sketch.widthMm,
			(boxHeight - 2 * margin) / (sketch.bodyMm + sketch.handleMm)
		)
	);
	const width = $derived(sketch.widthMm * scale);
	const left = margin;
	const bottom = $derived(boxHeight - margin);
	const x = $derived((mm: number) => left + mm * scale);
	const y = $derived((mm: number) => bottom - mm * scale);
	const gusset = $derived(Math.min(sketch.gussetMm * scale, width / 2.2));

	const handles = $derived.by(() => {
		const top = y(sketch.bodyMm + sketch.handleMm);
		const base = y(sketch.bodyMm);
		const strap = width * 0.24;
		const [a, b, c, d] = [left, left + strap, left + width - strap, left + width];
		return `M${a} ${base}V${top}H${b}C${b} ${base - 4} ${b + strap * 0.4} ${base} ${b + strap * 0.7} ${base}H${c - strap * 0.7}C${c - strap * 0.4} ${base} ${c} ${base - 4} ${c} ${top}H${d}V${base}Z`;
	});
	const isRoomy = (band: Band) => (band.toMm - band.fromMm) * scale >= 14;
	const word = (band: Band): string => {
		switch (band.kind) {
			case 'trim-bottom':
				return 'seam off';
			case 'strip':
				return isSpiral ? `turn ${band.ring}` : `ring ${band.ring}`;
			case 'short-strip':
				return 'short ring';
			case 'offcut':
				return 'left over';
			case 'trim-top':
				return 'trim';
		}
	};
	const rings = $derived(sketch.bands.filter((band) => band.ring !== null));
	const ringMm = $derived((rings[0]?.toMm ?? 0) - (rings[0]?.fromMm ?? 0));
	const isHalved = $derived(sketch.lines.some(({ kind }) => kind === 'down'));
	const described = $derived(
		isHalved
			? `A bag ${readable(sketch.widthMm)} wide lying flat, cut down the middle between the handles into two halves; nothing is trimmed.`
			: `A bag ${readable(sketch.widthMm)} wide lying flat, cut ${
					isSpiral
						? `into one spiral strip of ${rings.length} turns of ${readable(ringMm)}: slit up to a margin, then slanted over to the next slit`
						: `straight across into ${rings.length} ${rings.length === 1 ? 'ring' : 'rings'} of ${readable(ringMm)}`
				}, with the bottom seam${sketch.areHandlesUsed ? '' : ' and the handles'} trimmed off${folds > 0 ? `, folded ${folds === 1 ? 'once' : folds === 2 ? 'twice' : 'three times'}` : ''}.`
	);
</script>

<svg viewBox="0 0 {boxWidth} {boxHeight}" class="w-full" role="img" aria-label={described}>
	<defs>
		<pattern
			id="scrap-hatch"
			width="7"
			height="7"
			patternUnits="userSpaceOnUse"
			patternTransform="rotate(45)"
		>
			<rect width="7" height="7" class="fill-base-content/6" />
			<path d="M0 0V7" class="stroke-base-content/35" stroke-width="1.6" />
		</pattern>
	</defs>
	{#if sketch.handleMm > 0}<path
			d={handles}
			fill={sketch.areHandlesUsed ? undefined : 'url(#scrap-hatch)'}
			class="stroke-base-content/60 {sketch.areHandlesUsed ? 'fill-primary/16' : ''}"
		/>{/if}
	{#each sketch.bands as band (band.fromMm)}
		<rect
			x={left}
			y={y(band.toMm)}
			{width}
			height={(band.toMm - band.fromMm) * scale}
			fill={band.ring === null ? 'url(#scrap-hatch)' : undefined}
			class={band.ring === null ? '' : band.ring % 2 === 0 ? 'fill-primary/28' : 'fill-primary/16'}
		/>
	{/each}
	{#if gusset > 0}
		<g class="film fill-primary/12">
			<rect x={left} y={y(sketch.bodyMm)} width={gusset} height={sketch.bodyMm * scale} />
			<rect
				x={left + width - gusset}
				y={y(sketch.bodyMm)}
				width={gusset}
				height={sketch.bodyMm * scale}
			/>
		</g>
	{/if}
	<rect
		x={left}
		y={y(sketch.bodyMm)}
		{width}
		height={sketch.bodyMm * scale}
		fill="none"
		class="stroke-base-content"
		stroke-width="1.5"
	/>
	{#each sketch.lines as line, index (index)}
		{@const over = line.kind === 'across' ? 6 : 0}
		<path
			d="M{x(line.from[0]) - over} {y(line.from[1])}L{x(line.to[0]) + over} {y(line.to[1])}"
			class={line.kind === 'slant' ? 'stroke-primary' : 'stroke-base-content'}
			stroke-width="1.6"
			stroke-dasharray={line.kind === 'slant' ? undefined : '6 4'}
		/>
	{/each}
	{#each sketch.bands as band (band.fromMm)}
		{#if isRoomy(band)}
			<text
				x={left + width + 14}
				y={(y(band.fromMm) + y(band.toMm)) / 2 + 4.5}
				font-size="13"
				class="fill-base-content"
			>
				{isHalved ? 'two halves' : word(band)}
				<tspan class="fill-(--quiet)" dx="2">{readable(band.toMm - band.fromMm)}</tspan>
			</text>
		{/if}
	{/each}
	{#if !rings.some(isRoomy) && !isHalved}
		<text x={left + width + 14} y={boxHeight / 2} font-size="13" class="fill-base-content">
			{rings.length}
			{isSpiral ? 'turns' : 'rings'}
			<tspan class="fill-(--quiet)" dx="2">{readable(ringMm)}</tspan>
		</text>
	{/if}
</svg>
