import { describe, expect, it } from 'vitest';
import type { Crossing, Point3, Rope } from '../drawing/rope';
import { crossingsOf, ropeLine } from '../drawing/rope';
import { between } from '../drawing/between';
import { braid } from '../techniques/bands/braid';
import { isOver } from '../techniques/peg-loom/over-under';
import { bandStrands, braided, linkedWeaver } from './band-curves';
import { jointStages, loopJoint, teeJoint } from './joint-curves';
import { chain, overhandPair, plied } from './strand-curves';
import { stitchStates } from './stitch-states';
import { twinedPair, warp, weft } from './weave-curves';

/** How often the group of a link, read off its crossings (Wirtinger), is mapped into the turns of three things. */
function mapsToThree(ropes: readonly Rope[]): number {
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

const place = { at: [57, 36], turn: 0, scale: 1 } as const;
/** Whoever holds both rings, a hand through the far end of each: one closed line, above the table and below it. */
const whoHolds = (
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
const held = (ropes: readonly Rope[], far: readonly [number, number]): number =>
	mapsToThree([...ropes, whoHolds([-30, 35], far)]);
const between2 = (lines: readonly (readonly Point3[])[], one: number, other: number): Crossing[] =>
	crossingsOf(lines).filter(
		({ over, under }) =>
			(over.rope === one && under.rope === other) || (over.rope === other && under.rope === one)
	);
const linking = (ropes: readonly Rope[]): number =>
	between2(ropes.map(ropeLine), 0, 1).reduce((sum, { sign }) => sum + sign, 0) / 2;

describe('a loop joint', () => {
	const snug = loopJoint(jointStages - 1, place, 0);
	it('cannot be drawn apart while each ring is held, and can where they only lie on each other', () => {
		const apart = held(loopJoint(0, place, 0), [108, 35]);
		const [lying, onTop] = snug;
		const lifted = { ...onTop, points: onTop.points.map(([x, y, z]): Point3 => [x, y, z + 9]) };
		expect(held([lying, lifted], [106, 35])).toBe(apart);
		const joined = held(snug, [106, 35]);
		expect(joined).not.toBe(apart);
		// However it is made it is the same joint: half drawn, bowed, or as a T.
		expect(held(loopJoint(6, place, 0), [95, 35])).toBe(joined);
		expect(held(loopJoint(jointStages - 1, place, 5), [106, 35])).toBe(joined);
		const tee = teeJoint(jointStages - 1);
		expect(mapsToThree([...tee, whoHolds([-10, 45], [74, 5])])).toBe(joined);
		// Through the eye alone, not back through itself, it slips out again.
		expect(held(loopJoint(2, place, 0), [95, 35])).toBe(apart);
	});
	it('links nothing that was not linked: two whole rings can be joined so without cutting either', () => {
		for (let stage = 0; stage < jointStages; stage++)
			expect(linking(loopJoint(stage, place, 0)), `stage ${stage}`).toBe(0);
		expect(mapsToThree(snug)).toBe(36);
	});
	it('goes over and under: the lying ring crosses it four times, and lies on top where the new one goes through', () => {
		const crossings = between2(snug.map(ropeLine), 0, 1);
		const over = crossings.filter((crossing) => crossing.over.rope === 0).length;
		expect([over, crossings.length - over]).toEqual([2, 2]);
	});
	it('is made without a strand passing through another on the way', () => {
		let [least, where] = [Infinity, ''];
		for (let stage = 0; stage + 1 < jointStages; stage++)
			for (let share = 0; share <= 1; share += 0.05) {
				const now = between(loopJoint(stage, place, 0), loopJoint(stage + 1, place, 0), share);
				const lines = now.map(ropeLine);
				for (const { gap } of crossingsOf(lines, [true, true]))
					if (gap < least) [least, where] = [gap, `stage ${stage} + ${share.toFixed(2)}`];
			}
		expect(least, where).toBeGreaterThan(0.25);
	});
});

describe('other curves', () => {
	it('of a weave shown alternate, along each row and from row to row', () => {
		const at = { left: 16, right: 104, foot: 66, pitch: 10, wide: 5 };
		const ropes = [...warp(6, at, 70, 2), weft(6, 4, isOver, at)];
		const found = crossingsOf(ropes.map(ropeLine)).toSorted((a, b) => {
			const along = ({ over, under }: Crossing) => (over.rope === 6 ? over.at : under.at);
			return along(a) - along(b);
		});
		expect(found).toHaveLength(24);
		const over = found.map((crossing) => crossing.over.rope === 6);
		for (let row = 0; row < 4; row++) {
			const cells = over.slice(6 * row, 6 * row + 6);
			expect(cells.every((one, cell) => cell === 0 || one !== cells[cell - 1])).toBe(true);
		}
		// The next row begins where the last ended: opposite on the same strand.
		for (let row = 1; row < 4; row++) expect(over[6 * row]).toBe(!over[6 * row - 1]);
	});
	it('of a twined pair hold every end of warp between them, and cross between two', () => {
		const at = { left: 14, right: 106, foot: 70, pitch: 13, wide: 3 };
		for (const row of [1, 2]) {
			const ropes = [...warp(6, at, 74, -2), ...twinedPair(6, row, at)];
			const lines = ropes.map(ropeLine);
			for (let end = 0; end < 6; end++) {
				const one = between2(lines, end, 6);
				const other = between2(lines, end, 7);
				expect([one.length, other.length]).toEqual([1, 1]);
				expect((one[0]?.over.rope === 6) !== (other[0]?.over.rope === 7)).toBe(true);
			}
			expect(between2(lines, 6, 7).length).toBeGreaterThanOrEqual(5);
		}
	});
	it('of a braid end where its strands do, and no strand is over twice at one crossing', () => {
		for (const made of [0, 1, 3, 6]) {
			const ropes = braided(3, made, 14, { x: 14, y: 24, apart: 12 }, 4, 1);
			const lanes = ropes.map((rope) => Math.round(((rope.points.at(-1)?.[1] ?? 0) - 24) / 12));
			expect(lanes).toEqual([0, 1, 2].map((strand) => braid(3, made).indexOf(strand)));
			expect(crossingsOf(ropes.map(ropeLine))).toHaveLength(made);
		}
	});
	it('of a weaver go over and under a band, and take the edge strand of the band before alone', () => {
		const at = { left: 8, right: 114, top: 8, apart: 10 };
		const ropes = [
			...bandStrands(3, 2, 118, 8, 10, 0),
			...bandStrands(3, 2, 118, 8, 10, 3),
			linkedWeaver(3, 6, 1, at)
		];
		const lines = ropes.map(ropeLine);
		expect([0, 1].map((strand) => between2(lines, strand, 6).length)).toEqual([0, 0]);
		const edge = between2(lines, 2, 6);
		expect(edge.filter(({ over }) => over.rope === 6).length).toBe(3);
		expect(edge.filter(({ over }) => over.rope === 2).length).toBeGreaterThanOrEqual(2);
		const middle = between2(lines, 4, 6).map(({ over }) => over.rope === 6);
		expect([middle.filter(Boolean).length, middle.length]).toEqual([3, 6]);
	});
	it('of two ends in an overhand knot are knotted: one closed behind itself is a trefoil', () => {
		const [one] = overhandPair(1, 1);
		// The knot’s own crossings with itself: three, over and under in turn.
		const line = ropeLine({ ...one, points: one.points.slice(2, -1) });
		const own = crossingsOf([line]);
		const order = own
			.flatMap(({ over, under }) => [
				{ at: over.at, isOver: true },
				{ at: under.at, isOver: false }
			])
			.toSorted((a, b) => a.at - b.at)
			.map((pass) => pass.isOver);
		expect(order).toHaveLength(6);
		expect(order.every((pass, at) => at === 0 || pass !== order[at - 1])).toBe(true);
		expect(new Set(own.map(({ sign }) => sign)).size).toBe(1);
	});
	it('of plies cross twice a turn, and none at all untwisted', () => {
		const crossings = (turns: number) =>
			crossingsOf(plied(turns, 2, 10, 110, 36).map(ropeLine)).length;
		expect([crossings(0), crossings(3)]).toEqual([0, 6]);
	});
	it('of a chain draw each loop up through the one before: over its end, and never under', () => {
		const rope = chain(4, 1, 14, 16, 36);
		const found = crossingsOf([ropeLine(rope)]);
		// A loop's two sides lie over the end of the loop before, and the way to it under it: three a stitch.
		const own = found.filter(({ over, under }) => Math.abs(over.at - under.at) > 12);
		expect(own.length).toBeGreaterThanOrEqual(9);
		const later = own.filter(({ over, under, gap }) => over.at > under.at && gap > 0.5).length;
		expect(later).toBeGreaterThanOrEqual(6);
	});
	it('of the stitches begin and end with one loop, with as many on the hook as are drawn through', () => {
		for (const stitch of ['sc', 'hdc', 'dc'] as const)
			expect(stitchStates(stitch).at(-1)?.loops).toBe(1);
		expect(stitchStates('hdc').map(({ loops }) => loops)).toEqual([1, 2, 3, 3, 1]);
		expect(stitchStates('dc').map(({ loops }) => loops)).toEqual([1, 2, 3, 3, 2, 2, 1]);
	});
});
