<script lang="ts">
	import type { BagSketch, Band } from '$lib/core/bag/sketch-bag';

	interface Props {
		sketch: BagSketch;
		/** A height on the bag in the group's own words. */
		readable: (mm: number) => string;
	}
	const { sketch, readable }: Props = $props();

	// Drawn in pixels of a fixed box; up on the bag is up on the page.
	const boxWidth = 300;
	const boxHeight = 220;
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
	const y = $derived((mm: number) => bottom - mm * scale);
	const gusset = $derived(Math.min(sketch.gussetMm * scale, width / 2.2));

	const handles = $derived.by(() => {
		const top = y(sketch.bodyMm + sketch.handleMm);
		const base = y(sketch.bodyMm);
		const strap = width * 0.24;
		const [a, b, c, d] = [left, left + strap, left + width - strap, left + width];
		return `M${a} ${base}V${top}H${b}C${b} ${base - 4} ${b + strap * 0.4} ${base} ${b + strap * 0.7} ${base}H${c - strap * 0.7}C${c - strap * 0.4} ${base} ${c} ${base - 4} ${c} ${top}H${d}V${base}Z`;
	});
	const cuts = $derived(sketch.bands.slice(1).map((band) => band.fromMm));
	const isRoomy = (band: Band) => (band.toMm - band.fromMm) * scale >= 14;
	const words: Record<Band['kind'], string> = {
		'trim-bottom': 'seam off',
		strip: 'ring',
		'short-strip': 'short ring',
		offcut: 'left over',
		'trim-top': 'trim'
	};
	const rings = $derived(sketch.bands.filter((band) => band.ring !== null));
	const described = $derived(
		`A bag ${readable(sketch.widthMm)} wide lying flat, cut straight across into ${rings.length} rings of ${readable((rings[0]?.toMm ?? 0) - (rings[0]?.fromMm ?? 0))}, with the bottom seam and the handles trimmed off.`
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
			<rect width="7" height="7" class="fill-warning/15" />
			<path d="M0 0V7" class="stroke-warning/60" stroke-width="2" />
		</pattern>
	</defs>
	{#if sketch.handleMm > 0}<path
			d={handles}
			fill="url(#scrap-hatch)"
			class="stroke-base-content/60"
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
	{#each cuts as cut (cut)}
		<path
			d="M{left - 6} {y(cut)}H{left + width + 6}"
			class="stroke-base-content"
			stroke-width="1.6"
			stroke-dasharray="6 4"
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
				{words[band.kind]}{band.ring && band.kind === 'strip' ? ` ${band.ring}` : ''}
				<tspan class="fill-(--quiet)" dx="2">{readable(band.toMm - band.fromMm)}</tspan>
			</text>
		{/if}
	{/each}
</svg>
