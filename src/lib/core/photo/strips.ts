import type { Place } from './board';
import { median } from './ground';
import { laidStraight, smallestBox, turnedBack } from './outline';

/** A strip as its outline tells it, mm in the plane. */
export interface StripSeen {
	readonly meanMm: number;
	/** How far its width varies along its length (standard deviation). */
	readonly variesMm: number;
	readonly lengthMm: number;
	readonly middle: Place;
	/** Its two edges at half length. */
	readonly across: readonly [Place, Place];
}

/**
 * Where two edges of an outline are cut across it, a slice at a time.
 *
 * @example slicesAcross(rectangleOutline(40, 30), 5, 35, 3)[0] // { along: 10, low: 0, high: 30 }
 */
export function slicesAcross(
	places: readonly Place[],
	from: number,
	to: number,
	count: number
): { along: number; low: number; high: number }[] {
	const wide = (to - from) / count;
	const bins = Array.from({ length: count }, () => [] as number[]);
	// Each piece of the outline between two places lies in the slices it passes.
	places.forEach(([x, y], at) => {
		const [nx, ny] = places[(at + 1) % places.length]!;
		const parts = Math.max(1, Math.ceil((2 * Math.abs(nx - x)) / wide));
		for (let part = 0; part < parts; part++) {
			const share = part / parts;
			const bin = Math.floor((x + share * (nx - x) - from) / wide);
			if (bin >= 0 && bin < count) bins[bin]!.push(y + share * (ny - y));
		}
	});
	return bins.flatMap((held, bin) => {
		if (held.length < 2) return [];
		const half = (Math.min(...held) + Math.max(...held)) / 2;
		const low = held.filter((y) => y < half);
		const high = held.filter((y) => y >= half);
		if (!low.length || !high.length) return [];
		return [{ along: from + (bin + 0.5) * wide, low: median(low), high: median(high) }];
	});
}

/**
 * A strip's width along its length, its ends left out; null where it is no strip.
 *
 * @example stripOf(rectangleOutline(300, 50)).meanMm // 50
 */
export function stripOf(outline: readonly Place[]): StripSeen | null {
	const box = smallestBox(outline);
	const isLong = box.right - box.left > box.bottom - box.top;
	let turn = isLong ? box.turn : box.turn + Math.PI / 2;
	let slices: ReturnType<typeof slicesAcross> = [];
	let length = 0;
	for (let round = 0; round < 2; round++) {
		const places = outline.map((place) => laidStraight(turn, place));
		const xs = places.map(([x]) => x);
		const [from, to] = [Math.min(...xs), Math.max(...xs)];
		length = to - from;
		slices = slicesAcross(places, from + 0.1 * length, to - 0.1 * length, 40);
		if (slices.length < 20) return null;
		// Turned along its own middle.
		const mx = slices.reduce((sum, s) => sum + s.along, 0) / slices.length;
		const my = slices.reduce((sum, s) => sum + (s.low + s.high) / 2, 0) / slices.length;
		let [xx, xy] = [0, 0];
		for (const s of slices) {
			xx += (s.along - mx) ** 2;
			xy += (s.along - mx) * ((s.low + s.high) / 2 - my);
		}
		if (round === 0) turn += Math.atan(xy / xx);
	}
	const widths = slices.map(({ low, high }) => high - low);
	const mean = widths.reduce((sum, w) => sum + w, 0) / widths.length;
	const half = slices[Math.floor(slices.length / 2)]!;
	return {
		meanMm: mean,
		variesMm: Math.sqrt(widths.reduce((sum, w) => sum + (w - mean) ** 2, 0) / (widths.length - 1)),
		lengthMm: length,
		middle: turnedBack(turn, [half.along, (half.low + half.high) / 2]),
		across: [turnedBack(turn, [half.along, half.low]), turnedBack(turn, [half.along, half.high])]
	};
}

/** How far one strip may be off the others' middle width. */
export const oddBeyond = 0.1;

/**
 * Which strips are off by more than a tenth of the others' middle width, in the order given.
 *
 * @example oddOnes([50, 51, 49, 60]) // [false, false, false, true]
 */
export function oddOnes(widths: readonly number[]): boolean[] {
	return widths.map((width, nth) => {
		const others = widths.filter((_, other) => other !== nth);
		if (others.length < 2) return false;
		const usual = median(others);
		return Math.abs(width - usual) > oddBeyond * usual;
	});
}

/**
 * Things that are strips among all that lies there: long, and much of one length.
 *
 * @example stripsAmong([{ thing: 1, seen: { meanMm: 50, lengthMm: 300 } }, { thing: 2, seen: { meanMm: 50, lengthMm: 60 } }]).map(({ thing }) => thing) // [1]
 */
export function stripsAmong<One>(
	all: readonly { thing: One; seen: StripSeen }[]
): { thing: One; seen: StripSeen }[] {
	const long = all.filter(({ seen }) => seen.lengthMm > 1.6 * seen.meanMm);
	const usual = median(long.map(({ seen }) => seen.lengthMm));
	const width = median(long.map(({ seen }) => seen.meanMm));
	return long.filter(
		({ seen }) =>
			seen.lengthMm > 0.6 * usual &&
			seen.lengthMm < 1.6 * usual &&
			seen.meanMm > 0.5 * width &&
			seen.meanMm < 1.7 * width
	);
}
