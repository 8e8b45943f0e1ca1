import { describe, expect, it } from 'vitest';
import { bagPresets } from '../../../src/lib/core/bag/presets';
import type { Crossing, Point3, Rope } from '../../../src/lib/core/drawing/rope';
import { crossingsOf, ropeLine } from '../../../src/lib/core/drawing/rope';
import {
	fingersAt,
	hangingSpindle,
	roundsOnFingers,
	twistedUp,
	winderAfter
} from '../../../src/lib/core/acts/ball-pictures';
import { bagOutline, lieBag } from '../../../src/lib/core/acts/bag-pictures';
import { metBy } from '../../../src/lib/core/acts/crossing-order';
import {
	bagFate,
	bagFates,
	foldedPacket,
	halfBagRing,
	piecesOfSpiral,
	spiralCuts,
	wallsAt
} from '../../../src/lib/core/acts/cut-pictures';
import {
	loopJoint,
	slitJoint,
	teeJoint,
	wristJoint
} from '../../../src/lib/core/acts/joint-curves';
import { plied } from '../../../src/lib/core/acts/strand-curves';
import { mapsToThree, whoHolds } from './link-group';

const { bag } = bagPresets[0];
const both = [true, false];

describe('cuts, as they are drawn', () => {
	it('sort every bag to one pile, and five piles are all there are', () => {
		const met = new Set<string>();
		for (const isWetInside of both)
			for (const isNewInBox of both)
				for (const doesFilmCrack of both)
					for (const hole of ['body', 'edge', null] as const)
						met.add(bagFate({ isWetInside, isNewInBox, doesFilmCrack, hole }));
		expect([...met].toSorted()).toEqual([...bagFates].toSorted());
		const sound = { isWetInside: false, isNewInBox: false, doesFilmCrack: false, hole: null };
		expect(bagFate({ ...sound, hole: 'body' })).toBe('stuffing');
		expect(bagFate({ ...sound, hole: 'edge' })).toBe('pile');
		// Wet ones dry first, whatever they are.
		expect(bagFate({ ...sound, isWetInside: true, hole: 'body' })).toBe('dry-first');
	});
	it('flatten to a rectangle as wide as the bag and as high as body and handle, four walls at a side fold', () => {
		const place = lieBag(bag, { left: 28, width: 64, foot: 68, height: 64 });
		const outline = bagOutline(bag, place);
		const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
		expect((Math.max(...xs) - Math.min(...xs)) / place.scale).toBeCloseTo(bag.flatWidthMm, 6);
		expect((Math.max(...ys) - Math.min(...ys)) / place.scale).toBeCloseTo(
			bag.bodyMm + bag.handleMm,
			6
		);
		expect([
			wallsAt(bag, 1),
			wallsAt(bag, bag.gussetMm - 1),
			wallsAt(bag, bag.gussetMm + 1)
		]).toEqual([4, 4, 2]);
	});
	it.each([1, 2, 3])('fold %i times end to end: one cut less than loops, all alike', (folds) => {
		const { layers, folds: all } = foldedPacket(folds);
		expect([layers.length, all.length]).toEqual([2 ** folds, 2 ** folds - 1]);
		expect(new Set(layers).size).toBe(layers.length);
		// Each fold joins parts that follow each other, and lies at one end of the packet.
		for (const { parts } of all) expect(parts[1] - parts[0]).toBe(1);
		const [near, far] = [0, 1].map((end) => all.filter((fold) => fold.end === end).length);
		// One end has the two free ends and a fold less than the other.
		expect((far ?? 0) - (near ?? 0)).toBe(1);
	});
	it('cut a slit tube into one strip, a slant more than slits, two of which reach the outside', () => {
		for (const slits of [2, 4, 7]) {
			const cuts = spiralCuts(slits);
			expect(piecesOfSpiral(cuts)).toEqual({ strips: [slits + 1], rings: [] });
			expect(cuts.slants).toHaveLength(slits + 1);
			const outside = cuts.slants.filter(
				([[from], [to]]) => from === cuts.left || Math.abs(to - cuts.right) < 1e-9
			);
			expect(outside).toHaveLength(2);
			// Cut straight across at the last, one turn falls out as a ring, and the strip is a turn shorter.
			const straight = spiralCuts(slits, slits + 1, { at: slits, way: 'straight' });
			expect(piecesOfSpiral(straight)).toEqual({ strips: [slits], rings: [1] });
		}
	});
	it('cut a half bag along its fold to a ring half as long as from seam to handle tip', () => {
		const { halfLengthMm, joins, ringsOfBag } = halfBagRing(bag);
		expect(halfLengthMm / bag.bodyMm).toBeCloseTo((bag.bodyMm + bag.handleMm / 2) / bag.bodyMm, 9);
		expect([joins.length, ringsOfBag]).toEqual([2, 2]);
	});
});

const at = { at: [57, 36], turn: 0, scale: 1 } as const;
const held = (
	ropes: readonly Rope[],
	near: readonly [number, number],
	far: readonly [number, number]
) => mapsToThree([...ropes, whoHolds(near, far)]);
const linking = (one: Rope, other: Rope): number =>
	crossingsOf([one, other].map(ropeLine), [true, true])
		.filter((crossing: Crossing) => crossing.over.rope !== crossing.under.rope)
		.reduce((sum, { sign }) => sum + sign, 0) / 2;

