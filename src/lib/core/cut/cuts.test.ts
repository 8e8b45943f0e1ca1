import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { measureBag } from '../bag/measure-bag';
import { bagPresets } from '../bag/presets';
import { sketchBag } from './sketch-bag';
import { DomainError } from '../domain-error';
import { jointDensity } from '../joint/joint-density';
import { anyBag } from '../model/plan.arbitrary';
import { handleStrand } from '../strand/handle-strand';
import { linearDensityKtex, strandStrength } from '../strand/strength';
import { cutBag } from './cut-bag';
import { cuttingStack } from './stack';
import type { Cut } from './types';

const [carrier, shopBag, pouch] = bagPresets.map(({ bag }) => bag);
if (!carrier || !shopBag || !pouch) throw new Error('three presets are wanted');
const close = { trimBottomMm: 12, trimTopMm: 12 };

describe('a spiral', () => {
	const cut: Cut = { style: 'spiral', stripWidthMm: 40, ...close };

	it('gives one open strip a bag, with a knot each', () => {
		const given = cutBag(shopBag, cut);
		expect([given.pieces, given.plies, given.turns]).toEqual([1, 1, 10]);
	});

	it('is slit between its turns only, and slanted from each slit to the next', () => {
		const { lines } = sketchBag(shopBag, cut);
		expect(lines.filter(({ kind }) => kind === 'slit')).toHaveLength(9);
		for (const { kind, from, to } of lines) {
			if (kind === 'slit') expect(to[0]).toBe(shopBag.flatWidthMm - 35);
			if (kind === 'slant') expect(to[1] - from[1]).toBeCloseTo(40, 9);
		}
	});

	it.each([NaN, Infinity, -1, 0, 400])('refuses a strip of %s mm', (stripWidthMm) =>
		expect(() => cutBag(shopBag, { ...cut, stripWidthMm })).toThrow(DomainError)
	);
});

describe('a half bag', () => {
	it('uses the whole film, and its section times its length is that film', () => {
		fc.assert(
			fc.property(anyBag, (bag) => {
				const wide = { ...bag, bodyMm: bag.bodyMm + 400, massG: Math.min(bag.massG, 20) };
				const given = cutBag(wide, { style: 'half-bag' });
				expect(given.filmUsedG).toBe(wide.massG);
				const reach = wide.bodyMm + 0.5 * wide.handleMm;
				expect(2 * given.solidSectionMm2 * reach * 0.00095).toBeCloseTo(wide.massG, 6);
			})
		);
	});
});

describe('a whole tube', () => {
	it('is wider and leaves less scrap with its handles kept', () => {
		const off = cutBag(carrier, { style: 'whole-tube', ...close, handles: 'cut' });
		const kept = cutBag(carrier, { style: 'whole-tube', ...close, handles: 'kept' });
		expect(kept.stripWidthMm - off.stripWidthMm).toBeCloseTo(12 + 75, 9);
		expect(kept.filmUsedG).toBeGreaterThan(off.filmUsedG);
		expect(kept.filmUsedG).toBeLessThan(carrier.massG);
	});
});

describe('a spun strand', () => {
	const cut: Cut = { style: 'loops', equalStrips: 4, ...close };

	it('loses length and no film: its section times its length stays', () => {
		const plain = cutBag(carrier, cut);
		for (const spin of ['single', 'two-ply'] as const) {
			const spun = cutBag(carrier, cut, measureBag(carrier), { kind: 'loop', spin });
			expect(spun.solidSectionMm2 * spun.strandPerBagMm).toBeCloseTo(
				plain.solidSectionMm2 * plain.strandPerBagMm,
				6
			);
			expect(spun.strandPerBagMm).toBeCloseTo(
				plain.strandPerBagMm * (spin === 'single' ? 0.94 : 0.47),
				6
			);
		}
	});
});

describe('strength and density', () => {
	it('a joint holds half of what its strand holds', () => {
		const { strandN, jointN } = strandStrength(1.2);
		expect([strandN, jointN]).toEqual([24, 12]);
	});

	it('a strand’s ktex is the grams in a metre of it', () => {
		const given = cutBag(carrier, { style: 'half-bag' });
		const metreG = carrier.massG / ((2 * (385 + 75)) / 1000);
		expect(linearDensityKtex(given.solidSectionMm2)).toBeCloseTo(metreG, 9);
	});

	it.each([NaN, Infinity, -1, 0])('refuses a section of %s mm²', (section) =>
		expect(() => strandStrength(section)).toThrow(DomainError)
	);
});

describe('a strand of handles', () => {
	it('is there where there are handles, and weighs what they weigh', () => {
		expect(handleStrand(pouch)).toBeNull();
		const strand = handleStrand(carrier);
		const film = measureBag(carrier);
		const wanted = (carrier.massG * 0.45 * 150 * film.circumferenceMm) / film.filmAreaMm2;
		expect(strand?.massG).toBeCloseTo(wanted, 9);
		expect(strand?.strandPerBagMm).toBeGreaterThan(100);
	});
});

describe('the stack under the blade', () => {
	it('is three bags folded twice for four equal rings by scissors: 24 layers', () => {
		const stack = cuttingStack(carrier, { style: 'loops', equalStrips: 4, ...close }, 'scissors');
		expect([stack.bags, stack.folds, stack.layers, stack.layersAtGusset]).toEqual([3, 2, 24, 48]);
	});

	it('is never folded for a rolling blade, and five rings are marked, not folded', () => {
		expect(
			cuttingStack(carrier, { style: 'loops', equalStrips: 4, ...close }, 'rolling-blade').folds
		).toBe(0);
		expect(
			cuttingStack(carrier, { style: 'loops', equalStrips: 5, ...close }, 'scissors').folds
		).toBe(0);
	});

	it('within its limit is not too thick, and one bag more is', () => {
		fc.assert(
			fc.property(anyBag, fc.constantFrom(1, 2, 4, 6), (bag, equalStrips) => {
				const cut: Cut = { style: 'loops', equalStrips, trimBottomMm: 0, trimTopMm: 0 };
				const { bagsWithinLimit, limitMm } = cuttingStack(bag, cut, 'scissors');
				if (bagsWithinLimit >= 1)
					expect(cuttingStack(bag, cut, 'scissors', bagsWithinLimit).filmMm).toBeLessThanOrEqual(
						limitMm + 1e-9
					);
				expect(cuttingStack(bag, cut, 'scissors', bagsWithinLimit + 1).filmMm).toBeGreaterThan(
					limitMm - 1e-9
				);
			})
		);
	});
});

describe('joints in a mat', () => {
	it('are spread over its rows and its area', () =>
		expect(jointDensity(1900, 200, 1.6e6)).toEqual({ perRow: 9.5, perSquareMetre: 1187.5 }));
});
