import type { Rope } from '../../../src/lib/core/drawing/rope';
import { crossingsOf, ropeLine } from '../../../src/lib/core/drawing/rope';

/** How often the group of a link, read off its crossings (Wirtinger), is mapped into the turns of three things. */
export function mapsToThree(ropes: readonly Rope[]): number {
	const lines = ropes.map(ropeLine);
	const closed = ropes.map(() => true);
	const crossings = crossingsOf(lines, closed);
	// Each strand from one place where it dives under to the next is one letter.
	const dives = ropes.map((_, rope) =>
		crossings
			.filter(({ under }) => under.rope === rope)
			.map(({ under }) => under.at)
			.toSorted((one, other) => one - other)
	);
	const first: number[] = [];
	let letters = 0;
	for (const places of dives) {
		first.push(letters);
		letters += Math.max(1, places.length);
	}
	const letterAt = (rope: number, at: number): number => {
		const places = dives[rope] ?? [];
		const past = places.filter((place) => place < at).length;
		return (first[rope] ?? 0) + (places.length === 0 ? 0 : past % places.length);
	};
	const relations = crossings.map(({ over, under, sign }) => ({
		over: letterAt(over.rope, over.at),
		before: letterAt(under.rope, under.at),
		after: letterAt(under.rope, under.at + 1e-9),
		sign
	}));
	const turns: number[][] = [
		[0, 1, 2],
		[1, 0, 2],
		[0, 2, 1],
		[2, 1, 0],
		[1, 2, 0],
		[2, 0, 1]
	];
	const key = (turn: readonly number[]) => turns.findIndex((one) => one.join() === turn.join());
	const times = (a: number, b: number) =>
		key([0, 1, 2].map((at) => (turns[a] ?? [])[(turns[b] ?? [])[at] ?? 0] ?? 0));
	const inverse = turns.map((_, a) => turns.findIndex((__, b) => times(a, b) === 0));
	const table = turns.map((_, a) => turns.map((__, b) => times(a, b)));
	const of = (a: number, b: number) => table[a]?.[b] ?? 0;
	let count = 0;
	const given: number[] = Array<number>(letters).fill(-1);
	const walk = (): void => {
		const set: number[] = [];
		const undo = () => {
			for (const letter of set) given[letter] = -1;
		};
		for (let isNew = true; isNew;) {
			isNew = false;
			for (const { over, before, after, sign } of relations) {
				const [o = -1, b = -1, a = -1] = [given[over], given[before], given[after]];
				if (o < 0 || (b < 0 && a < 0)) continue;
				const turned = (x: number, way: 1 | -1) =>
					way === 1 ? of(of(o, x), inverse[o] ?? 0) : of(of(inverse[o] ?? 0, x), o);
				if (b >= 0) {
					const should = turned(b, sign);
					if (a >= 0 && a !== should) return undo();
					if (a < 0) {
						given[after] = should;
						set.push(after);
						isNew = true;
					}
				} else {
					given[before] = turned(a, sign === 1 ? -1 : 1);
					set.push(before);
					isNew = true;
				}
			}
		}
		const free = given.indexOf(-1);
		if (free < 0) count++;
		else
			for (let turn = 0; turn < 6; turn++) {
				given[free] = turn;
				walk();
				given[free] = -1;
			}
		undo();
	};
	walk();
	return count;
}

/** Whoever holds both rings, a hand through the far end of each: one closed line, above the table and below it. */
export const whoHolds = (
	[x1, y1]: readonly [number, number],
	[x2, y2]: readonly [number, number]
): Rope => ({
	points: [
		[x1, y1, 40],
		[(x1 + x2) / 2, (y1 + y2) / 2 - 2, 40],
		[x2, y2, 40],
		[x2 + 1, y2 + 1, 0],
		[x2, y2 + 2, -40],
		[(x1 + x2) / 2, (y1 + y2) / 2 + 4, -40],
		[x1, y1 + 2, -40],
		[x1 - 1, y1 + 1, 0]
	],
	wide: 1,
	tone: 'ink',
	isClosed: true
});
