import { defaults } from '../defaults';
import { isKnotForbidden, knotsOfStrand, layStrandOf } from '../techniques/peg-loom/lay-strand';
import type { PegLoomMat, PegLoomTechnique } from '../techniques/peg-loom/peg-loom-mat';
import type { Box, Mark, Scene } from './scene';
import { disc, measureLine, penOf, rectangle } from './scene';

export interface LoomWords {
	readonly pegToPeg: string;
	readonly pitch: string;
	readonly noKnot: string;
	readonly rods: string;
	readonly meet: string;
}

/**
 * How far from the near pegs the two ends meet, mm.
 * @example meetingMm(pegLoomMat({ widthMm: 850, lengthMm: 1850 }, { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut }, cutBag(bagPresets[0].bag, startingPlan.cut), cutBag(bagPresets[0].bag, startingPlan.cut), noFactors)) // 950.45
 */
export const meetingMm = (mat: PegLoomMat): number =>
	mat.endGapMm + Math.ceil(mat.rows / 2) * mat.rowPitchMm;

/**
 * The loom with its pegs, every strand of warp and every knot. It lies like the mat: pegs left and
 * right. A knot too near a peg is a cross.
 * @example loomScene(pegLoomMat({ widthMm: 850, lengthMm: 1850 }, { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut }, cutBag(bagPresets[0].bag, startingPlan.cut), cutBag(bagPresets[0].bag, startingPlan.cut), noFactors), { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut }, { pegToPeg: '', pitch: '', noKnot: '', rods: '', meet: '' }, { width: 300, tallest: 200, type: 13 }).width // 300
 */
export function loomScene(
	mat: PegLoomMat,
	technique: PegLoomTechnique,
	words: LoomWords,
	box: Box
): Scene {
	const t = box.type;
	const pen = penOf(box);
	const side = 2 * t;
	const scale = (box.width - 2 * side) / mat.pegToPegMm;
	const gap = Math.min(0.8 * t, box.tallest / Math.max(1, mat.pegs - 1));
	const top = 2.6 * t;
	const height = gap * (mat.pegs - 1);
	const foot = top + height;
	const x = (mm: number) => side + mm * scale;
	const [near, far] = [x(0), x(mat.pegToPegMm)];
	const laid = layStrandOf(mat, technique.shortPiece);
	const free = defaults.knotFreeEnd.value;
	// One path for all of a kind: a loom has hundreds of marks, and all move with every change.
	const r = Math.min(0.17 * t, gap * 0.3);
	let single = '';
	let doubled = '';
	let knots = '';
	let bad = '';
	let pegs = '';
	for (let peg = 0; peg < mat.pegs; peg++) {
		const y = top + peg * gap;
		const isEdge = peg === 0 || peg === mat.pegs - 1;
		if (isEdge && technique.doubleEdges !== false)
			doubled += `M${near} ${y - 0.1 * t}H${far}M${near} ${y + 0.1 * t}H${far}`;
		else single += `M${near} ${y}H${far}`;
		for (const knot of knotsOfStrand(laid, mat.pegToPegMm, peg)) {
			if (isKnotForbidden(knot, mat.pegToPegMm))
				bad += `M${x(knot) - 1.4 * r} ${y - 1.4 * r}l${2.8 * r} ${2.8 * r}m0 ${-2.8 * r}l${-2.8 * r} ${2.8 * r}`;
			else knots += disc(x(knot), y, r);
		}
		pegs += disc(near, y, 1.3 * r) + disc(far, y, 1.3 * r);
	}
	const marks: Mark[] = [
		{
			path:
				rectangle(near, top - 0.6 * t, free * scale, height + 1.2 * t) +
				rectangle(far - free * scale, top - 0.6 * t, free * scale, height + 1.2 * t),
			fill: 'scrap'
		},
		{ path: single, stroke: 'film-line', width: Math.min(2 * pen, gap * 0.4) },
		{ path: doubled, stroke: 'film-line', width: 1.4 * pen },
		{ path: knots, fill: 'ink' },
		...(bad ? [{ path: bad, stroke: 'bad' as const, width: 1.8 * pen }] : []),
		{ path: pegs, fill: 'ground', stroke: 'ink', width: pen },
		{
			path: [top - 0.7 * t, foot + 0.7 * t]
				.map((y) => `M${x(mat.endGapMm)} ${y}H${x(mat.pegToPegMm - mat.endGapMm)}`)
				.join(''),
			stroke: 'ink',
			width: 2.2 * pen
		},
		{
			path: measureLine([near, top - 1.4 * t], [far, top - 1.4 * t], 0.3 * t),
			stroke: 'ink',
			width: pen
		},
		{
			words: words.pegToPeg,
			x: (near + far) / 2,
			y: top - 1.8 * t,
			anchor: 'middle',
			isBold: true
		},
		{ words: words.noKnot, x: near, y: foot + 2 * t },
		{ words: words.rods, x: far, y: foot + 2 * t, anchor: 'end' },
		{ words: words.pitch, x: near, y: foot + 3.4 * t }
	];
	if (technique.ends === 'both') {
		const meet = x(meetingMm(mat));
		marks.push(
			{
				path: `M${meet} ${top - 0.9 * t}V${foot + 0.9 * t}`,
				stroke: 'weft',
				width: 2 * pen,
				dash: [5 * pen, 3 * pen]
			},
			{ words: words.meet, x: far, y: foot + 3.4 * t, anchor: 'end' }
		);
	}
	return { width: box.width, height: foot + 4 * t, marks };
}
