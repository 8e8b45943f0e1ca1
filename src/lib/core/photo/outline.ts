import type { Place } from './board';
import { lightAt, median } from './ground';
import type { Light } from './light';

/**
 * Area within an outline, in the square of its unit.
 *
 * @example areaOf([[0, 0], [4, 0], [4, 3], [0, 3]]) // 12
 */
export function areaOf(outline: readonly Place[]): number {
	let sum = 0;
	outline.forEach(([x, y], at) => {
		const [nx, ny] = outline[(at + 1) % outline.length]!;
		sum += x * ny - nx * y;
	});
	return Math.abs(sum) / 2;
}

/**
 * The outermost outline: what a thread laid about it would follow (Andrew's chain).
 *
 * @example hullOf([[0, 0], [4, 0], [2, 1], [4, 3], [0, 3]]).length // 4
 */
export function hullOf(places: readonly Place[]): Place[] {
	const sorted = [...places].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
	const half = (from: readonly Place[]) => {
		const held: Place[] = [];
		for (const p of from) {
			while (held.length > 1) {
				const [a, b] = [held[held.length - 2]!, held[held.length - 1]!];
				if ((b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]) > 0) break;
				held.pop();
			}
			held.push(p);
		}
		return held.slice(0, -1);
	};
	return [...half(sorted), ...half(sorted.reverse())];
}

/** Something laid straight: how it is turned, and its bounds so turned. */
export interface Box {
	readonly turn: number;
	readonly left: number;
	readonly right: number;
	readonly top: number;
	readonly bottom: number;
}

/**
 * A place turned back by an angle, so that what was turned by it lies straight.
 *
 * @example laidStraight(Math.PI / 2, [0, 2]).map(Math.round) // [2, 0]
 */
export const laidStraight = (turn: number, [x, y]: Place): Place => [
	x * Math.cos(turn) + y * Math.sin(turn),
	-x * Math.sin(turn) + y * Math.cos(turn)
];

/**
 * A place of what lies straight, as it is turned.
 *
 * @example turnedBack(Math.PI / 2, [2, 0]).map(Math.round) // [0, 2]
 */
export const turnedBack = (turn: number, [x, y]: Place): Place => [
	x * Math.cos(turn) - y * Math.sin(turn),
	x * Math.sin(turn) + y * Math.cos(turn)
];

/**
 * The smallest box about an outline.
 *
 * @example smallestBox(rectangleOutline(40, 30)).right // 40
 */
export function smallestBox(outline: readonly Place[]): Box {
	const hull = hullOf(outline);
	let best: Box & { area: number } = {
		turn: 0,
		left: 0,
		right: 0,
		top: 0,
		bottom: 0,
		area: Infinity
	};
	hull.forEach((from, at) => {
		const to = hull[(at + 1) % hull.length]!;
		const turn = Math.atan2(to[1] - from[1], to[0] - from[0]);
		const there = hull.map((place) => laidStraight(turn, place));
		const [xs, ys] = [there.map((p) => p[0]), there.map((p) => p[1])];
		const [left, right] = [Math.min(...xs), Math.max(...xs)];
		const [top, bottom] = [Math.min(...ys), Math.max(...ys)];
		const area = (right - left) * (bottom - top);
		if (area < best.area) best = { turn, left, right, top, bottom, area };
	});
	return best;
}

/** An outline followed along the light: where it is halfway between the thing and the ground beside it. */
export interface Followed {
	/** Places in pixels of the picture, in order. */
	readonly places: Place[];
	/** How much lighter or darker the thing is than its ground, of the paper's light. */
	readonly contrast: number;
	/** Share of places where the change could not be told; these are as they were. */
	readonly missed: number;
}

/** How much of a change must be one of colour for shadows to be left out by it. */
const leastOfColour = 0.35;

/**
 * The change of light from a thing to its ground, by which its edge is told. A shadow makes the ground
 * darker and leaves its colour: where colours differ enough, only what is not along the ground's own counts.
 */
function shadowless(inner: readonly number[], outer: readonly number[]): number[] {
	const change = inner.map((v, colour) => outer[colour]! - v);
	const squared = outer.reduce((sum, v) => sum + v * v, 0);
	if (squared < 1e-6) return change;
	const along = change.reduce((sum, v, colour) => sum + v * outer[colour]!, 0) / squared;
	const across = change.map((v, colour) => v - along * outer[colour]!);
	return Math.hypot(...across) > leastOfColour * Math.hypot(...change) &&
		Math.hypot(...across) > 0.05
		? across
		: change;
}

/**
 * A coarse outline made exact: across it, at each place, where the light changes halfway.
 *
 * @param outline pixels of the picture, in order, the thing on either side
 * @param reach how far from the coarse outline the edge may lie, pixels
 * @example followed(exampleLight(60, 60, (x) => (x < 20 ? 0 : 1)), traced([[22, 10], [22, 40], [10, 40], [10, 10]]), 4).missed < 1 // true
 */
export function followed(light: Light, outline: readonly Place[], reach: number): Followed {
	const count = outline.length;
	let twice = 0;
	outline.forEach(([x, y], at) => {
		const [nx, ny] = outline[(at + 1) % count]!;
		twice += x * ny - nx * y;
	});
	const side = twice > 0 ? 1 : -1;
	const places: Place[] = [];
	const contrasts: number[] = [];
	let missed = 0;
	const arm = Math.max(2, Math.round(reach / 2));
	const steps = Math.round(reach * 4);
	for (let at = 0; at < count; at++) {
		const here = outline[at]!;
		const before = outline[(at - arm + count) % count]!;
		const after = outline[(at + arm) % count]!;
		const length = Math.hypot(after[0] - before[0], after[1] - before[1]) || 1;
		// Outwards, wherever the outline runs.
		const out: Place = [
			(side * (after[1] - before[1])) / length,
			(-side * (after[0] - before[0])) / length
		];
		const values: [number, number, number][] = [];
		for (let step = -steps; step <= steps; step++) {
			const off = (reach * step) / steps;
			values.push(lightAt(light, [here[0] + off * out[0], here[1] + off * out[1]]));
		}
		const end = Math.max(2, Math.round(steps / 2.5));
		const middle = (part: readonly [number, number, number][]) =>
			[0, 1, 2].map((colour) => median(part.map((v) => v[colour]!)));
		const inner = middle(values.slice(0, end));
		const outer = middle(values.slice(-end));
		const change = shadowless(inner, outer);
		const size = Math.hypot(...change);
		let cross: number | null = null;
		if (size > 0.004) {
			const share = values.map(
				(v) => v.reduce((sum, one, c) => sum + (one - inner[c]!) * change[c]!, 0) / size ** 2
			);
			// The crossing nearest to the coarse outline.
			for (let step = 1; step < share.length; step++) {
				const [low, high] = [share[step - 1]!, share[step]!];
				if (low < 0.5 && high >= 0.5) {
					const found = ((step - 1 + (0.5 - low) / (high - low) - steps) * reach) / steps;
					if (cross === null || Math.abs(found) < Math.abs(cross)) cross = found;
				}
			}
			contrasts.push(size);
		}
		if (cross === null) missed++;
		places.push(cross === null ? here : [here[0] + cross * out[0], here[1] + cross * out[1]]);
	}
	return { places, contrast: median(contrasts), missed: missed / Math.max(1, count) };
}
