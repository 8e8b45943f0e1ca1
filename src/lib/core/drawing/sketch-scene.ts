import type { Fabric } from './fabric-marks';
import { fabricMarks } from './fabric-marks';
import type { Rope } from './rope';
import { ropeMarks } from './rope';
import type { Point } from './smooth-line';
import { through } from './smooth-line';
import type { Mark, Scene, Tone } from './scene';
import { disc, measureLine, rectangle } from './scene';
import type { ToolName } from './sketch-tools';
import { handMarks, toolMarks, turnArrow } from './sketch-tools';

/** What is drawn over a fabric. Units are those of the sketch: 120 across, 72 down. */
export type SketchMark =
	| { readonly show: 'strand'; readonly points: readonly Point[]; readonly wide?: number }
	| { readonly show: 'dashed'; readonly points: readonly Point[] }
	/** A tool or a sign, turned by the clock by so many degrees. */
	| { readonly show: ToolName; readonly at: Point; readonly turn?: number }
	/** A hand that holds what is at its place, its arm from the edge of the picture. */
	| { readonly show: 'hand'; readonly at: Point; readonly from: Point }
	/** What is turned, and which way: degrees by the clock from the right. */
	| {
			readonly show: 'turn';
			readonly at: Point;
			readonly radius: number;
			readonly from: number;
			readonly to: number;
	  }
	/** A line of straight pieces: a stitch, a needle, an edge. */
	| {
			readonly show: 'line';
			readonly points: readonly Point[];
			readonly wide?: number;
			readonly tone?: Tone;
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

/** Marks of strands that were drawn already: most of a picture rests while one strand moves. */
const kept = new WeakMap<
	readonly Rope[],
	{ readonly scale: number; readonly marks: readonly Mark[] }
>();
function keptRopeMarks(ropes: readonly Rope[], scale: number): readonly Mark[] {
	const before = kept.get(ropes);
	if (before?.scale === scale) return before.marks;
	const marks = ropeMarks(ropes, scale);
	kept.set(ropes, { scale, marks });
	return marks;
}

function marksOf(mark: SketchMark, frame: Frame): readonly Mark[] {
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
			return keptRopeMarks(mark.ropes, s);
		case 'hand':
			return handMarks(mark.at, mark.from, s);
		case 'turn':
			return [turnArrow(mark.at, mark.radius, mark.from, mark.to, s)];
		case 'line':
			return [
				{
					path: `M${mark.points.map(([x, y]) => `${x * s} ${y * s}`).join('L')}`,
					stroke: mark.tone ?? 'ink',
					width: (mark.wide ?? thin) * s,
					isRound: true
				}
			];
		default:
			return toolMarks(mark.show, mark.at, mark.turn ?? 0, s);
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
