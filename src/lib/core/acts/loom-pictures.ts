import type { Point3, Rope } from '../drawing/rope';
import type { Tone } from '../drawing/scene';
import { newRingAt } from './joint-curves';

/** One strand of a warp on its pegs: on which pair, and whether it is the second one there. */
export interface LaidStrand {
	readonly peg: number;
	readonly isSecond: boolean;
}

/**
 * The strands of a warp in the order they are laid: two on the first bolts, one a peg, two on the last bolts.
 *
 * @param pegs at each end, the bolts among them, whole, 2 or more
 * @example laidStrands(5).length // 7
 */
export const laidStrands = (pegs: number): LaidStrand[] =>
	Array.from({ length: pegs }, (_, peg) =>
		peg === 0 || peg === pegs - 1
			? [
					{ peg, isSecond: false },
					{ peg, isSecond: true }
				]
			: [{ peg, isSecond: false }]
	).flat();

/**
 * How many are drawn of so many: as many where they fit, else the most that fit and are odd or even as they are.
 *
 * @param there how many there are, whole, 2 or more
 * @param most how many fit, whole, 3 or more
 * @example [drawnOf(28, 5), drawnOf(29, 5), drawnOf(3, 5)] // [4, 5, 3]
 */
export const drawnOf = (there: number, most: number): number =>
	there <= most ? there : most - ((most - there) % 2 === 0 ? 0 : 1);

/** Where the pegs of both ends stand across the picture, and what a peg to the next takes. */
export const loomAt = { left: 12, right: 108, top: 12, pitch: 12 } as const;
/**
 * How far down the picture a peg stands, from 0.
 * @example pegY(2) // 36
 */
export const pegY = (peg: number): number => loomAt.top + peg * loomAt.pitch;

/** Where the two rings of a strand that are drawn are joined: half way from peg to peg, far from both. */
export const jointX = (loomAt.left + loomAt.right) / 2;

/**
 * A strand on its pair of pegs: two rings, joined half way, each about its peg.
 *
 * @param slack how far it hangs
 * @example pegStrand({ peg: 0, isSecond: false }, 0).length // 2
 */
export function pegStrand({ peg, isSecond }: LaidStrand, slack = 0): Rope[] {
	const y = pegY(peg) + (isSecond ? 2.6 : 0);
	const half = 1.9;
	const ring = (from: number, to: number): Rope => ({
		points: [
			[from, y, 1],
			[from + (to - from) * 0.04, y - half - 0.9, 1],
			[(from + to) / 2, y - half + slack, 1],
			[to, y - 0.8, 1],
			[to, y + 0.8, 1],
			[(from + to) / 2, y + half + slack, 1],
			[from + (to - from) * 0.04, y + half + 0.9, 1]
		],
		wide: 1.5,
		tone: 'film-other',
		isClosed: true
	});
	return [ring(loomAt.left - 3.4, jointX + 2), ring(loomAt.right + 3.4, jointX - 2)];
}

/** Where a weave with its edges lies: upright strands, the outermost a bundle of two and a rod. */
export interface EdgedPlace {
	/** Strands across, each edge bundle as one: whole, 3 or more. */
	readonly strands: number;
	readonly left: number;
	readonly right: number;
	readonly foot: number;
	readonly pitch: number;
}
export const edged: EdgedPlace = { strands: 6, left: 14, right: 106, foot: 66, pitch: 11 };
/** Where the wefts of both ends are tied to each other, under the second strand. */
export const meetingKnot: Point3 = [26, 25, -2.4];

const across = (strand: number, { left, right, strands }: EdgedPlace): number =>
	left + ((strand - 0.5) * (right - left)) / strands;

/** Ropes of the warp, in order, and the bundle each belongs to, from 1. */
export interface EdgedWarp {
	readonly ropes: readonly Rope[];
	readonly bundleOf: readonly number[];
}

/**
 * A warp with its edges: at each side two strands and the rod, that the weft takes as one.
 *
 * @param hasRods whether the rods are in
 * @example edgedWarp(edged, 72, 0, true).ropes.length // 10
 */
export function edgedWarp(
	place: EdgedPlace,
	from: number,
	to: number,
	hasRods: boolean
): EdgedWarp {
	const upright = (x: number, wide: number, tone: Tone): Rope => ({
		points: [from, from + (to - from) / 3, from + (2 * (to - from)) / 3, to].map((y): Point3 => [
			x,
			y,
			0
		]),
		wide,
		tone
	});
	const all = Array.from({ length: place.strands }, (_, nth) => {
		const strand = nth + 1;
		const x = across(strand, place);
		const side = strand === 1 ? -1 : strand === place.strands ? 1 : 0;
		if (side === 0) return [{ rope: upright(x, 4.4, 'film-other'), strand }];
		return [
			...(hasRods ? [{ rope: upright(x + side * 3.8, 1.8, 'quiet'), strand }] : []),
			{ rope: upright(x + side * 0.4, 2, 'film-other'), strand },
			{ rope: upright(x - side * 3, 2, 'film-other'), strand }
		];
	}).flat();
	return { ropes: all.map(({ rope }) => rope), bundleOf: all.map(({ strand }) => strand) };
}

