import { describe, expect, it } from 'vitest';
import type { Crossing, Point3, Rope } from '../drawing/rope';
import { crossingsOf, ropeLine } from '../drawing/rope';
import { between } from '../drawing/between';
import { braid } from '../techniques/bands/braid';
import { braided } from './band-curves';
import { jointStages, loopJoint, teeJoint } from './joint-curves';
import { chain, overhandPair, plied } from './strand-curves';
import { stitchStates } from './stitch-states';
import { twinedPair, warp } from './weave-curves';
import { mapsToThree, whoHolds } from '../../../../tests/unit/acts/link-group';

const place = { at: [57, 36], turn: 0, scale: 1 } as const;
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
