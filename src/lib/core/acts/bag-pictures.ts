import type { Bag } from '../bag/measure-bag';
import type { Tone } from '../drawing/scene';
import type { SketchMark } from '../drawing/sketch-scene';
import type { Point } from '../drawing/smooth-line';

/** A bag lying flat in a sketch: its left edge, its seam, and the scale. Up on the bag is up on the page. */
export interface LyingBag {
	readonly left: number;
	readonly foot: number;
	/** Units a millimetre. */
	readonly scale: number;
}

/**
 * Where a bag lies in a sketch, in so much room.
 *
 * @example lieBag({ flatWidthMm: 300, gussetMm: 80, bodyMm: 400, handleMm: 100, massG: 5 }, { left: 10, width: 100, foot: 68, height: 60 }).scale // 0.12
 */
export function lieBag(
	bag: Bag,
	room: {
		readonly left: number;
		readonly width: number;
		readonly foot: number;
		readonly height: number;
	}
): LyingBag {
	const scale = Math.min(room.width / bag.flatWidthMm, room.height / (bag.bodyMm + bag.handleMm));
	return { left: room.left + (room.width - bag.flatWidthMm * scale) / 2, foot: room.foot, scale };
}

/**
 * The outline of a bag lying flat with its sides tucked in, its handles up.
 *
 * @returns places in order, from the seam at the left and round by the clock
 * @example bagOutline({ flatWidthMm: 300, gussetMm: 0, bodyMm: 400, handleMm: 0, massG: 5 }, { left: 10, foot: 68, scale: 0.1 }).length // 4
 */
export function bagOutline(bag: Bag, { left, foot, scale }: LyingBag): Point[] {
	const [width, body, handle] = [
		bag.flatWidthMm * scale,
		bag.bodyMm * scale,
		bag.handleMm * scale
	] as const;
	const top = foot - body;
	const strap = 0.26 * width;
	const rim = top - handle;
	return handle > 0
		? [
				[left, foot],
				[left, rim],
				[left + strap, rim],
				[left + strap + 1, top - 0.25 * handle],
				[left + strap + 4, top],
				[left + width - strap - 4, top],
				[left + width - strap - 1, top - 0.25 * handle],
				[left + width - strap, rim],
				[left + width, rim],
				[left + width, foot]
			]
		: [
				[left, foot],
				[left, top],
				[left + width, top],
				[left + width, foot]
			];
}

/**
 * A bag lying flat: its body, its handles, its gussets as dashed lines, its seam as a thick one.
 *
 * @example bagMarks({ flatWidthMm: 300, gussetMm: 0, bodyMm: 400, handleMm: 0, massG: 5 }, { left: 10, foot: 68, scale: 0.1 }).length // 2
 */
export function bagMarks(bag: Bag, place: LyingBag, tone: Tone = 'film-other'): SketchMark[] {
	const { left, foot, scale } = place;
	const [width, gusset] = [bag.flatWidthMm * scale, bag.gussetMm * scale];
	const top = foot - bag.bodyMm * scale;
	const side = (x: number): SketchMark => ({
		show: 'dashed',
		points: [
			[x, top],
			[x, foot]
		]
	});
	return [
		{ show: 'patch', points: bagOutline(bag, place), tone },
		{
			show: 'rod',
			from: [left + 1, foot],
			to: [left + width - 1, foot]
		},
		...(gusset > 0 ? [side(left + gusset), side(left + width - gusset)] : [])
	];
}

/** How a bag lies when one looks into it from its open end. */
export type EndOn = 'open' | 'half' | 'tucked';

/**
 * A bag seen end on: one closed line, as long in every way it lies, with its sides out, half in, or tucked in flat.
 *
 * @returns places in order, as many in each way, so that one turns into another
 * @example endOn({ flatWidthMm: 300, gussetMm: 80, bodyMm: 400, handleMm: 0, massG: 5 }, 'open', [60, 36], 0.1).length // 48
 */
export function endOn(bag: Bag, way: EndOn, [x, y]: Point, scale: number): Point[] {
	const [width, gusset] = [bag.flatWidthMm * scale, bag.gussetMm * scale];
	const round = 2 * width + 4 * gusset;
	const count = 48;
	const lift = way === 'tucked' ? 1.6 : 8;
	// How far the fold of a side lies inside its edges.
	const tucked = way === 'tucked' ? gusset : way === 'half' ? 0.55 * gusset : 0;
	if (way === 'open' || gusset === 0) {
		// An oval of the same round; flat enough, its half axes are a quarter of it and a little.
		const b = way === 'open' ? 0.11 * round : way === 'half' ? 0.06 * round : 0.016 * round;
		const a = ovalWidth(round, b);
		return Array.from({ length: count }, (_, at): Point => {
			const angle = (2 * Math.PI * at) / count;
			return [x + a * Math.cos(angle), y - b * Math.sin(angle)];
		});
	}
	// One side's fold to its upper edge, over to the other side, down into its fold and back below.
	const corner = Math.sqrt(Math.max(0, gusset ** 2 - tucked ** 2)) || lift;
	const half = width / 2;
	const corners: Point[] = [
		[half - tucked, 0],
		[half, -corner],
		[-half, -corner],
		[-half + tucked, 0],
		[-half, corner],
		[half, corner]
	];
	return alongClosed(corners, count).map(([px, py]): Point => [x + px, y + py]);
}

/** Half the width of an oval of so long a round (Ramanujan) and so much half height. */
function ovalWidth(round: number, b: number): number {
	let [low, high] = [b, round / 2];
	for (let step = 0; step < 40; step++) {
		const a = (low + high) / 2;
		const h = ((a - b) / (a + b)) ** 2;
		const long = Math.PI * (a + b) * (1 + (3 * h) / (10 + Math.sqrt(4 - 3 * h)));
		if (long < round) low = a;
		else high = a;
	}
	return low;
}

/** So many places at even steps along a closed line of straight pieces. */
function alongClosed(corners: readonly Point[], count: number): Point[] {
	const sides = corners.map((from, at) => {
		const to = corners[(at + 1) % corners.length] ?? from;
		return { from, to, long: Math.hypot(to[0] - from[0], to[1] - from[1]) };
	});
	const round = sides.reduce((sum, { long }) => sum + long, 0);
	return Array.from({ length: count }, (_, nth): Point => {
		let left = (nth / count) * round;
		for (const { from, to, long } of sides) {
			if (left <= long) {
				const share = long === 0 ? 0 : left / long;
				return [from[0] + share * (to[0] - from[0]), from[1] + share * (to[1] - from[1])];
			}
			left -= long;
		}
		return corners[0] ?? [0, 0];
	});
}
