import { DomainError } from '../domain-error';

/** A colour by lightness and its two axes, as the eye tells colours apart (CIE L*a*b*, D65). */
export type Lab = readonly [lightness: number, a: number, b: number];

/**
 * A colour as the eye tells it apart, from the six digits it is drawn with.
 *
 * @param hex `#rrggbb`
 * @throws DomainError where it is no such colour
 * @source CIE 1976
 * @example labOf('#ffffff').map(Math.round) // [100, 0, 0]
 */
export function labOf(hex: string): Lab {
	if (!/^#[0-9a-f]{6}$/i.test(hex)) throw new DomainError('hex', NaN, {});
	const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => {
		const part = parseInt(hex.slice(at, at + 2), 16) / 255;
		return part <= 0.04045 ? part / 12.92 : ((part + 0.055) / 1.055) ** 2.4;
	});
	return labOfLight(r, g, b);
}

const root = (share: number) =>
	share > 216 / 24389 ? Math.cbrt(share) : ((24389 / 27) * share + 16) / 116;

/**
 * A colour as the eye tells it apart, from its light.
 *
 * @param r,g,b light of red, green and blue, 0 to 1, in proportion to the light itself (not sRGB)
 * @source CIE 1976
 * @example labOfLight(1, 1, 1).map(Math.round) // [100, 0, 0]
 */
export function labOfLight(r: number, g: number, b: number): Lab {
	const x = root((0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047);
	const y = root(0.2126729 * r + 0.7151522 * g + 0.072175 * b);
	const z = root((0.0193339 * r + 0.119192 * g + 0.9503041 * b) / 1.08883);
	return [116 * y - 16, 500 * (x - y), 200 * (y - z)];
}

/**
 * How far two colours are apart to the eye: about 2 is just seen beside each other, 10 at a glance.
 *
 * @throws DomainError where either is no colour
 * @source CIE 1976 difference
 * @example colourDifference('#000000', '#ffffff') // 100
 */
export function colourDifference(one: string, other: string): number {
	const [from, to] = [labOf(one), labOf(other)];
	return Math.hypot(from[0] - to[0], from[1] - to[1], from[2] - to[2]);
}

/**
 * The colour that looks most like one among others, and how far it is from it; null among none.
 *
 * @param films every colour as it is drawn
 * @example nearestColour('a', { a: '#ff0000', b: '#00ff00', c: '#dd0000' })?.colour // 'c'
 */
export function nearestColour<Name extends string>(
	colour: Name,
	films: Readonly<Partial<Record<Name, string>>>
): { readonly colour: Name; readonly difference: number } | null {
	const own = films[colour];
	if (own === undefined) return null;
	let nearest: { colour: Name; difference: number } | null = null;
	for (const [name, film] of Object.entries(films) as [Name, string][]) {
		if (name === colour) continue;
		const difference = colourDifference(own, film);
		if (!nearest || difference < nearest.difference) nearest = { colour: name, difference };
	}
	return nearest;
}
