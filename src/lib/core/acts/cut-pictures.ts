import type { Bag } from '../bag/measure-bag';
import type { Point } from '../drawing/smooth-line';

/** What becomes of a bag that came in. */
export const bagFates = ['dry-first', 'stuffing', 'recycling', 'own-pile', 'pile'] as const;
export type BagFate = (typeof bagFates)[number];

/** What is seen of a bag that is held to the light. */
export interface SeenBag {
	readonly isWetInside: boolean;
	readonly isNewInBox: boolean;
	readonly doesFilmCrack: boolean;
	/** Where it has a hole or a tear: what is near the seam or in a handle comes off with them. */
	readonly hole: 'body' | 'edge' | null;
}

/**
 * Where a bag goes: wet ones dry first, whatever else they are; film that cracks is no use even for stuffing.
 *
 * @example bagFate({ isWetInside: false, isNewInBox: false, doesFilmCrack: false, hole: 'edge' }) // 'pile'
 */
export function bagFate({ isWetInside, isNewInBox, doesFilmCrack, hole }: SeenBag): BagFate {
	if (isWetInside) return 'dry-first';
	if (doesFilmCrack) return 'recycling';
	if (hole === 'body') return 'stuffing';
	return isNewInBox ? 'own-pile' : 'pile';
}

/**
 * Walls of film at a place of a flat bag, its side folds tucked in.
 *
 * @param fromEdgeMm how far inside the left edge, 0 to its width
 * @example wallsAt({ flatWidthMm: 300, gussetMm: 80, bodyMm: 400, handleMm: 0, massG: 5 }, 20) // 4
 */
export const wallsAt = ({ flatWidthMm, gussetMm }: Bag, fromEdgeMm: number): 2 | 4 =>
	Math.min(fromEdgeMm, flatWidthMm - fromEdgeMm) < gussetMm ? 4 : 2;

/** A packet folded end to end: its layers from the top, each a share of the length, and the folds between them. */
export interface Packet {
	/** Which part of the length, from 0, lies at each height, from the top. */
	readonly layers: readonly number[];
	/** Parts that a fold joins, and the end of the packet it lies at. */
	readonly folds: readonly { readonly parts: readonly [number, number]; readonly end: 0 | 1 }[];
}

/**
 * A length folded end to end so many times. Cut open at both ends, every part of it is a piece of its own.
 *
 * @param endFolds whole, 0 to 4
 * @example foldedPacket(2).layers // [0, 3, 2, 1]
 */
export function foldedPacket(endFolds: number): Packet {
	const parts = 2 ** endFolds;
	// Folded in half, the far half comes under the near one, upside down.
	let stacks = Array.from({ length: parts }, (_, part) => [part]);
	while (stacks.length > 1) {
		const half = stacks.length / 2;
		stacks = stacks
			.slice(0, half)
			.map((stack, at) => [...stack, ...(stacks[stacks.length - 1 - at] ?? []).toReversed()]);
	}
	return {
		layers: stacks[0] ?? [],
		folds: Array.from({ length: parts - 1 }, (_, part) => ({
			parts: [part, part + 1] as const,
			end: part % 2 === 0 ? (1 as const) : (0 as const)
		}))
	};
}

/** Where a tube is cut into one strip: looked at from above, its spine across, slits from both sides. */
export interface SpiralCuts {
	readonly left: number;
	readonly right: number;
	/** Ends of the slits at the near side of the spine, and at its far side. */
	readonly near: readonly Point[];
	readonly far: readonly Point[];
	/** Cuts across the spine, in order. */
	readonly slants: readonly (readonly [Point, Point])[];
}

/** How a slant goes: over to the next slit, straight across, or past one. */
export type SlantWay = 'next' | 'straight' | 'skips';

/**
 * Cuts that make one strip of a slit tube: each from a slit's near end to the next one's far end, the first and the last to the outside.
 *
 * @param slits whole, 2 or more
 * @param made how many of the slants are cut, all where left out
 * @param odd one slant that goes another way
 * @example spiralCuts(4).slants.length // 5
 */
export function spiralCuts(
	slits: number,
	made = slits + 1,
	odd: { readonly at: number; readonly way: SlantWay } | null = null
): SpiralCuts {
	const [left, right] = [14, 106];
	const x = (slit: number): number => left + (slit / (slits + 1)) * (right - left);
	const [nearY, farY] = [43, 29];
	const along = Array.from({ length: slits }, (_, at) => at + 1);
	const target = (slant: number): number => {
		if (odd?.at !== slant) return slant + 1;
		return odd.way === 'straight' ? slant : odd.way === 'skips' ? slant + 2 : slant + 1;
	};
	return {
		left,
		right,
		near: along.map((slit): Point => [x(slit), nearY]),
		far: along.map((slit): Point => [x(slit), farY]),
		slants: Array.from({ length: Math.min(made, slits + 1) }, (_, slant) => [
			[x(slant), nearY] as const,
			[x(Math.min(slits + 1, target(slant))), farY] as const
		])
	};
}

/**
 * What falls out of a tube that is cut so, read off the drawing: areas of the spine between two cuts hang together, and
 * each turn hangs together round the back.
 *
 * @returns the turns of each strip with two ends, and of each ring
 * @example piecesOfSpiral(spiralCuts(4)) // { strips: [5], rings: [] }
 */
export function piecesOfSpiral({ near, far, slants, left, right }: SpiralCuts): {
	readonly strips: readonly number[];
	readonly rings: readonly number[];
} {
	const turns = near.length + 1;
	// Which turns touch an area, at its near and at its far side.
	const middles = (ends: readonly Point[]): number[] => {
		const at = [left, ...ends.map(([x]) => x), right];
		return Array.from({ length: turns }, (_, turn) => ((at[turn] ?? 0) + (at[turn + 1] ?? 0)) / 2);
	};
	const area = (x: number, side: 0 | 1): number =>
		slants.filter((slant) => slant[side][0] < x - 1e-9).length;
	const [nears, fars] = [middles(near).map((x) => area(x, 0)), middles(far).map((x) => area(x, 1))];
	const areas = slants.length + 1;
	const whole = Array.from({ length: areas }, (_, at) => at);
	const root = (at: number): number => (whole[at] === at ? at : root(whole[at] ?? at));
	for (let turn = 0; turn < turns; turn++) whole[root(nears[turn] ?? 0)] = root(fars[turn] ?? 0);
	const ends = (at: number): number =>
		nears.filter((one) => one === at).length + fars.filter((one) => one === at).length;
	const pieces = [...new Set(whole.map((_, at) => root(at)))].map((piece) => {
		const of = whole.map((_, at) => at).filter((at) => root(at) === piece);
		const links = nears.filter((one) => root(one) === piece).length;
		// As many turns as areas run round into themselves; one turn less leaves two ends.
		return { turns: links, isRing: links === of.filter((at) => ends(at) > 0).length };
	});
	return {
		strips: pieces.filter(({ isRing }) => !isRing).map(({ turns: many }) => many),
		rings: pieces.filter(({ isRing }) => isRing).map(({ turns: many }) => many)
	};
}

/**
 * One half of a bag cut down its middle and along its side fold: a ring, and where its walls still hang together.
 *
 * @returns half its length, mm: from the seam to the handle's tip
 * @example halfBagRing({ flatWidthMm: 300, gussetMm: 80, bodyMm: 400, handleMm: 100, massG: 5 }).halfLengthMm // 450
 */
export const halfBagRing = ({ bodyMm, handleMm }: Bag) =>
	({ halfLengthMm: bodyMm + handleMm / 2, joins: ['seam', 'tip'], ringsOfBag: 2 }) as const;
