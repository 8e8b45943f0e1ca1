import { subjects, type Measured, type Ranged, type Subject } from '$lib/core/photo/measured';

/** Measures of a photograph on their way to a form: by name, mm; counts and shares as they are. */
export interface Taken {
	readonly of: Subject;
	readonly values: Readonly<Record<string, number>>;
}

/** Name of it in an address. */
export const takenName = 'by-photo';

/** What of each is taken on. */
const names: Readonly<Record<Subject, readonly string[]>> = {
	bag: ['width_mm', 'body_height_mm', 'height_mm'],
	strips: ['mean_mm'],
	swatch: ['stitches', 'rows', 'width_mm', 'height_mm'],
	loom: ['warp_ends', 'rows', 'width_mm', 'height_mm'],
	mat: ['width_start_mm', 'width_middle_mm', 'width_end_mm', 'length_mm', 'narrows'],
	cover: ['gap_fraction']
};

/** Sizes by what they hold: which count, of which pitch. */
const sizes = [
	['width_mm', 'stitches', 'stitch_mm'],
	['width_mm', 'warp_ends', 'peg_mm'],
	['height_mm', 'rows', 'row_mm']
] as const;

/** What is taken on of a picture, after whatever was moved or counted by hand. */
export function takenOf(
	measured: Measured,
	measures: Readonly<Record<string, Ranged>>,
	counts: Readonly<Record<string, number>>
): Taken {
	const values: Record<string, number> = {};
	for (const name of names[measured.of]) {
		const value = counts[name] ?? measured.counts[name]?.value ?? measures[name]?.value;
		if (value !== undefined) values[name] = value;
	}
	// What was counted is as wide as its stitches and as high as its rows: edges are no rows.
	for (const [size, count, pitch] of sizes) {
		const [many, wide] = [values[count], measures[pitch]?.value];
		if (values[size] !== undefined && many !== undefined && wide !== undefined)
			values[size] = many * wide;
	}
	if (measured.isNarrowing !== null) values['narrows'] = measured.isNarrowing ? 1 : 0;
	return { of: measured.of, values };
}

/**
 * As it stands in an address.
 *
 * @example takenText({ of: 'strips', values: { mean_mm: 53.26 } }) // 'strips~mean_mm~53.26'
 */
export const takenText = ({ of, values }: Taken): string =>
	[
		of,
		...Object.entries(values).flatMap(([name, value]) => [
			name,
			String(Math.round(value * 1000) / 1000)
		])
	].join('~');

/** What an address has; null where it is nothing that was taken of a picture. */
export function readTaken(text: string | null): Taken | null {
	const [first, ...rest] = (text ?? '').split('~');
	const of = subjects.find((subject) => subject === first);
	if (!of || rest.length % 2 !== 0 || rest.length === 0 || rest.length > 12) return null;
	const values: Record<string, number> = {};
	for (let at = 0; at < rest.length; at += 2) {
		const [name, value] = [rest[at]!, Number(rest[at + 1])];
		if (!names[of].includes(name) || !Number.isFinite(value) || value < 0 || value > 100_000)
			return null;
		values[name] = value;
	}
	return { of, values };
}

/** Pages that take measures of a photograph on. */
const takers =
	/^\/(plan(\/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12})?|measures|check\/[A-Z0-9-]{3,20})$/;

/** Where measures go on to: the page one came from, or the one where most are wanted; null where only somebody knows. */
export function takerOf(of: Subject, from: string | null): string | null {
	if (from && takers.test(from)) return from;
	return of === 'bag' || of === 'strips'
		? '/plan'
		: of === 'swatch' || of === 'loom'
			? '/measures'
			: null;
}
