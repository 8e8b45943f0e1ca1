<script lang="ts">
	import type { Stripe } from '$lib/core/colour/stripes';
	import type { Mat } from '$lib/core/techniques/technique';
	import SleeperOutline from './SleeperOutline.svelte';

	interface Props {
		mat: Mat;
		/** Where the balls' colours lie. */
		stripes: readonly Stripe[];
		sleeperHeightMm: number;
		readable: (mm: number) => string;
	}
	const { mat, stripes, sleeperHeightMm, readable }: Props = $props();

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

	/** Rows, or bands, as long as the sleeper lie one below the other; all others stand side by side. */
	const isLengthwise = $derived(
		mat.kind === 'finger-bands' || (mat.kind === 'crochet' && mat.isLengthwise)
	);
	const rows = $derived(mat.kind === 'finger-bands' ? mat.bands : mat.rows);
	const rowHeight = $derived((isLengthwise ? width : length) / rows);
	/** How far one stitch, warp end or pass reaches along the row, in pixels. */
	const along = $derived.by(() => {
		const row = isLengthwise ? length : width;
		switch (mat.kind) {
			case 'crochet':
				return row / mat.stitches;
			case 'peg-loom':
				return row / Math.max(1, mat.pegs - 1);
			case 'twined':
				return row / mat.warpEnds;
			case 'finger-bands':
				return row / mat.rows;
		}
	});
	// One tile holds one stitch of two neighbouring rows, leaning opposite ways, or one over and one under.
	const tile = $derived(
		isLengthwise ? { w: along, h: 2 * rowHeight } : { w: 2 * rowHeight, h: along }
	);
	const isLeaning = $derived(mat.kind === 'crochet' || mat.kind === 'twined');
	const texture = $derived.by(() => {
		if (!isLeaning) return `M0 0H${tile.w}M0 0V${tile.h}`;
		return isLengthwise
			? `M0 ${rowHeight}L${tile.w} 0M0 ${rowHeight}L${tile.w} ${tile.h}`
			: `M${rowHeight} 0L0 ${tile.h}M${rowHeight} 0L${tile.w} ${tile.h}`;
	});
	/** One path for all patches of a colour: a mat has some eighty, and all move with every change. */
	const films = $derived.by(() => {
		const paths: Record<string, string> = {};
		for (const { colour, row, rows: count, from, to } of stripes) {
			const at = (row - 1) * rowHeight;
			const size = count * rowHeight;
			const patch = isLengthwise
				? `M${left + from * length} ${top + at}h${(to - from) * length}v${size}h${(from - to) * length}z`
				: `M${left + at} ${top + from * width}h${size}v${(to - from) * width}h${-size}z`;
			paths[colour] = (paths[colour] ?? '') + patch;
		}
		return Object.entries(paths);
	});
	const counted = $derived.by(() => {
		switch (mat.kind) {
			case 'crochet':
				return { rows: `${mat.rows} rows`, cross: `${mat.stitches} stitches` };
			case 'peg-loom':
				return { rows: `${mat.rows} rows`, cross: `${mat.warpStrands} strands of warp` };
			case 'twined':
				return { rows: `${mat.rows} rows`, cross: `${mat.warpEnds} warp ends` };
			case 'finger-bands':
				return { rows: `${mat.bands} bands`, cross: `${mat.rows} passes each` };
		}
	});
	const acrossWords = $derived(isLengthwise ? counted.rows : counted.cross);
	const alongWords = $derived(isLengthwise ? counted.cross : counted.rows);
	const colours = $derived([...new Set(stripes.map(({ colour }) => colour))]);
	const described = $derived(
		`The mat to scale, ${readable(mat.widthMm)} wide and ${readable(mat.lengthMm)} long: ${counted.rows}, ${counted.cross}, with a sleeper of ${readable(sleeperHeightMm)} lying on it. ${colours.length > 1 ? `Stripes of ${colours.join(', ')} change where a ball runs out.` : ''}`
	);
</script>

<svg viewBox="0 0 {boxWidth} {boxHeight}" class="w-full" role="img" aria-label={described}>
	<defs>
		<pattern
			id="rows"
			x={left}
			y={top}
			width={tile.w}
			height={tile.h}
			patternUnits="userSpaceOnUse"
		>
			<rect
				width={isLengthwise ? tile.w : rowHeight}
				height={isLengthwise ? rowHeight : tile.h}
				fill="#14201f"
				fill-opacity="0.08"
			/>
			<path
				d={texture}
				fill="none"
				stroke="#14201f"
				stroke-opacity="0.3"
				stroke-width={Math.max(0.4, Math.min(rowHeight, along) * 0.22)}
			/>
		</pattern>
	</defs>
	{#each films as [colour, patches] (colour)}
		<path d={patches} fill="url(#film-{colour})" />
	{/each}
	<rect x={left} y={top} width={length} height={width} fill="url(#rows)" />
	{#if mat.kind === 'twined' && mat.panels.count > 1}
		<g class="stroke-base-content" stroke-width="2" stroke-dasharray="5 4">
			{#each { length: mat.panels.across - 1 } as _, seam (seam)}
				<path d="M{left} {top + ((seam + 1) * width) / mat.panels.across}h{length}" />
			{/each}
			{#each { length: mat.panels.along - 1 } as _, seam (seam)}
				<path d="M{left + ((seam + 1) * length) / mat.panels.along} {top}v{width}" />
			{/each}
		</g>
	{/if}
	<rect
		x={left}
		y={top}
		width={length}
		height={width}
		rx="3"
		fill="none"
		class="stroke-base-content"
		stroke-width="1.5"
	/>
	<SleeperOutline
		heightMm={sleeperHeightMm}
		{scale}
		start={left + (length - sleeperHeightMm * scale) / 2}
		middle={top + width / 2}
	/>
	<g class="stroke-base-content" fill="none">
		<path d="M{left - 16} {top}V{top + width}M{left - 21} {top}h10M{left - 21} {top + width}h10" />
		<path
			d="M{left} {top + width + 14}H{left + length}M{left} {top + width + 9}v10M{left +
				length} {top + width + 9}v10"
		/>
	</g>
	<g class="fill-base-content" font-size="14" font-weight="600">
		<text x={left - 24} y={top - 10}>{readable(mat.widthMm)} · {acrossWords}</text>
		<text x={left + length / 2} y={top + width + 36} text-anchor="middle">
			{readable(mat.lengthMm)} · {alongWords}
		</text>
	</g>
</svg>
