import { describe, expect, it } from 'vitest';
import { bagPresets } from '../bag/presets';
import { judgePlan } from '../judge/judge-plan';
import { modelPlan } from '../model/model';
import { planProblems } from '../model/plan-problems';
import { startingPlan } from '../model/starting-plan';
import type { Plan } from '../model/types';
import { barePoint } from '../practice/practice';
import { panelsOf } from '../techniques/twined/panels';
import { toolWidthMm } from './tools';

const trims = { trimBottomMm: 50, trimTopMm: 50 };
const onLoom = (pegs?: number, pegToPegMm?: number): Plan => ({
	...startingPlan,
	bag: bagPresets[0].bag,
	cut: { style: 'whole-tube', ...trims },
	technique: {
		kind: 'peg-loom',
		pitchMm: 25.4,
		pegs,
		pegToPegMm,
		packing: 'firm',
		weftCut: { style: 'loops', equalStrips: 2, ...trims }
	}
});

describe('a plan on a loom that stands there', () => {
	it('has exactly its pegs and its length, whatever mat is wanted', () => {
		for (const target of [
			{ widthMm: 850, lengthMm: 1850 },
			{ widthMm: 700, lengthMm: 2000 }
		]) {
			const plan = { ...onLoom(28, 1828.8), target };
			const { mat } = modelPlan(plan, barePoint);
			if (mat.kind !== 'peg-loom') throw new Error('a loom is wanted');
			expect(mat.pegs).toBe(28);
			expect(mat.pegToPegMm).toBe(1828.8);
			expect(mat.warpStrands).toBe(30);
			// (P − 1) p + d_warp wide, and as many rows as lie between the clear gaps.
			expect(mat.widthMm).toBeCloseTo(27 * 25.4 + mat.warpDiameterMm, 9);
			expect(mat.rows).toBe(Math.floor((1828.8 - 50) / mat.rowPitchMm));
			expect(planProblems(plan)).toEqual([]);
		}
	});

	it('follows the mat that is wanted where no loom is named, as before', () => {
		const { mat } = modelPlan(onLoom(), barePoint);
		if (mat.kind !== 'peg-loom') throw new Error('a loom is wanted');
		expect(mat.pegs).toBe(Math.round(850 / 25.4) + 1);
		expect(mat.pegToPegMm).toBe(1900);
	});

	it('says what size it is, and offers no length that the loom cannot make', () => {
		const plan = { ...onLoom(28, 1600), sleeperHeightMm: 1750 };
		const calls = judgePlan(plan, modelPlan(plan, barePoint));
		expect(calls.find(({ code }) => code === 'size-missed')?.figures.wantedMm).toBe(850);
		const short = calls.find(({ code }) => code === 'mat-shorter-than-sleeper');
		expect(short).toBeDefined();
		expect(short?.cure).toBeUndefined();
	});

	it('is refused with the bound where the loom is none', () => {
		expect(planProblems(onLoom(2, 1800))).toMatchObject([{ path: 'technique.pegs' }]);
		expect(planProblems(onLoom(28, 200))).toMatchObject([{ path: 'technique.peg_to_peg_mm' }]);
	});
});

describe('a plan on a frame that stands there', () => {
	const technique = { kind: 'twined', pitchMm: 14, nails: 30, frameLengthMm: 1830 } as const;

	it('makes panels of its nails, as many as come nearest to the mat', () => {
		const { mat } = modelPlan({ ...startingPlan, technique }, barePoint);
		if (mat.kind !== 'twined') throw new Error('a frame is wanted');
		expect(mat.panel.nails).toBe(30);
		expect(mat.panels).toMatchObject({ across: 2, along: 1, widthMm: 420, lengthMm: 1830 });
		expect(mat.widthMm).toBe(840);
		expect(mat.panel.warpMm).toBe(2 * 30 * 1830);
		expect(mat.panel.spacingMm).toBe(14);
	});

	it('is never less than one panel', () => {
		expect(
			panelsOf({ widthMm: 100, lengthMm: 100 }, { widthMm: 420, lengthMm: 1830 })
		).toMatchObject({ across: 1, along: 1, count: 1 });
	});
});

describe('hooks that are there', () => {
	it('are the ones advised', () => {
		const technique = { kind: 'crochet', stitch: 'sc', hookMm: 4 } as const;
		const advised = (hooksMm?: number[]) => {
			const plan = { ...startingPlan, technique: { ...technique, hooksMm } };
			return judgePlan(plan, modelPlan(plan, barePoint)).find(({ code }) => code === 'hook-small')
				?.figures.suggestedMm;
		};
		expect(advised()).toBe(8);
		expect(advised([4, 10, 6])).toBe(6);
	});
});

it('a loom is as wide as from its first peg to its last, a frame as its nails stand', () => {
	expect(
		toolWidthMm({ sort: 'loom', pegs: 28, pitchMm: 25, pegToPegMm: 1800, hasRods: true })
	).toBe(675);
	expect(toolWidthMm({ sort: 'frame', nails: 30, pitchMm: 14, lengthMm: 1830, rods: 'eyes' })).toBe(
		420
	);
});
