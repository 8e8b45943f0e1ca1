import { within } from '../domain-error';
import type { ColourName } from './colours';

/** Balls of each colour, to be put in an order. */
export type ColourCounts = Partial<Readonly<Record<ColourName, number>>>;

const counted = (counts: ColourCounts): [ColourName, number][] =>
	(Object.entries(counts) as [ColourName, number][])
		.map(([colour, count]): [ColourName, number] => [
			colour,
			within(colour, count, { atLeast: 0, isWhole: true })
		])
		.filter(([, count]) => count > 0);

/**
 * An order that reads the same from both ends, as nearly as the counts allow: pairs outside in, the
 * most plentiful colour outermost, single ones in the middle.
 *
 * @returns the order, and whether it is symmetric: at most one colour may be odd
 * @throws DomainError where a count is not a whole number from 0
 * @example symmetricOrder({ blue: 2, white: 1 }) // { order: ['blue', 'white', 'blue'], isSymmetric: true }
 */
export function symmetricOrder(counts: ColourCounts): {
	order: ColourName[];
	isSymmetric: boolean;
} {
	const half: ColourName[] = [];
	const middle: ColourName[] = [];
	const rounds = counted(counts).sort((a, b) => b[1] - a[1]);
	for (const [colour, count] of rounds) if (count % 2 === 1) middle.push(colour);
	// One pair of each colour at a time, so that stripes alternate instead of lying in blocks.
	const most = Math.max(0, ...rounds.map(([, count]) => Math.floor(count / 2)));
	for (let round = 0; round < most; round++) {
		for (const [colour, count] of rounds) if (Math.floor(count / 2) > round) half.push(colour);
	}
	return {
		order: [...half, ...middle, ...[...half].reverse()],
		isSymmetric: middle.length <= 1
	};
}

/**
 * An order in which no colour lies beside itself, or null where one colour is more than half of all.
 *
 * @throws DomainError where a count is not a whole number from 0
 * @example neverBesideItself({ blue: 2, white: 1 }) // ['blue', 'white', 'blue']
 */
export function neverBesideItself(counts: ColourCounts): ColourName[] | null {
	const colours = counted(counts).sort((a, b) => b[1] - a[1]);
	let total = 0;
	for (const [, count] of colours) total += count;
	const most = colours[0]?.[1] ?? 0;
	if (most > Math.ceil(total / 2)) return null;
	// Filled into every other place, then into the places between, colour by colour.
	const order = Array<ColourName>(total);
	let place = 0;
	for (const [colour, count] of colours) {
		for (let ball = 0; ball < count; ball++) {
			order[place] = colour;
			place += 2;
			if (place >= total) place = 1;
		}
	}
	return order;
}

/**
 * The balls in no order at all: noise, as a mat of many small remainders has it.
 *
 * @param chance from 0, below 1
 * @throws DomainError where a count is not a whole number from 0
 * @example noiseOrder({ blue: 1, white: 1 }, () => 0) // ['white', 'blue']
 */
export function noiseOrder(counts: ColourCounts, chance: () => number): ColourName[] {
	const order = counted(counts).flatMap(([colour, count]) => Array<ColourName>(count).fill(colour));
	for (let at = order.length - 1; at > 0; at--) {
		const other = Math.floor(chance() * (at + 1));
		[order[at], order[other]] = [order[other] as ColourName, order[at] as ColourName];
	}
	return order;
}
