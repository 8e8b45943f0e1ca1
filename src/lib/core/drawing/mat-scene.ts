import type { Stripe } from '../colour/stripes';
import type { Mat } from '../techniques/technique';
import type { Box, Mark, Scene, TextureMark } from './scene';
import { measureLine, penOf, rectangle, wordsWidth } from './scene';
import { sleeperPath } from './sleeper';

/** The mat in its drawing: its corner, its size and the scale, in the drawing's units. */
export interface MatPlace {
	readonly left: number;
	readonly top: number;
	readonly length: number;
	readonly width: number;
	/** Units a millimetre. */
	readonly scale: number;
}

export interface MatWords {
	/** What is said of its width and of its length. */
	readonly across: string;
	readonly along: string;
}

/**
 * Rows, or bands, as long as the sleeper lie one below the other; all others stand side by side.
 * @example isMatLengthwise(modelPlan(startingPlan, barePoint).mat) // false
 */
export const isMatLengthwise = (mat: Mat): boolean =>
	mat.kind === 'finger-bands' || (mat.kind === 'crochet' && mat.isLengthwise);

/**
 * Where the mat lies in its box: its length across the page, at one scale with its sleeper.
 * @example Math.round(placeMat(modelPlan(startingPlan, barePoint).mat, 1750, { width: 600, tallest: 200, type: 13 }).width) // 200
 */
export function placeMat(mat: Mat, sleeperHeightMm: number, box: Box): MatPlace {
	const side = box.type * 2.2;
	const room = box.width - side - box.type;
	const scale = Math.min(room / Math.max(mat.lengthMm, sleeperHeightMm), box.tallest / mat.widthMm);
	const length = mat.lengthMm * scale;
	return {
		left: side + (room - length) / 2,
		top: box.type * 2,
		length,
		width: mat.widthMm * scale,
		scale
	};
}

/** How far one stitch, warp end or pass reaches along a row that is so long. */
function stitchOf(mat: Mat, row: number): number {
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
}

/** One path for all patches of a colour: a mat has some eighty, and all move with every change. */
function films(
	stripes: readonly Stripe[],
	place: MatPlace,
	rowHeight: number,
	isLengthwise: boolean
): Mark[] {
	const { left, top, length, width } = place;
	const paths = new Map<Stripe['colour'], string>();
	for (const { colour, row, rows, from, to } of stripes) {
		const at = (row - 1) * rowHeight;
		const size = rows * rowHeight;
		const patch = isLengthwise
			? rectangle(left + from * length, top + at, (to - from) * length, size)
			: rectangle(left + at, top + from * width, size, (to - from) * width);
		paths.set(colour, (paths.get(colour) ?? '') + patch);
	}
	return [...paths].map(([colour, path]) => ({ path, fill: `film-${colour}` as const }));
}

/**
 * The rows as one tile that repeats: one stitch of two neighbouring rows, leaning opposite ways, or one
 * over and one under.
 *
 * @example matTexture(modelPlan(startingPlan, barePoint).mat, { left: 0, top: 0, length: 200, width: 100, scale: 0.1 }).width // 200
 */
export function matTexture(mat: Mat, place: MatPlace): TextureMark {
	const { left, top, length, width } = place;
	const isLengthwise = isMatLengthwise(mat);
	const rows = mat.kind === 'finger-bands' ? mat.bands : mat.rows;
	const rowHeight = (isLengthwise ? width : length) / rows;
	const stitch = stitchOf(mat, isLengthwise ? length : width);
	const tile = isLengthwise
		? { width: stitch, height: 2 * rowHeight }
		: { width: 2 * rowHeight, height: stitch };
	const isLeaning = mat.kind === 'crochet' || mat.kind === 'twined';
	const strokes = !isLeaning
		? `M0 0H${tile.width}M0 0V${tile.height}`
		: isLengthwise
			? `M0 ${rowHeight}L${tile.width} 0M0 ${rowHeight}L${tile.width} ${tile.height}`
			: `M${rowHeight} 0L0 ${tile.height}M${rowHeight} 0L${tile.width} ${tile.height}`;
	return {
		x: left,
		y: top,
		width: length,
		height: width,
		tile,
		texture: strokes,
		line: Math.min(rowHeight, stitch) * 0.22,
		shaded: isLengthwise
			? { width: tile.width, height: rowHeight }
			: { width: rowHeight, height: tile.height }
	};
}

function seams(mat: Mat, { left, top, length, width }: MatPlace, pen: number): Mark[] {
	if (mat.kind !== 'twined' || mat.panels.count <= 1) return [];
	const { across, along } = mat.panels;
	let path = '';
	for (let seam = 1; seam < across; seam++)
		path += `M${left} ${top + (seam * width) / across}h${length}`;
	for (let seam = 1; seam < along; seam++)
		path += `M${left + (seam * length) / along} ${top}v${width}`;
	return [{ path, stroke: 'ink', width: 2 * pen, dash: [5 * pen, 4 * pen] }];
}

/**
 * The mat to scale with its rows, its stripes and a sleeper lying on it.
 *
 * @param stripes where the balls' colours lie
 * @param sleeperHeightMm above 0
 * @throws DomainError where the sleeper has no height
 * @example matScene(modelPlan(startingPlan, barePoint).mat, [], 1750, { across: 'wide', along: 'long' }, { width: 600, tallest: 200, type: 13 }).width // 600
 */
export function matScene(
	mat: Mat,
	stripes: readonly Stripe[],
	sleeperHeightMm: number,
	words: MatWords,
	box: Box
): Scene {
	const place = placeMat(mat, sleeperHeightMm, box);
	const { left, top, length, width, scale } = place;
	const pen = penOf(box);
	const isLengthwise = isMatLengthwise(mat);
	const rows = mat.kind === 'finger-bands' ? mat.bands : mat.rows;
	const rowHeight = (isLengthwise ? width : length) / rows;
	const foot = top + width;
	const acrossAt = Math.max(
		0,
		Math.min(left - 1.2 * box.type, box.width - wordsWidth(words.across, box.type))
	);
	return {
		width: box.width,
		height: foot + box.type * 3,
		marks: [
			...films(stripes, place, rowHeight, isLengthwise),
			matTexture(mat, place),
			...seams(mat, place, pen),
			{ path: rectangle(left, top, length, width), stroke: 'ink', width: 1.5 * pen },
			{
				path: sleeperPath(
					sleeperHeightMm,
					scale,
					left + (length - sleeperHeightMm * scale) / 2,
					top + width / 2
				),
				fill: 'sleeper'
			},
			{
				path:
					measureLine([left - box.type, top], [left - box.type, foot], 0.35 * box.type) +
					measureLine([left, foot + box.type], [left + length, foot + box.type], 0.35 * box.type),
				stroke: 'ink',
				width: pen
			},
			{ words: words.across, x: acrossAt, y: top - 0.7 * box.type, isBold: true },
			{
				words: words.along,
				x: left + length / 2,
				y: foot + 2.5 * box.type,
				anchor: 'middle',
				isBold: true
			}
		]
	};
}
