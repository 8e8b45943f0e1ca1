import type { Fabric } from './fabric-marks';
import { fabricMarks } from './fabric-marks';
import type { Rope } from './rope';
import { ropeMarks } from './rope';
import type { Point } from './smooth-line';
import { through } from './smooth-line';
import type { Mark, Scene, Tone } from './scene';
import { disc, measureLine, rectangle } from './scene';

/** What is drawn over a fabric. Units are those of the sketch: 120 across, 72 down. */
export type SketchMark =
	| { readonly show: 'strand'; readonly points: readonly Point[]; readonly wide?: number }
	| { readonly show: 'dashed'; readonly points: readonly Point[] }
	| {
			readonly show: 'cut' | 'knot' | 'spot' | 'drop' | 'finger' | 'peg' | 'hook';
			readonly at: Point;
	  }
	| { readonly show: 'move'; readonly from: Point; readonly to: Point }
	| { readonly show: 'rod'; readonly from: Point; readonly to: Point }
	| { readonly show: 'measure'; readonly from: Point; readonly to: Point; readonly words: string }
	| { readonly show: 'word'; readonly words: string; readonly at: Point }
	| {
			/** A flat piece with straight edges: film, a board, a sheet. */
			readonly show: 'patch';
			readonly points: readonly Point[];
			readonly tone: Tone;
	  }
	| { readonly show: 'disc'; readonly at: Point; readonly radius: number; readonly tone: Tone }
	/** Strands over and under each other. */
	| { readonly show: 'ropes'; readonly ropes: readonly Rope[] };

/** One step of an act: a piece of a mat, and what is done to it. */
export interface Sketch {
	readonly fabrics: readonly Fabric[];
	readonly marks: readonly SketchMark[];
}

/** How large a sketch is in its own units. */
export const sketchSize = { width: 120, height: 72 } as const;

/** Widths of lines, in the sketch's units. */
const [strandWide, thin] = [5, 1];

interface Frame {
	readonly scale: number;
	readonly type: number;
}

const line = (points: readonly Point[], { scale }: Frame): string => {
	const scaled = points.map(([x, y]): Point => [x * scale, y * scale]);
	const [first = [0, 0]] = scaled;
	return `M${first[0]} ${first[1]}${through(scaled)}`;
};

/** A strand with its edges, so that one that lies over another is seen to. */
function strandMarks(points: readonly Point[], wide: number, frame: Frame, tone: Tone): Mark[] {
	const path = line(points, frame);
	return [
		{ path, stroke: 'ink', width: (wide + 1.6) * frame.scale, isRound: true },
		{ path, stroke: 'ground', width: wide * frame.scale, isRound: true },
		{ path, stroke: tone, width: wide * frame.scale, isRound: true }
	];
}

function arrow(from: Point, to: Point, { scale: s }: Frame): Mark {
	const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
	const long = Math.hypot(dx, dy) || 1;
	const [ux, uy] = [dx / long, dy / long];
	const feather = (side: 1 | -1): string =>
		`M${to[0] * s} ${to[1] * s}L${(to[0] - 4 * ux + side * 3 * uy) * s} ${(to[1] - 4 * uy - side * 3 * ux) * s}`;
	return {
		path: `M${from[0] * s} ${from[1] * s}L${to[0] * s} ${to[1] * s}${feather(1)}${feather(-1)}`,
		stroke: 'ink',
		width: 1.6 * s,
		isRound: true
	};
}