describe('joints, as they are drawn', () => {
	const joined = held(loopJoint(8, at, 0), [-30, 35], [106, 35]);
	const apart = held(loopJoint(0, at, 0), [-30, 35], [108, 35]);
	it('over the wrists are the loop joint: held at their far ends they do not come apart', () => {
		expect(joined).not.toBe(apart);
		for (const stage of [1, 2] as const)
			expect(held(wristJoint(stage), [17, 36], stage === 1 ? [95, 36] : [105, 36])).toBe(joined);
		const [one, other] = wristJoint(2);
		expect(linking(one, other)).toBe(0);
		// Hung, one on each arm, they have not met.
		expect(
			crossingsOf(wristJoint(0).map(ropeLine)).every(({ over, under }) => over.rope === under.rope)
		).toBe(true);
	});
	it('as a T come apart half through, and not once the far end is through itself', () => {
		const hold = (stage: number, far: readonly [number, number]) =>
			held(teeJoint(stage), [-10, 45], far);
		expect(hold(1, [74, 14])).toBe(apart);
		expect(hold(8, [74, 5])).toBe(joined);
		// Half through: the ring passes the eye once, as much of it on one side as on the other.
		const ys = teeJoint(1)[1].points.map(([, y]) => y - 32);
		expect(Math.abs(Math.max(...ys) + Math.min(...ys))).toBeLessThan(3);
	});
	it('by slits: the new strip goes through the old slit and through its own, and before that through none', () => {
		const through = (stage: 1 | 2 | 3) => {
			const { old, fresh } = slitJoint(stage);
			// The strip from its slit to its far end, closed high above the table.
			const [first = [0, 0, 0], last = [0, 0, 0]] = [
				fresh.strip.points[0],
				fresh.strip.points.at(-1)
			];
			const strip: Rope = {
				...fresh.strip,
				points: [
					...fresh.strip.points,
					[last[0] + 20, last[1], 40],
					[last[0] + 20, 90, 40],
					[first[0] + 40, 90, 2],
					[first[0] + 12, 60, 2]
				] as Point3[],
				isClosed: true
			};
			return [old.slit, fresh.slit].map((slit) => Math.abs(linking(slit, strip)));
		};
		expect(through(1)).toEqual([0, 0]);
		expect(through(2)).toEqual([1, 1]);
		expect(through(3)).toEqual([1, 1]);
	});
});

describe('balls and spun yarn, as they are drawn', () => {
	it('begin in plain rounds: before both fingers and behind both, never across between them', () => {
		const rounds = 10;
		const finger = (x: number): Rope => ({
			points: [
				[x, 80, 0],
				[x, 40, 0],
				[x, 0, 0]
			],
			wide: 1,
			tone: 'ground'
		});
		const met = metBy([...fingersAt.map(finger), roundsOnFingers(rounds, 1)], 2);
		const passes = met.filter(({ other }) => other < 2).map(({ pass }) => pass);
		expect(passes).toHaveLength(4 * rounds);
		for (const pass of ['over', 'under'] as const)
			expect(passes.filter((one) => one === pass)).toHaveLength(2 * rounds);
		// An eight would change between the fingers.
		expect(passes.slice(0, 9).join()).toMatch(/over,over,under,under,over,over/);
	});
	it('turn the crank a little on with every round, the strand through the eye of the guide', () => {
		const turned = [0, 3, 8, 20].map((rounds) => winderAfter(rounds));
		for (const [nth, one] of turned.entries()) {
			const before = turned[nth - 1];
			if (before) expect(one.crank.degrees).toBeGreaterThan(before.crank.degrees);
			expect(one.strand).toContainEqual(one.guideEye);
			expect(
				Math.hypot(one.crank.handle[0] - one.crank.at[0], one.crank.handle[1] - one.crank.at[1])
			).toBeCloseTo(11, 9);
		}
		expect(
			turned
				.map(({ ballRadius }) => ballRadius)
				.every((radius, nth, all) => nth === 0 || radius > (all[nth - 1] ?? 0))
		).toBe(true);
	});
	it('hang from the hook: tied to the shaft below the disc, by the notch, by the hook, straight up to the fingers', () => {
		const { shaft, notch, hook, fingers, strand, foot } = hangingSpindle(0.5, 0.3);
		expect(strand.map(([x, y]) => [x, y])).toEqual(
			[shaft, notch, hook, fingers].map(([x, y]) => [x, y])
		);
		expect([
			shaft[1] > notch[1],
			notch[1] > hook[1],
			hook[1] > fingers[1],
			foot[1] > shaft[1]
		]).toEqual([true, true, true, true]);
		expect(hook[0]).toBe(fingers[0]);
	});
	it('twist one way all along, and the other way when plied', () => {
		const signs = (ropes: readonly Rope[]) =>
			new Set(crossingsOf(ropes.map(ropeLine)).map(({ sign }) => sign));
		const [spun, plies] = [signs(plied(5, 2.4, 0, 100, 36)), signs(plied(-3, 4, 0, 100, 36))];
		expect([spun.size, plies.size]).toEqual([1, 1]);
		expect([...spun][0]).toBe(-([...plies][0] ?? 0));
		expect(signs(twistedUp(3, 60, 40, 6, 2)).size).toBe(1);
	});
});
