import type { Place } from './board';
import { median } from './ground';
import { straightAlong, across } from './line';
import { laidStraight, smallestBox, turnedBack } from './outline';

/** A bag laid flat, as its outline tells it. All mm, in the plane. */
export interface BagSeen {
	readonly widthMm: number;
	readonly bodyMm: number;
	readonly heightMm: number;
	/** How far its sides and its bottom waver (standard deviation). */
	readonly waverMm: number;
	/** Edges as lines in the plane: left, right, bottom, the neck's deepest place, the handles' tops. */
	readonly edges: {
		readonly left: readonly [Place, Place];
		readonly right: readonly [Place, Place];
		readonly bottom: readonly [Place, Place];
		readonly neck: readonly [Place, Place];
		readonly top: readonly [Place, Place];
	};
}

/** Places of an outline laid so that the bag stands upright: across from the left, up from the bottom. */
interface Upright {
	readonly turn: number;
	readonly places: Place[];
}

const quarter = Math.PI / 2;

/** Places of the neck's rim this near to its deepest are its bottom; what rises above are its sides. */
const neckWithinMm = 6;

/** How deep the outline goes in from the top of its box, over the middle of the width. */
function neckDepth(places: readonly Place[]): number {
	const xs = places.map(([x]) => x);
	const [left, right] = [Math.min(...xs), Math.max(...xs)];
	const top = Math.max(...places.map(([, y]) => y));
	const bins = 24;
	const highest = new Array<number>(bins).fill(-Infinity);
	for (const [x, y] of places) {
		const bin = Math.floor(((x - left) / (right - left || 1)) * bins);
		if (bin >= 0 && bin < bins) highest[bin] = Math.max(highest[bin]!, y);
	}
	return top - Math.min(...highest.slice(bins / 4, (3 * bins) / 4));
}

function upright(outline: readonly Place[]): Upright {
	const { turn } = smallestBox(outline);
	const ways = [0, 1, 2, 3].map((quarters) => {
		const angle = turn + quarters * quarter;
		const places = outline.map((place): Place => {
			const [x, y] = laidStraight(angle, place);
			return [x, -y];
		});
		return { turn: angle, places, depth: neckDepth(places) };
	});
	return ways.reduce((best, way) => (way.depth > best.depth ? way : best));
}

/** The bag turned a little more, so that its sides stand straight up on the whole. */
function straightened(outline: readonly Place[], from: Upright): Upright {
	let { turn, places } = from;
	for (let round = 0; round < 2; round++) {
		const { left, right } = sidesOf(places);
		const lean = Math.atan((left.slope + right.slope) / 2);
		turn += lean;
		places = outline.map((place): Place => {
			const [x, y] = laidStraight(turn, place);
			return [x, -y];
		});
	}
	return { turn, places };
}

function sidesOf(places: readonly Place[]) {
	const xs = places.map(([x]) => x);
	const ys = places.map(([, y]) => y);
	const [left, right, bottom, top] = [
		Math.min(...xs),
		Math.max(...xs),
		Math.min(...ys),
		Math.max(...ys)
	];
	const body = top - neckDepth(places) - bottom;
	const within = places.filter(([, y]) => y > bottom + 0.06 * body && y < bottom + 0.97 * body);
	const near = (side: number) =>
		within
			.filter(([x]) => Math.abs(x - side) < 0.12 * (right - left))
			.map(([x, y]): Place => [y, x]);
	return { left: straightAlong(near(left)), right: straightAlong(near(right)), bottom, top, body };
}

/**
 * A bag's measures from its outline: the sides as straight lines, their distance over the body; the
 * height to the handles' ends, the body to the deepest place of the neck.
 *
 * @param outline in mm of the plane, in order
 * @example Math.round(bagOf(exampleBag).bodyMm) // 400
 */
export function bagOf(outline: readonly Place[]): BagSeen {
	const { turn, places } = straightened(outline, upright(outline));
	const { left, right, bottom, top, body } = sidesOf(places);
	const low = places.filter(
		([x, y]) =>
			y < bottom + 0.1 * body &&
			x > across(left, y) + 0.06 * (right.at - left.at) &&
			x < across(right, y) - 0.06 * (right.at - left.at)
	);
	const base = straightAlong(low);
	const middle = bottom + body / 2;
	const width = across(right, middle) - across(left, middle);
	const centre = (across(left, middle) + across(right, middle)) / 2;
	const over = ([x, y]: Place) => y - across(base, x);
	// The neck: the highest place over each width, its lowest; smoothed by the places about it.
	const inner = places.filter(
		([x, y]) => Math.abs(x - centre) < 0.3 * width && y > bottom + 0.3 * (top - bottom)
	);
	const lowest = inner.reduce(
		(best, place) => (over(place) < over(best) ? place : best),
		inner[0] ?? [centre, middle]
	);
	const neckPlaces = inner.filter(
		(place) =>
			Math.abs(place[0] - lowest[0]) < 0.035 * width && over(place) < over(lowest) + neckWithinMm
	);
	const neck = median(neckPlaces.map(over));
	// The handles' ends: left and right of the neck, the flat upper edge of each.
	const ends = [-1, 1].map((side) => {
		const handle = places.filter(
			([x, y]) => side * (x - centre) > 0 && y > bottom + 0.5 * (top - bottom)
		);
		const highest = Math.max(...handle.map(over));
		const flat = handle.filter((place) => over(place) > highest - 0.03 * (top - bottom));
		const xs = flat.map(([x]) => x);
		const [from, to] = [Math.min(...xs), Math.max(...xs)];
		const held = flat.filter(([x]) => x > from + 0.15 * (to - from) && x < to - 0.15 * (to - from));
		return median((held.length ? held : flat).map(over));
	});
	const height = (ends[0]! + ends[1]!) / 2;
	const back = (x: number, y: number): Place => turnedBack(turn, [x, -y]);
	const bottomY = across(base, centre);
	const atHeight = (y: number): readonly [Place, Place] => [
		back(across(left, y), y),
		back(across(right, y), y)
	];
	return {
		widthMm: width * Math.cos(Math.atan((left.slope + right.slope) / 2)),
		bodyMm: neck,
		heightMm: height,
		waverMm: Math.hypot(left.spread, right.spread, base.spread) / Math.sqrt(3),
		edges: {
			left: [
				back(across(left, bottomY), bottomY),
				back(across(left, bottomY + neck), bottomY + neck)
			],
			right: [
				back(across(right, bottomY), bottomY),
				back(across(right, bottomY + neck), bottomY + neck)
			],
			bottom: [
				back(across(left, bottomY), across(base, across(left, bottomY))),
				back(across(right, bottomY), across(base, across(right, bottomY)))
			],
			neck: atHeight(bottomY + neck),
			top: atHeight(bottomY + height)
		}
	};
}
