<script lang="ts">
	import type { TwinedMat } from '$lib/core/techniques/twined/twined-mat';

	const { mat, readable }: { mat: TwinedMat; readable: (mm: number) => string } = $props();
	// One panel's frame to scale, and beside it the corner enlarged: the first row under the loops.
	const boxWidth = 620;
	const frameWidth = 400;
	const pad = 16;
	// The frame that is there, drawn with the panel on it: it may be larger.
	const frameLengthMm = $derived(Math.max(mat.panel.frameLengthMm, mat.panels.lengthMm));
	const frameWidthMm = $derived(Math.max(mat.panel.frameWidthMm, mat.panels.widthMm));
	const scale = $derived(Math.min((frameWidth - 2 * pad) / frameLengthMm, 190 / frameWidthMm));
	const length = $derived(mat.panels.lengthMm * scale);
	const width = $derived(mat.panels.widthMm * scale);
	const boxHeight = $derived(Math.max(frameWidthMm * scale, 150) + 2 * pad + 14);
	const nails = $derived(mat.panel.nails);
	const pitch = $derived(width / nails);
	const warp = $derived(
		Array.from({ length: nails }, (_, nail) => {
			const up = pad + (nail + 0.25) * pitch;
			const down = pad + (nail + 0.75) * pitch;
			return `M${pad} ${up}H${pad + length}a${pitch / 4} ${pitch / 4} 0 0 1 0 ${pitch / 2}H${pad}M${pad} ${down}`;
		}).join('')
	);
	const nailDots = $derived(
		Array.from({ length: nails }, (_, nail) => {
			const y = pad + (nail + 0.5) * pitch;
			return [pad - 3, pad + length + 3]
				.map((x) => `M${x - 1.8} ${y}a1.8 1.8 0 1 0 3.6 0a1.8 1.8 0 1 0 -3.6 0`)
				.join('');
		}).join('')
	);
	const rows = $derived(mat.panel.rows);
	const shownRows = $derived(
		[0, 1, 2, 3, rows - 4, rows - 3, rows - 2, rows - 1].filter(
			(row, at, all) => row >= 0 && all.indexOf(row) === at
		)
	);
	const rowX = $derived((row: number) => pad + (row + 0.5) * mat.rowPitchMm * scale);
	const described = $derived(
		`A frame of ${readable(frameWidthMm)} by ${readable(frameLengthMm)} with a panel of ${readable(mat.panels.widthMm)} by ${readable(mat.panels.lengthMm)} on it: ${nails} nails at each end, ${2 * nails} warp ends, ${rows} rows of a pair of strands twisting round each end and each rod. The first and the last row pass under every nail's loop. ${mat.panels.count > 1 ? `${mat.panels.count} panels make the mat.` : ''}`
	);
	const big = { x: 430, y: 26, pitch: 34 };
</script>

<svg viewBox="0 0 {boxWidth} {boxHeight}" class="w-full" role="img" aria-label={described}>
	<rect
		x={pad - 8}
		y={pad - 8}
		width={frameLengthMm * scale + 16}
		height={frameWidthMm * scale + 16}
		rx="4"
		fill="none"
		class="stroke-base-content/50"
		stroke-width="5"
	/>
	<path d={warp} fill="none" class="stroke-primary/60" stroke-width={Math.max(0.8, pitch * 0.16)} />
	<path
		d="M{pad} {pad - 2}h{length}M{pad} {pad + width + 2}h{length}"
		class="stroke-base-content"
		stroke-width="2.4"
	/>
	{#each shownRows as row (row)}
		<path
			d="M{rowX(row)} {pad - 4}V{pad + width + 4}"
			class={row === 0 || row === rows - 1 ? 'stroke-secondary' : 'stroke-base-content/60'}
			stroke-width={Math.max(1.2, mat.weftDiameterMm * scale)}
			stroke-dasharray="{pitch / 2} {pitch / 6}"
		/>
	{/each}
	<path d={nailDots} class="fill-base-content" />
	<!-- The corner, enlarged -->
	<g transform="translate({big.x} {big.y})">
		{#each [0, 1, 2] as nail (nail)}
			{@const middle = nail * big.pitch + 14}
			<path
				d="M170 {middle - 8}H14a8 8 0 0 0 0 16H170"
				fill="none"
				class="stroke-primary/60"
				stroke-width="6"
			/>
			<circle cx="16" cy={middle} r="4.5" class="fill-base-content" />
		{/each}
		<path
			d="M40 -8{[0, 1, 2]
				.map((n) => `C52 ${n * big.pitch + 2} 28 ${n * big.pitch + 18} 40 ${n * big.pitch + 26}`)
				.join('')}"
			fill="none"
			class="stroke-secondary"
			stroke-width="5"
		/>
		<path
			d="M44 -8{[0, 1, 2]
				.map((n) => `C30 ${n * big.pitch + 2} 56 ${n * big.pitch + 18} 44 ${n * big.pitch + 26}`)
				.join('')}"
			fill="none"
			class="stroke-base-content/70"
			stroke-width="5"
		/>
		<text y={3 * big.pitch + 16} font-size="12.5" class="fill-base-content">
			<tspan x="0">The first and last row go under</tspan>
			<tspan x="0" dy="16">each nail's loop, or it slides off</tspan>
		</text>
	</g>
</svg>
