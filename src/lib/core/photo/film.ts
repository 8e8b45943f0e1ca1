import type { ColourName } from '../colour/colours';
import { median, of, type Seen } from './ground';
import type { Mask } from './sight';

/** Colours of film laid on a table as the eye tells them apart: lightness, and its two axes, beside paper. */
const films: Readonly<Partial<Record<ColourName, readonly [number, number, number]>>> = {
	white: [78, 0, 1],
	grey: [58, 0, 0],
	black: [16, 0, 0],
	blue: [43, 9, -42],
	green: [54, -31, 18],
	yellow: [77, -2, 52],
	orange: [62, 32, 50],
	red: [40, 42, 25],
	pink: [63, 34, -2],
	brown: [36, 15, 20]
};

/** The colour of a film, and whether it is sure. */
export interface FilmSeen {
	readonly colour: ColourName;
	readonly isSure: boolean;
}

/** How much more the nearest colour must be like it than the next one. */
const sureBy = 1.6;

/** Share of a coloured ground's own colour that is seen through clear film, from which on it is called so. */
const seenThrough = 0.15;

/**
 * What colour a film has.
 *
 * @param within where it lies, in the coarse picture
 * @example filmOf({ width: 1, height: 1, step: 1, lightness: [43], a: [9], b: [-42], where: [0] }, { width: 1, height: 1, data: [1] }) // { colour: 'blue', isSure: true }
 */
export function filmOf(seen: Seen, within: Mask): FilmSeen {
	const inside: [number[], number[], number[]] = [[], [], []];
	const ground: [number[], number[]] = [[], []];
	within.data.forEach((held, at) => {
		if (held) {
			inside[0].push(seen.lightness[at]!);
			inside[1].push(seen.a[at]!);
			inside[2].push(seen.b[at]!);
		} else if (seen.where[at] === of.ground && at % 7 === 0) {
			ground[0].push(seen.a[at]!);
			ground[1].push(seen.b[at]!);
		}
	});
	const [l, a, b] = inside.map(median) as [number, number, number];
	const apart = Object.entries(films)
		.map(([colour, [fl, fa, fb]]) => ({
			colour: colour as ColourName,
			apart: Math.hypot(0.6 * (l - fl), a - fa, b - fb)
		}))
		.sort((one, other) => one.apart - other.apart);
	const [nearest, next] = apart as [(typeof apart)[number], (typeof apart)[number]];
	const [ga, gb] = [median(ground[0]), median(ground[1])];
	const strength = Math.hypot(ga, gb);
	if (strength > 8 && Math.hypot(a, b) < 12 && l > 30 && l < 74) {
		const share = (a * ga + b * gb) / strength ** 2;
		if (share > seenThrough) return { colour: 'clear', isSure: false };
	}
	return {
		colour: nearest.colour,
		isSure: next.apart > sureBy * Math.max(4, nearest.apart)
	};
}
