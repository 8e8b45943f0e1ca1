import { describe, expect, it } from 'vitest';
import { totalSeconds } from '../effort/stations';
import { modelPlan } from '../model/model';
import { plansOfAllSorts } from '../model/plans.arbitrary';
import { startingPlan } from '../model/starting-plan';
import { barePoint, barePractice } from '../practice/practice';
import { compareAll } from './compare-all';
import { sweepStripWidths, variedCut, withStripWidth } from './width-sweep';

const loom = plansOfAllSorts['a spiral, knotted, on a firm loom with a short piece'];
const frame = plansOfAllSorts['a frame with cloth warps in panels'];
const pouches = plansOfAllSorts['whole pouches with their top off, on a loose loom'];
if (!loom || !frame || !pouches) throw new Error('plans are wanted');
const widths = (plan: typeof startingPlan, points: number) =>
	sweepStripWidths(plan, barePractice, points).map(({ stripWidthMm }) => stripWidthMm);

describe('another strip width', () => {
	it('is the weft’s on a loom and the plan’s own elsewhere, and leaves the rest of the cut as it was', () => {
		const weft = withStripWidth(loom, 44).technique;
		expect(weft.kind === 'peg-loom' && weft.weftCut).toEqual({
			style: 'spiral',
			stripWidthMm: 44,
			marginMm: 30,
			trimBottomMm: 12,
			trimTopMm: 15
		});
		expect(withStripWidth(loom, 44).cut).toBe(loom.cut);
		expect(withStripWidth(frame, 44)).toEqual({
			...frame,
			cut: { ...frame.cut, stripWidthMm: 44 }
		});
		expect(withStripWidth(startingPlan, 44).cut).toEqual({
			style: 'loops',
			stripWidthMm: 44,
			trimBottomMm: 50,
			trimTopMm: 50
		});
		expect(variedCut(frame)).toBe(frame.cut);
	});

	it('there is none where the cut has no strips', () => {
		expect(variedCut(pouches)).toBeNull();
		expect(withStripWidth(pouches, 44)).toBe(pouches);
		expect(sweepStripWidths(pouches, barePractice)).toEqual([]);
	});
});

describe('a sweep of strip widths', () => {
	it('goes from 12 mm to 150 mm, or to what the bag has room for, a spiral to half of that', () => {
		expect(widths(startingPlan, 4)).toEqual([12, 58, 104, 150]);
		// 385 mm less 12 and 15 are 358, and two turns go into that.
		expect(widths(frame, 3)).toEqual([12, 81, 150]);
		const short = { ...startingPlan, bag: { ...startingPlan.bag, bodyMm: 220 } };
		expect(widths(short, 3)).toEqual([12, 66, 120]);
		expect(
			widths(
				{ ...short, cut: { style: 'spiral', stripWidthMm: 30, trimBottomMm: 40, trimTopMm: 60 } },
				3
			)
		).toEqual([12, 36, 60]);
		expect(sweepStripWidths(startingPlan, barePractice)).toHaveLength(60);
	});

	it('says of each width what the model says', () => {
		for (const { stripWidthMm, bags, hours, cover } of sweepStripWidths(
			startingPlan,
			barePractice,
			5
		)) {
			const model = modelPlan(withStripWidth(startingPlan, stripWidthMm), barePoint);
			expect([bags, hours, cover]).toEqual([
				model.toCollect,
				totalSeconds(model.seconds) / 3600,
				model.mat.cover
			]);
		}
	});

	it('leaves out widths that cannot be made, and hides no fault', () => {
		const narrow = {
			...startingPlan,
			bag: { ...startingPlan.bag, flatWidthMm: 45, gussetMm: 0, massG: 6 }
		};
		const made = widths(narrow, 12);
		expect(made.length).toBeGreaterThan(0);
		expect(made.length).toBeLessThan(12);
		expect(() =>
			sweepStripWidths({ ...startingPlan, technique: { kind: 'none' } as never }, barePractice)
		).toThrow(TypeError);
	});
});

describe('comparing all', () => {
	it('says of each method what the model says of it, by whole counts and our own bags', () => {
		const heavier = {
			...barePractice,
			factors: { ...barePractice.factors, bagMass: { median: 1.2, cv: 0.01 } }
		};
		const { bag, target } = startingPlan;
		const shares: number[] = [];
		const all = compareAll(bag, target, heavier, {
			stepMm: 25,
			onProgress: (share) => shares.push(share)
		});
		expect(shares[0]).toBe(0);
		expect(shares.at(-1)).toBe(1);
		for (const [nth, share] of shares.slice(0, -1).entries())
			expect(share).toBeCloseTo(nth * (shares[1] ?? NaN), 9);
		expect(shares.every((share) => share >= 0 && share <= 1)).toBe(true);
		expect(all.length).toBeGreaterThan(500);
		const middle = { ...barePoint, factors: { ...barePoint.factors, bagMass: 1.2 } };
		for (const { cut, technique, bags, hours } of all.filter((_, nth) => nth % 60 === 0)) {
			const model = modelPlan({ bag, target, cut, technique }, middle);
			expect([bags, hours]).toEqual([model.toCollect, totalSeconds(model.seconds) / 3600]);
		}
	});
});
