import { noFactors } from '../factors/factors';
import { barePractice, barePoint } from '../practice/practice';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { startingPlan } from '../model/starting-plan';
import { bagPresets } from '../bag/presets';
import { crochetMat } from '../techniques/crochet/crochet-mat';
import { cutLoops } from '../cut/cut-loops';
import { DomainError } from '../domain-error';
import { modelPlan } from '../model/model';
import { anyPlan } from '../model/plan.arbitrary';
import { countOfMats, largestMat } from './largest-mat';
import { mixOf, mixProgram } from './mix';
import { hookForCoverMm, stripForThicknessMm, stripsForCover } from './wanted-cover';

describe('the largest mat', () => {
	it('is within the means, and a centimetre more is not', () => {
		fc.assert(
			fc.property(anyPlan, fc.double({ min: 50, max: 900, noNaN: true }), (plan, bags) => {
				const found = largestMat(plan, { bags }, barePractice);
				if (!found) return;
				expect(found.bags).toBeLessThanOrEqual(bags);
				if (found.lengthMm >= 6000) return;
				const longer = { widthMm: found.widthMm, lengthMm: found.lengthMm + 10 };
				expect(modelPlan({ ...plan, target: longer }, barePoint).toCollect).toBeGreaterThan(bags);
			}),
			{ numRuns: 60 }
		);
	});

	it('is none where the means give not even the least', () =>
		expect(largestMat(startingPlan, { hours: 0.5 }, barePractice)).toBeNull());

	it('is bound by whichever of bags and hours runs out first', () => {
		const both = largestMat(startingPlan, { bags: 400, hours: 20 }, barePractice);
		expect(both?.lengthMm).toBe(
			Math.min(
				largestMat(startingPlan, { bags: 400 }, barePractice)?.lengthMm ?? 0,
				largestMat(startingPlan, { hours: 20 }, barePractice)?.lengthMm ?? 0
			)
		);
	});

	it.each([NaN, Infinity, -1, 0])('refuses %s bags', (bags) =>
		expect(() => countOfMats(startingPlan, { bags }, barePractice)).toThrow(DomainError)
	);

	it('counts whole mats', () => {
		const { toCollect } = modelPlan(startingPlan, barePoint);
		expect(countOfMats(startingPlan, { bags: toCollect * 2.9 }, barePractice)).toBe(2);
		expect(countOfMats(startingPlan, { bags: toCollect * 3 }, barePractice)).toBe(3);
	});
});

describe('from a wanted cover', () => {
	const trims = { trimBottomMm: 50, trimTopMm: 50 };

	it('the hook gives that cover and no smaller one', () => {
		const cut = cutLoops(bagPresets[0].bag, { style: 'loops', ...trims, equalStrips: 4 });
		const hookMm = hookForCoverMm(1.9, cut.bulkDiameterMm, 'sc');
		const target = { widthMm: 850, lengthMm: 1850 };
		const mat = crochetMat(
			target,
			{ kind: 'crochet', stitch: 'sc', hookMm },
			cut.bulkDiameterMm,
			noFactors
		);
		expect(mat.cover).toBeCloseTo(1.9, 9);
	});

	it('every strip offered keeps it, with the largest hook that does', () => {
		const offered = stripsForCover(bagPresets[0].bag, trims, 'sc', 1.8);
		expect(offered.length).toBeGreaterThan(2);
		for (const { cover } of offered) expect(cover).toBeGreaterThanOrEqual(1.8);
	});

	it('the strip for a thickness makes a mat of that thickness', () => {
		const { bag } = bagPresets[1];
		const stripWidthMm = stripForThicknessMm(bag, 8);
		const cut = cutLoops(bag, { style: 'loops', ...trims, stripWidthMm });
		expect(2 * cut.bulkDiameterMm).toBeCloseTo(8, 9);
	});
});

describe('the mix of mats', () => {
	const { cut, target, technique } = startingPlan;
	const byHook = { cut, target, technique };
	const store = bagPresets.map(({ id, bag }) => ({ kind: id, bag, count: 900 }));
	const methods = [{ name: 'hook', plan: byHook, atMost: 2 }];

	it('has one choice for each bag a method can use, and a limit for each thing that runs out', () => {
		const program = mixProgram(store, methods, 'mats', 80, barePractice);
		expect(program.choices).toHaveLength(3);
		expect(program.limits.map(({ name }) => name)).toEqual([
			'bags of thin-carrier',
			'bags of shop-bag',
			'bags of milk-pouch',
			'hours',
			'mats by hook'
		]);
	});

	it('books what a solution leaves', () => {
		const program = mixProgram(store, methods, 'mats', undefined, barePractice);
		const mix = mixOf(program, [1, 2, 0], store);
		expect(mix.mats).toBe(3);
		const carrier = program.choices[0]?.bags ?? NaN;
		expect(mix.left['thin-carrier']).toBeCloseTo(900 - carrier, 6);
		expect(mix.left['milk-pouch']).toBe(900);
	});

	it.each([NaN, Infinity, -1])('refuses a store of %s bags', (count) =>
		expect(() =>
			mixProgram(
				[{ kind: 'x', bag: bagPresets[0].bag, count }],
				methods,
				'mats',
				undefined,
				barePractice
			)
		).toThrow(DomainError)
	);
});
