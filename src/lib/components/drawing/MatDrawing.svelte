<script lang="ts">
	import type { CrochetMat } from '$lib/core/crochet/crochet-mat';
	import type { OutlinePoint } from '$lib/core/size/sleeper-outline';
	import { sleeperOutline } from '$lib/core/size/sleeper-outline';

	interface Props {
		mat: CrochetMat;
		/** Rows run across the sleeper, or as long as the sleeper. */
		isLengthwise: boolean;
		sleeperHeightMm: number;
		readable: (mm: number) => string;
	}
	const { mat, isLengthwise, sleeperHeightMm, readable }: Props = $props();

	// The mat lies with its length across the page, the sleeper's head to the left. One scale for all.
	const boxWidth = 620;
	const tallest = 212;
	const pad = { left: 48, top: 28, right: 10, bottom: 42 };
	const scale = $derived(
		Math.min(
			(boxWidth - pad.left - pad.right) / Math.max(mat.lengthMm, sleeperHeightMm),
			tallest / mat.widthMm
		)
	);
	const length = $derived(mat.lengthMm * scale);
	const width = $derived(mat.widthMm * scale);
	const boxHeight = $derived(width + pad.top + pad.bottom);
	const left = $derived(pad.left + (boxWidth - pad.left - pad.right - length) / 2);
	const top = pad.top;
	const middle = $derived(top + width / 2);

	// One tile holds one stitch of two neighbouring rows, leaning opposite ways.
	const rowHeight = $derived(mat.rowHeightMm * scale);
	const stitchWidth = $derived(mat.stitchWidthMm * scale);
	const tile = $derived(
		isLengthwise
			? { width: stitchWidth, height: 2 * rowHeight }
			: { width: 2 * rowHeight, height: stitchWidth }
	);
	const lean = $derived(
		isLengthwise
			? `M0 ${rowHeight}L${tile.width} 0M0 ${rowHeight}L${tile.width} ${tile.height}`
			: `M${rowHeight} 0L0 ${tile.height}M${rowHeight} 0L${tile.width} ${tile.height}`
	);

	const outline = $derived(sleeperOutline(sleeperHeightMm));
	const start = $derived(left + (length - sleeperHeightMm * scale) / 2);
	type Point = readonly [number, number];
	/** A smooth line through points: each bend is led by its neighbours (Catmull–Rom). */
	const through = (points: readonly Point[]): string =>
		points
			.slice(1)
			.map((to, index) => {
				const from = points[index] ?? to;
				const before = points[index - 1] ?? from;
				const after = points[index + 2] ?? to;
				const lead = [from[0] + (to[0] - before[0]) / 6, from[1] + (to[1] - before[1]) / 6];
				const trail = [to[0] - (after[0] - from[0]) / 6, to[1] - (after[1] - from[1]) / 6];
				return `C${lead.join(' ')} ${trail.join(' ')} ${to.join(' ')}`;
			})
			.join('');
	const side = (points: readonly OutlinePoint[], sign: 1 | -1): Point[] =>
		points.map((point) => [
			start + point.alongMm * scale,
			middle + sign * point.halfWidthMm * scale
		]);
	const bodyPath = $derived.by(() => {
		const upperOut = side(outline.outer, -1);
		const upperIn = side(outline.inner, -1);
		const lowerIn = side(outline.inner, 1).reverse();
		const lowerOut = side(outline.outer, 1).reverse();
		return `M${upperOut[0]?.join(' ')}${through(upperOut)}L${upperIn[0]?.join(' ')}${through(upperIn)}L${lowerIn[0]?.join(' ')}${through(lowerIn)}L${lowerOut[0]?.join(' ')}${through(lowerOut)}Z`;
	});
	const described = $derived(
		`The mat to scale, ${readable(mat.widthMm)} wide and ${readable(mat.lengthMm)} long: ${mat.rows} rows of ${mat.stitches} stitches, with a sleeper of ${readable(sleeperHeightMm)} lying on it.`
	);
</script>

<svg viewBox="0 0 {boxWidth} {boxHeight}" class="w-full" role="img" aria-label={described}>
	<defs>
		<pattern
			id="rows"
			x={left}
			y={top}
			width={tile.width}
			height={tile.height}
			patternUnits="userSpaceOnUse"
		>
			<rect width={tile.width} height={tile.height} class="fill-primary/8" />
			<rect
				width={isLengthwise ? tile.width : rowHeight}
				height={isLengthwise ? rowHeight : tile.height}
				class="fill-primary/18"
			/>
			<path
				d={lean}
				fill="none"
				class="stroke-primary/60"
				stroke-width={Math.max(0.5, rowHeight * 0.28)}
			/>
		</pattern>
	</defs>
	<rect
		x={left}
		y={top}
		width={length}
		height={width}
		rx="3"
		fill="url(#rows)"
		class="stroke-base-content"
		stroke-width="1.5"
	/>
	<g class="film fill-base-content/25">
		<ellipse
			cx={start + outline.head.alongMm * scale}
			cy={middle}
			rx={outline.head.halfLengthMm * scale}
			ry={outline.head.halfWidthMm * scale}
		/>
		<path d={bodyPath} stroke-linejoin="round" />
	</g>
	<g class="stroke-base-content" fill="none">
		<path d="M{left - 16} {top}V{top + width}M{left - 21} {top}h10M{left - 21} {top + width}h10" />
		<path
			d="M{left} {top + width + 14}H{left + length}M{left} {top + width + 9}v10M{left +
				length} {top + width + 9}v10"
		/>
	</g>
	<g class="fill-base-content" font-size="14" font-weight="600">
		<text x={left - 24} y={top - 10}
			>{readable(mat.widthMm)} · {isLengthwise
				? `${mat.rows} rows`
				: `${mat.stitches} stitches`}</text
		>
		<text x={left + length / 2} y={top + width + 36} text-anchor="middle">
			{readable(mat.lengthMm)} · {isLengthwise ? `${mat.stitches} stitches` : `${mat.rows} rows`}
		</text>
	</g>
</svg>
