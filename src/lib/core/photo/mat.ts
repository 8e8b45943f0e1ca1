import type { Place } from './board';
import { mean, spreadOf } from '../statistics/mean';
import { z90 } from '../statistics/z90';
import { pieceOf } from './piece';
import { fromBoard, type Plane } from './plane';
import { laidStraight, turnedBack } from './outline';
import { slicesAcross } from './strips';

/** A whole mat as its outline tells it. All mm in the plane, not yet mended for its thickness. */
export interface MatSeen {
	readonly startMm: number;
	readonly middleMm: number;
	readonly endMm: number;
	readonly lengthMm: number;
	/** Widths at even distances from the start to the end. */
	readonly profileMm: readonly number[];
	/** How far the sides waver about their lines, and the ends about theirs (standard deviation). */
	readonly waverMm: { readonly sides: number; readonly ends: number };
	/** How much narrower it is at its end, mm; below 0 where it is wider. */
	readonly narrowsByMm: { readonly value: number; readonly low: number; readonly high: number };
	readonly isNarrowing: boolean;
	/** Widths across at the start, the middle and the end, and the length, as lines in the plane. */
	readonly edges: Readonly<Record<'start' | 'middle' | 'end' | 'length', readonly [Place, Place]>>;
}

/** Boards that lie by the corners of a mat's start, and of its end. */
export const startBoards: readonly number[] = [0, 1];
export const endBoards: readonly number[] = [2, 3];

/** How much narrower an end must be to be called so, as a share of the width (work.md 7). */
export const narrowsBeyond = 0.03;

/** Where of a line from the first end to the other the start lies: by the boards, if there are. */
function startsAtLow(plane: Plane, turn: number): boolean {
	const along = (boards: readonly number[]) =>
		plane.boards
			.filter(({ board }) => boards.includes(board))
			.map((pose) => laidStraight(turn, fromBoard(pose, [90, 120]))[0]);
	const [starts, ends] = [along(startBoards), along(endBoards)];
	if (starts.length && ends.length) return mean(starts) < mean(ends);
	return true;
}

/**
 * A mat's widths along its length, its length, and whether it narrows.
 *
 * @param outline in mm of the plane, in order
 * @example matOf(rectangleOutline(1800, 860), flatPlane).isNarrowing // false
 */
export function matOf(outline: readonly Place[], plane: Plane): MatSeen {
	const piece = pieceOf(outline).box;
	const isLong = piece.right - piece.left >= piece.bottom - piece.top;
	const turn = isLong ? piece.turn : piece.turn + Math.PI / 2;
	const places = outline.map((place) => laidStraight(turn, place));
	const ys = places.map(([, y]) => y);
	const [low, high] = [Math.min(...ys), Math.max(...ys)];
	const inset = 0.06 * (high - low);
	// Where the ends lie, over the width.
	const ends = slicesAcross(
		places.map(([x, y]): Place => [y, x]),
		low + inset,
		high - inset,
		60
	);
	const lengths = ends.map((slice) => slice.high - slice.low);
	const from = mean(ends.map((slice) => slice.low));
	const to = mean(ends.map((slice) => slice.high));
	const length = to - from;
	const slices = slicesAcross(places, from + 5, to - 5, Math.max(40, Math.round(length / 12)));
	const isForward = startsAtLow(plane, turn);
	const fromStart = (x: number) => (isForward ? x - from : to - x);
	const widths = slices.map(({ along, low: a, high: b }) => ({
		at: fromStart(along),
		width: b - a,
		sides: [a, b] as const
	}));
	const between = (first: number, last: number) => {
		const held = widths.filter(({ at }) => at >= first && at <= last).map(({ width }) => width);
		return held.length ? mean(held) : mean(widths.map(({ width }) => width));
	};
	const start = between(10, 60);
	const middle = between(length / 2 - 25, length / 2 + 25);
	const end = between(length - 60, length - 10);
	const mx = mean(widths.map(({ at }) => at));
	const my = mean(widths.map(({ width }) => width));
	const xx = widths.reduce((sum, w) => sum + (w.at - mx) ** 2, 0);
	const slope = widths.reduce((sum, w) => sum + (w.at - mx) * (w.width - my), 0) / xx;
	const left = widths.map((w) => w.width - my - slope * (w.at - mx));
	// Neighbouring widths waver together: about four of them tell as much as one alone.
	const error = Math.sqrt((4 * mean(left.map((v) => v * v))) / xx);
	const fall = -slope * length;
	const range = z90 * error * length;
	const step = (start + middle) / 2 - end;
	const isByLine = Math.abs(fall) > range && fall > narrowsBeyond * start;
	// Where it narrows only towards its end a line over the whole hides it.
	const isByEnd = step > narrowsBeyond * start && step > 3 * Math.hypot(spreadOf(left), 1);
	const value = isByEnd ? Math.max(fall, step) : fall;
	const at = (distance: number): readonly [Place, Place] => {
		const near = widths.reduce((best, w) =>
			Math.abs(w.at - distance) < Math.abs(best.at - distance) ? w : best
		);
		const x = isForward ? from + distance : to - distance;
		return [turnedBack(turn, [x, near.sides[0]]), turnedBack(turn, [x, near.sides[1]])];
	};
	const y = (low + high) / 2;
	const startX = isForward ? from : to;
	const endX = isForward ? to : from;
	return {
		startMm: start,
		middleMm: middle,
		endMm: end,
		lengthMm: mean(lengths),
		profileMm: Array.from({ length: 11 }, (_, nth) =>
			between((nth / 10) * length - 25, (nth / 10) * length + 25)
		),
		waverMm: { sides: spreadOf(left), ends: spreadOf(lengths) },
		narrowsByMm: { value, low: value - range, high: value + range },
		isNarrowing: isByLine || isByEnd,
		edges: {
			start: at(35),
			middle: at(length / 2),
			end: at(length - 35),
			length: [turnedBack(turn, [startX, y]), turnedBack(turn, [endX, y])]
		}
	};
}
