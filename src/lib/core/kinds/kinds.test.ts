import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Bag } from '../bag/measure-bag';
import { bagPresets } from '../bag/presets';
import { cutBag } from '../cut/cut-bag';
import { startingPlan } from '../model/starting-plan';
import { kindVerdict, likeCut, loopsLike } from './like-cut';
import { mixKinds } from './mix-kinds';
import { pieceOrder, piecesShare } from './piece-order';

const [thin, shop, pouch] = bagPresets.map(({ bag }) => bag) as [Bag, Bag, Bag];
const reference = { bag: thin, cut: startingPlan.cut };
const shares = fc.array(fc.double({ min: 0.05, max: 1, noNaN: true }), {
	minLength: 2,
	maxLength: 6
});

describe('several kinds in one mat', () => {
	it('change nothing where all are one kind', () =>
		fc.assert(
			fc.property(shares, (parts) => {
				const kinds = parts.map((share) => ({ bag: thin, share }));
				const mix = mixKinds(reference, kinds, 880_000);
				const alone = mixKinds(reference, [{ bag: thin, share: 1 }], 880_000);
				const bags = mix.kinds.reduce((sum, kind) => sum + kind.bags, 0);
				expect(bags).toBeCloseTo(alone.kinds[0]?.bags ?? NaN, 6);
				expect(mix.bulkDiameterMm).toBeCloseTo(alone.bulkDiameterMm, 9);
				expect(mix.thicknessCv).toBeCloseTo(0, 6);
				expect(mix.worst).toBe('as-one');
			})
		));

	it('come to the same in any order, each kind with its own share', () =>
		fc.assert(
			fc.property(fc.shuffledSubarray([0, 1, 2], { minLength: 3 }), (order) => {
				const kinds = [
					{ bag: thin, share: 0.5 },
					{ bag: shop, share: 0.3 },
					{ bag: pouch, share: 0.2 }
				];
				const inOrder = mixKinds(reference, kinds, 880_000);
				const shuffled = mixKinds(
					reference,
					order.map((at) => kinds[at] ?? kinds[0]) as typeof kinds,
					880_000
				);
				for (const [place, at] of order.entries())
					expect(shuffled.kinds[place]?.bags).toBeCloseTo(inOrder.kinds[at]?.bags ?? NaN, 9);
				expect(shuffled.meanSectionMm2).toBeCloseTo(inOrder.meanSectionMm2, 12);
			})
		));

	it('are cut to equal grams a metre within half a loop', () =>
		fc.assert(
			fc.property(
				fc.double({ min: 200, max: 600, noNaN: true }),
				fc.double({ min: 250, max: 700, noNaN: true }),
				fc.double({ min: 4, max: 20, noNaN: true }),
				fc.double({ min: 1, max: 4, noNaN: true }),
				(flatWidthMm, bodyMm, massG, section) => {
					const bag = { flatWidthMm, gussetMm: 0, bodyMm, handleMm: 0, massG };
					const { yield: made, exactWidthMm, measures } = likeCut(bag, startingPlan.cut, section);
					const wanted = (bodyMm - 100) / exactWidthMm;
					const most = Math.min(40, Math.floor((bodyMm - 100) / 12));
					// The next whole number either way is no nearer, where it may be cut at all.
					const off = (loops: number) => Math.abs(Math.log(wanted / loops));
					for (const loops of [made.pieces - 1, made.pieces + 1])
						if (loops >= 1 && loops <= most)
							expect(off(made.pieces)).toBeLessThanOrEqual(off(loops));
					expect(made.pieces).toBeLessThanOrEqual(Math.max(1, most));
					expect(made.solidSectionMm2).toBeCloseTo(
						(2 * (bodyMm - 100) * measures.filmThicknessMm) / made.pieces,
						9
					);
				}
			)
		));

	it('take bags on hand first, and share out what they leave', () => {
		const perBag = cutBag(thin, startingPlan.cut).strandPerBagMm;
		const mix = mixKinds(
			reference,
			[
				{ bag: thin, bags: 100, share: 0.9 },
				{ bag: shop, share: 3 },
				{ bag: pouch, share: 1 }
			].map(({ share, ...kind }) => ({ ...kind, share: share > 1 ? 1 : share })),
			880_000
		);
		expect(mix.kinds[0]?.strandMm).toBeCloseTo(100 * perBag, 6);
		expect(mix.kinds[1]?.strandMm).toBeCloseTo((880_000 - 100 * perBag) / 2, 6);
		expect(mix.shortMm).toBeCloseTo(0, 6);
	});

	it('a half bag stays what it is, and says so', () => {
		const { verdict, sectionOff } = likeCut(shop, { style: 'half-bag' }, 5);
		expect(verdict).toBe('keep-apart');
		expect(sectionOff).toBeGreaterThan(1);
	});

	it('say where a difference shows by the logarithm of the section', () => {
		const off = (by: number) => kindVerdict(2 * Math.exp(by), 2);
		expect([off(0.149), off(-0.151), off(0.399), off(-0.401)]).toEqual([
			'as-one',
			'alternate',
			'alternate',
			'keep-apart'
		]);
	});

	it('never cut a strip under 12 mm, nor more than forty loops', () => {
		expect(loopsLike(100, 0.1, 0.5)).toBe(8);
		expect(loopsLike(5000, 0.1, 0.5)).toBe(40);
		// Between two whole numbers of loops, the fewer on a tie.
		expect(loopsLike(1000, 0.01, (2 * 1000 * 0.01) / Math.sqrt(6))).toBe(2);
	});
});

describe('the order of pieces', () => {
	it('keeps every kind near its share all along', () =>
		fc.assert(
			fc.property(shares, (parts) => {
				const kinds = parts.map((share) => ({ share, pieceMm: 300 + 100 * share }));
				const share = piecesShare(kinds);
				const used = share.map(() => 0);
				const furthest = kinds.length === 2 ? 0.5 : kinds.length <= 4 ? 1 : 1.5;
				for (const [at, kind] of pieceOrder(kinds, 200).entries()) {
					used[kind] = (used[kind] ?? 0) + 1;
					for (const [one, part] of share.entries())
						expect(Math.abs((used[one] ?? 0) - part * (at + 1))).toBeLessThanOrEqual(
							furthest + 1e-6
						);
				}
			}),
			{ numRuns: 60 }
		));
	it('gives the first listed its turn on a tie', () =>
		expect(
			pieceOrder(
				[
					{ share: 0.5, pieceMm: 1 },
					{ share: 0.5, pieceMm: 1 }
				],
				4
			)
		).toEqual([0, 1, 0, 1]));
});
