import { mean, spreadOf } from '../statistics/mean';
import type { Place } from './board';
import { laidStraight, smallestBox, type Box } from './outline';
import { slicesAcross } from './strips';

/** A piece with straight sides that waver, as its outline tells it: the mean place of each side. All mm in the plane. */
export interface PieceSeen {
	readonly box: Box;
	/** Spread of each pair of sides about its mean: across (left and right) and down (top and bottom). */
	readonly waver: { readonly across: number; readonly down: number };
	/** Distance between opposite sides at so many places from one end to the other. */
	readonly widths: readonly number[];
	readonly heights: readonly number[];
}

/** How far about the middle of each side is looked at: its ends are rounded. */
const shareLeftOut = 0.08;

/**
 * The mean sides of a piece.
 *
 * @param outline in mm of the plane, in order
 * @example Math.round(pieceOf(rectangleOutline(120, 90)).widths[0]) // 120
 */
export function pieceOf(outline: readonly Place[]): PieceSeen {
	let { turn } = smallestBox(outline);
	let sides = sidesAt(outline, turn);
	for (let round = 0; round < 2; round++) {
		const tilt = (slices: readonly { along: number; low: number; high: number }[]) => {
			const mx = mean(slices.map((s) => s.along));
			const my = mean(slices.map((s) => (s.low + s.high) / 2));
			let [xx, xy] = [0, 0];
			for (const s of slices) {
				xx += (s.along - mx) ** 2;
				xy += (s.along - mx) * ((s.low + s.high) / 2 - my);
			}
			return xx > 0 ? Math.atan(xy / xx) : 0;
		};
		const [rows, columns] = [tilt(sides.down), -tilt(sides.across)];
		const weights = [sides.width ** 3, sides.height ** 3] as const;
		turn += (rows * weights[0] + columns * weights[1]) / (weights[0] + weights[1]);
		sides = sidesAt(outline, turn);
	}
	const { down, across } = sides;
	return {
		box: {
			turn,
			left: mean(across.map((s) => s.low)),
			right: mean(across.map((s) => s.high)),
			top: mean(down.map((s) => s.low)),
			bottom: mean(down.map((s) => s.high))
		},
		waver: {
			across: Math.hypot(spreadOf(across.map((s) => s.low)), spreadOf(across.map((s) => s.high))),
			down: Math.hypot(spreadOf(down.map((s) => s.low)), spreadOf(down.map((s) => s.high)))
		},
		widths: across.map((s) => s.high - s.low),
		heights: down.map((s) => s.high - s.low)
	};
}

/** Opposite sides at a turn: top and bottom over the width, left and right over the height. */
function sidesAt(outline: readonly Place[], turn: number) {
	const places = outline.map((place) => laidStraight(turn, place));
	const xs = places.map(([x]) => x);
	const ys = places.map(([, y]) => y);
	const bounds = (values: readonly number[]) => {
		const [from, to] = [Math.min(...values), Math.max(...values)];
		const out = shareLeftOut * (to - from);
		return { from: from + out, to: to - out, size: to - from };
	};
	const [x, y] = [bounds(xs), bounds(ys)];
	return {
		down: slicesAcross(places, x.from, x.to, 60),
		across: slicesAcross(
			places.map(([px, py]): Place => [py, px]),
			y.from,
			y.to,
			60
		),
		width: x.size,
		height: y.size
	};
}
