<script lang="ts">
	import { defaults } from '$lib/core/defaults';
	import {
		isKnotForbidden,
		knotsOfStrand,
		layStrandOf
	} from '$lib/core/techniques/peg-loom/lay-strand';
	import type { PegLoomMat, PegLoomTechnique } from '$lib/core/techniques/peg-loom/peg-loom-mat';

	interface Props {
		mat: PegLoomMat;
		technique: PegLoomTechnique;
		readable: (mm: number) => string;
	}
	const { mat, technique, readable }: Props = $props();
	// The loom lies like the mat: pegs at the left and right, strands of warp across the page.
	const boxWidth = 620;
	const pad = 22;
	const scale = $derived((boxWidth - 2 * pad) / mat.pegToPegMm);
	const gap = $derived(Math.max(4, Math.min(9, (mat.pitchMm * scale) as number)));
	const height = $derived(gap * (mat.pegs - 1));
	const boxHeight = $derived(height + 2 * pad + 16);
	const x = $derived((mm: number) => pad + mm * scale);
	const y = $derived((peg: number) => pad + peg * gap);
	const laid = $derived(layStrandOf(mat, technique.shortPiece));
	// One path for all of a kind: a loom has hundreds of marks, and all move with every change.
	const dot = (at: number, across: number, r: number) =>
		`M${at - r} ${across}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0`;
	const marks = $derived.by(() => {
		let single = '';
		let doubled = '';
		let knots = '';
		let bad = '';
		let pegs = '';
		const [from, to] = [x(0), x(mat.pegToPegMm)];
		for (let peg = 0; peg < mat.pegs; peg++) {
			const at = y(peg);
			const isEdge = peg === 0 || peg === mat.pegs - 1;
			if (isEdge && technique.doubleEdges !== false)
				doubled += `M${from} ${at - 1.4}H${to}M${from} ${at + 1.4}H${to}`;
			else single += `M${from} ${at}H${to}`;
			for (const knot of knotsOfStrand(laid, mat.pegToPegMm, peg)) {
				if (isKnotForbidden(knot, mat.pegToPegMm))
					bad += `M${x(knot) - 3.5} ${at - 3.5}l7 7m0-7l-7 7`;
				else knots += dot(x(knot), at, 2.3);
			}
			pegs += dot(from, at, 3) + dot(to, at, 3);
		}
		return { single, doubled, knots, bad, pegs };
	});
	const free = defaults.knotFreeEnd.value;
	const meetMm = $derived(mat.endGapMm + Math.ceil(mat.rows / 2) * mat.rowPitchMm);
	const bad = $derived(laid.knotsMm.filter((knot) => isKnotForbidden(knot, mat.pegToPegMm)).length);
	const described = $derived(
		`The loom: ${mat.pegs} pegs at each end, ${mat.warpStrands} strands of warp of ${mat.piecesPerStrand} loops each${technique.doubleEdges === false ? '' : ', both outermost doubled'}. ${laid.knotsMm.length} knots a strand, ${bad === 0 ? 'none' : bad} within ${readable(free)} of a peg.${technique.ends === 'both' ? ` The two ends meet ${readable(meetMm)} from the near pegs.` : ''}`
	);
</script>

<svg viewBox="0 0 {boxWidth} {boxHeight}" class="w-full" role="img" aria-label={described}>
	{#each [0, mat.pegToPegMm - free] as from (from)}
		<rect
			x={x(from)}
			y={pad - 8}
			width={free * scale}
			height={height + 16}
			fill="url(#loom-hatch)"
			class="fill-warning/10"
		/>
	{/each}
	<defs>
		<pattern id="loom-hatch" width="6" height="6" patternUnits="userSpaceOnUse">
			<path d="M0 6L6 0" class="stroke-warning/50" />
		</pattern>
	</defs>
	<path d={marks.single} class="stroke-primary/60" stroke-width="2" />
	<path d={marks.doubled} class="stroke-primary/60" stroke-width="1.6" />
	<path d={marks.knots} class="fill-base-content" />
	<path d={marks.bad} class="stroke-error" stroke-width="1.8" />
	<path d={marks.pegs} class="fill-base-100 stroke-base-content" />
	<g class="stroke-base-content" stroke-width="2.4">
		<path d="M{x(mat.endGapMm)} {pad - 9}H{x(mat.pegToPegMm - mat.endGapMm)}" />
		<path d="M{x(mat.endGapMm)} {pad + height + 9}H{x(mat.pegToPegMm - mat.endGapMm)}" />
	</g>
	{#if technique.ends === 'both'}
		<path
			d="M{x(meetMm)} {pad - 12}V{pad + height + 12}"
			class="stroke-secondary"
			stroke-width="2"
			stroke-dasharray="5 3"
		/>
		<text
			x={x(meetMm)}
			y={boxHeight - 4}
			font-size="12"
			text-anchor="middle"
			class="fill-base-content">ends meet</text
		>
	{/if}
	<text x={pad} y={boxHeight - 4} font-size="12" class="fill-base-content">no knot here</text>
	<text
		x={boxWidth - pad}
		y={boxHeight - 4}
		font-size="12"
		text-anchor="end"
		class="fill-base-content"
	>
		side rods along both edges
	</text>
</svg>