function toolMarks(
	show: 'cut' | 'knot' | 'spot' | 'drop' | 'finger' | 'peg' | 'hook',
	[x, y]: Point,
	{ scale: s }: Frame
): Mark[] {
	const at = (dx: number, dy: number) => `${(x + dx) * s} ${(y + dy) * s}`;
	switch (show) {
		case 'cut':
			return [
				{
					path: `M${at(-2.5, -8)}L${at(2.5, 6)}M${at(2.5, -8)}L${at(-2.5, 6)}`,
					stroke: 'bad',
					width: 1.6 * s,
					isRound: true
				},
				{
					path: `${disc((x - 3.2) * s, (y - 10) * s, 2.2 * s)}${disc((x + 3.2) * s, (y - 10) * s, 2.2 * s)}`,
					stroke: 'bad',
					width: 1.3 * s
				}
			];
		case 'knot':
			return [
				{ path: disc(x * s, y * s, 4.6 * s), fill: 'ground' },
				{
					path: disc(x * s, y * s, 4.6 * s),
					fill: 'film-other',
					stroke: 'ink',
					width: 1.2 * s
				},
				{
					path: `M${at(-3.4, -1.6)}Q${at(0, 2.4)} ${at(3.4, -1.6)}`,
					stroke: 'ink',
					width: thin * s
				}
			];
		case 'spot':
			return [
				{ path: disc(x * s, y * s, 11 * s), stroke: 'bad', width: 1.5 * s, dash: [3 * s, 2.4 * s] }
			];
		case 'drop':
			return [
				{
					path: `M${at(0, -5)}C${at(4, 0)} ${at(3, 4)} ${at(0, 4)}C${at(-3, 4)} ${at(-4, 0)} ${at(0, -5)}z`,
					fill: 'film',
					stroke: 'ink',
					width: thin * s
				}
			];
		case 'finger':
			return [
				{
					path: `M${at(-5, -22)}L${at(-5, -2)}C${at(-5, 4)} ${at(5, 4)} ${at(5, -2)}L${at(5, -22)}`,
					fill: 'ground',
					stroke: 'ink',
					width: 1.3 * s
				},
				{ path: `M${at(-2.6, 0)}Q${at(0, -3.4)} ${at(2.6, 0)}`, stroke: 'ink', width: thin * s }
			];
		case 'peg':
			return [{ path: disc(x * s, y * s, 4 * s), fill: 'quiet', stroke: 'ink', width: 1.2 * s }];
		case 'hook':
			return [
				{
					path: `M${at(26, -10)}L${at(2, -0.8)}M${at(2, -0.8)}C${at(-4, 1.4)} ${at(-3, 7)} ${at(2, 5)}`,
					stroke: 'ink',
					width: 2.6 * s,
					isRound: true
				}
			];
	}
}

function marksOf(mark: SketchMark, frame: Frame): Mark[] {
	const { scale: s, type } = frame;
	switch (mark.show) {
		case 'strand':
			return strandMarks(mark.points, mark.wide ?? strandWide, frame, 'film-other');
		case 'dashed':
			return [
				{
					path: line(mark.points, frame),
					stroke: 'ink',
					width: 1.4 * s,
					dash: [3 * s, 2 * s]
				}
			];
		case 'move':
			return [arrow(mark.from, mark.to, frame)];
		case 'rod':
			return [
				{
					path: line([mark.from, mark.to], frame),
					stroke: 'ink',
					width: 3 * s,
					isRound: true
				}
			];
		case 'measure': {
			const [from, to] = [mark.from, mark.to].map(([x, y]): Point => [x * s, y * s]);
			if (!from || !to) return [];
			return [
				{ path: measureLine(from, to, 3 * s), stroke: 'ink', width: thin * s },
				{
					words: mark.words,
					x: (from[0] + to[0]) / 2,
					y: from[1] - 0.4 * type,
					anchor: 'middle'
				}
			];
		}
		case 'word':
			return [{ words: mark.words, x: mark.at[0] * s, y: mark.at[1] * s, anchor: 'middle' }];
		case 'patch':
			return [
				{
					path: `M${mark.points.map(([x, y]) => `${x * s} ${y * s}`).join('L')}z`,
					fill: mark.tone,
					stroke: 'ink',
					width: thin * s
				}
			];
		case 'disc':
			return [
				{
					path: disc(mark.at[0] * s, mark.at[1] * s, mark.radius * s),
					fill: mark.tone,
					stroke: 'ink',
					width: thin * s
				}
			];
		case 'ropes':
			return ropeMarks(mark.ropes, s);
		default:
			return toolMarks(mark.show, mark.at, frame);
	}
}

/**
 * A sketch of one step, as wide as it is given room: a piece of a mat and what is done to it.
 *
 * @param width of the drawing, above 0
 * @param type size of its words in the same units
 * @example sketchScene({ fabrics: [], marks: [{ show: 'knot', at: [60, 36] }] }, 240, 13).height // 144
 */
export function sketchScene({ fabrics, marks }: Sketch, width: number, type: number): Scene {
	const frame = { scale: width / sketchSize.width, type };
	const height = sketchSize.height * frame.scale;
	return {
		width,
		height,
		marks: [
			{ path: rectangle(0, 0, width, height), fill: 'ground' },
			...fabrics.flatMap((fabric) => fabricMarks(fabric, frame.scale)),
			...marks.flatMap((mark) => marksOf(mark, frame))
		]
	};
}