/**
 * The weft through such a warp, row upon row from the left, round the edge bundle and the rod together.
 *
 * @param over whether it passes over a strand in a row, both from 1
 * @param until how far it has come, 0 to 1
 * @param way 1 lays each row above the one before, −1 below it
 * @param begins from which side its first row comes
 * @example edgedWeft(2, () => true, edged, 1).points.length // 16
 */
export function edgedWeft(
	rows: number,
	over: (row: number, strand: number) => boolean,
	place: EdgedPlace,
	until: number,
	way: 1 | -1 = 1,
	begins: 'left' | 'right' = 'left',
	tone: Tone = 'weft'
): Rope {
	const out = 0.5 * ((place.right - place.left) / place.strands) + 2;
	const points: Point3[] = [];
	for (let row = 1; row <= rows; row++) {
		const y = place.foot - way * (row - 0.5) * place.pitch;
		const isRightward = (row % 2 === 1) === (begins === 'left');
		const cells = Array.from({ length: place.strands }, (_, nth): Point3 => [
			across(nth + 1, place),
			y,
			over(row, nth + 1) ? 2 : -2
		]);
		const first = across(1, place) - out + 3;
		const last = across(place.strands, place) + out - 3;
		const run: Point3[] = [
			[first, y, cells[0]?.[2] ?? 0],
			...cells,
			[last, y, cells.at(-1)?.[2] ?? 0]
		];
		points.push(...(isRightward ? run : run.toReversed()));
	}
	return { points, wide: 3.6, tone, until };
}

/**
 * The first ring of the weft about the edge bundle: its end under, folded back over, the rest through it.
 *
 * @param stage 0 beside, 1 its end under, 2 folded back over, 3 the rest through it
 * @returns the bundle, two strands and the rod, and the ring after them
 * @example weftStart(3).length // 4
 */
export function weftStart(stage: 0 | 1 | 2 | 3): Rope[] {
	const stages = [0, 1, 2, 6] as const;
	const upright = (x: number, wide: number, tone: Tone): Rope => ({
		points: [78, 48, 24, -6].map((y): Point3 => [x, y, 0]),
		wide,
		tone
	});
	return [
		upright(38, 2.6, 'quiet'),
		upright(43, 2.4, 'film-other'),
		upright(47.5, 2.4, 'film-other'),
		newRingAt(stages[stage], { at: [52, 36], turn: 0, scale: 1.9 })
	];
}

/**
 * Loops on their pegs, lifted one by one, each drawn through the one before; the last is tied to the mat.
 *
 * @param pegs whole, 2 or more
 * @param lifted how many loops are off their pegs, 0 to `pegs`
 * @returns the loops in order, and the links between them: of `pegs` loops one less
 * @example chainOff(5, 5).links // 4
 */
export function chainOff(
	pegs: number,
	lifted: number
): { readonly loops: readonly Rope[]; readonly links: number } {
	const pitch = 96 / pegs;
	const foot = 58;
	const loops = Array.from({ length: pegs }, (_, at): Rope => {
		const x = 14 + at * pitch;
		// What the next is drawn through lies over to the right; the last stands up.
		const lies = at < lifted ? 1 : 0;
		return {
			points: [
				[x - 2.6, foot + 16, 0],
				[x - 2.6, foot, -0.4],
				[x - 2.8 + 3.4 * lies, foot - 11 - 3 * (1 - lies), 1.2],
				[x - 3 + (2 + 0.8 * pitch) * lies, foot - 19 - 10 * (1 - lies) + 2 * lies, 1],
				[x + (3 + 1.25 * pitch) * lies, foot - 33 * (1 - lies) - 13 * lies, 0],
				[x + 3 + 1.1 * pitch * lies, foot - 29 * (1 - lies) - 8 * lies, 0.6],
				[x + 2.8 + 3.4 * lies, foot - 14 * (1 - lies) - 7.5 * lies, 1],
				[x + 2.6, foot, -0.4],
				[x + 2.6, foot + 16, 0]
			],
			wide: 2.4,
			tone: at === lifted - 1 && lifted > 0 ? 'weft' : 'film-other'
		};
	});
	return { loops, links: Math.max(0, lifted - 1) };
}
