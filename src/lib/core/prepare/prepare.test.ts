import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bagPresets } from '../bag/presets';
import { cutBag } from '../cut/cut-bag';
import { DomainError } from '../domain-error';
import { bareKnowledge } from '../factors/factors';
import { startingPlan } from '../model/starting-plan';
import { strandOfMassM, strandOfPiecesM } from './ball-strand';
import { cutPile, snapshotOf, type CutSnapshot } from './cut-pile';
import { cuttingOrder } from './cutting-order';
import { cutsOfPlan, yieldFor } from './cuts-of-plan';
import { filmShareMg } from './film-share';
import { howFar } from './how-far';
import { loadOf } from './load-loom';
import {
	ballColour,
	ballMoves,
	cutMoves,
	cutOfWord,
	cutWord,
	flattenMoves,
	joinMoves,
	pileOfWord,
	pilesAfter,
	pileWord,
	type Pile
} from './piles';
import { whyUnsuited } from './suits';

const cut: CutSnapshot = {
	style: 'loops',
	stripWidthMm: 71.3,
	piecesPerBag: 4,
	thicknessUm: 13.1,
	pieceLengthMm: 439,
	pieceG: 0.819
};
const pile = (more: Partial<Pile>): Pile => ({
	kindId: 'a',
	colour: 'blue',
	form: 'bag',
	cut: null,
	amount: 30,
	filmMg: 156_000,
	...more
});
const sum = (moves: readonly { filmMg: number }[]) =>
	moves.reduce((all, { filmMg }) => all + filmMg, 0);

describe('a word for a pile', () => {
	it('stands for the pile it was made of, and for no other', () => {
		for (const one of [
			pile({}),
			pile({ form: 'piece', cut }),
			pile({ colour: 'mixed', form: 'scrap' })
		]) {
			const { kindId, colour, form, cut: own } = one;
			expect(pileOfWord(pileWord(one))).toEqual({ kindId, colour, form, cut: own });
		}
		expect(pileWord(pile({ form: 'piece', cut }))).not.toBe(
			pileWord(pile({ form: 'piece', cut: { ...cut, piecesPerBag: 5 } }))
		);
	});
	it.each([
		'',
		'a blue',
		'a blue bag more than that',
		'a beige bag',
		'a blue heap',
		' blue bag',
		'a blue piece loops_71.3_4_13.1_439',
		'a blue piece rings_71.3_4_13.1_439_0.819'
	])('is none: "%s"', (word) => expect(pileOfWord(word)).toBeNull());
	it.each([
		['a figure of nothing', 'loops_0_4_13.1_439_0.819'],
		['a figure below nothing', 'loops_71.3_4_-13.1_439_0.819'],
		['a figure beyond any', 'loops_71.3_4_13.1_100001_0.819'],
		['half a piece', 'loops_71.3_4.5_13.1_439_0.819'],
		['what is no figure', 'loops_71.3_4_x_439_0.819'],
		['one figure too many', 'loops_71.3_4_13.1_439_0.819_1']
	])('is of no cut with %s', (_, word) => expect(cutOfWord(word)).toBeNull());
	it('is of the largest cut there can be', () =>
		expect(cutOfWord(cutWord({ ...cut, pieceLengthMm: 100_000 }))?.pieceLengthMm).toBe(100_000));
});

describe('film', () => {
	it('goes with its share of a pile, and the last of it takes all', () => {
		expect([filmShareMg(1000, 3, 1), filmShareMg(1000, 3, 2), filmShareMg(667, 2, 2)]).toEqual([
			333, 667, 667
		]);
		expect(filmShareMg(1000, 3, 0)).toBe(0);
		expect(() => filmShareMg(1000, 3, 4)).toThrow(DomainError);
		expect(() => filmShareMg(1000, 3, -1)).toThrow(DomainError);
		expect(() => filmShareMg(1000, 0, 0)).toThrow(DomainError);
	});
	it('is neither made nor lost by any act, and a pile that is used up is gone', () =>
		fc.assert(
			fc.property(
				fc.integer({ min: 1, max: 200 }),
				fc.integer({ min: 1, max: 2_000_000 }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				fc.double({ min: 0, max: 1, noNaN: true }),
				(bags, filmMg, part, spoiled) => {
					const some = Math.max(1, Math.round(bags * part));
					const start = [pile({ amount: bags, filmMg })];
					let piles = pilesAfter(start, flattenMoves(start[0] as Pile, some));
					const flat = piles.find(({ form }) => form === 'flat') as Pile;
					expect(flat.amount).toBe(some);
					const given = cutBag(bagPresets[0].bag, startingPlan.cut);
					piles = pilesAfter(
						piles,
						cutMoves(flat, some, cut, (film) => cutPile(given, 5.2, some, film, spoiled))
					);
					expect(piles.find(({ form }) => form === 'flat')).toBeUndefined();
					const pieces = piles.find(({ form }) => form === 'piece');
					if (pieces && pieces.amount > 0) {
						piles = pilesAfter(piles, joinMoves(pieces, pieces.amount));
						const strand = piles.find(({ form }) => form === 'strand') as Pile;
						piles = pilesAfter(piles, ballMoves([{ pile: strand, pieces: strand.amount }], 'ball'));
						expect(piles.find(({ form }) => form === 'ball')?.amount).toBe(1);
						expect(piles.find(({ form }) => form === 'strand')).toBeUndefined();
					}
					expect(sum(piles)).toBe(filmMg);
					expect(piles.every(({ amount, filmMg: film }) => amount >= 0 && film >= 0)).toBe(true);
				}
			),
			{ numRuns: 60 }
		));
	it('of a cut goes into pieces, spoiled ones and trim, which sum to it', () => {
		const given = { pieces: 4, filmUsedG: 2.6 };
		expect(cutPile(given, 5.2, 20, 104_000, 0.05)).toEqual({
			pieces: 76,
			spoiled: 4,
			piecesMg: 49_400,
			spoiledMg: 2600,
			trimmedMg: 52_000
		});
		// Of no bag comes more film than it has.
		expect(cutPile({ pieces: 4, filmUsedG: 6 }, 5.2, 1, 5200, 0)).toMatchObject({
			piecesMg: 5200,
			trimmedMg: 0
		});
		for (const wrong of [
			() => cutPile(given, 5.2, 0, 0, 0),
			() => cutPile(given, 5.2, 1.5, 0, 0),
			() => cutPile(given, 0, 1, 0, 0),
			() => cutPile(given, 5.2, 1, -1, 0),
			() => cutPile(given, 5.2, 1, 0, 1.01)
		])
			expect(wrong).toThrow(DomainError);
	});
	it('that was cut is known to a tenth of a millimetre and a micrometre, to a millimetre and a milligram', () => {
		const { bag } = bagPresets[0];
		const given = cutBag(bag, startingPlan.cut);
		const snapshot = snapshotOf(bag, given);
		expect(snapshot.piecesPerBag).toBe(given.pieces);
		expect(snapshot.stripWidthMm).toBeCloseTo(given.stripWidthMm, 1);
		expect(snapshot.pieceLengthMm).toBe(Math.round(given.pieceLengthMm));
		expect(snapshot.pieceG * given.pieces).toBeCloseTo(given.filmUsedG, 2);
		expect(snapshotOf(bag, { ...given, stripWidthMm: given.stripWidthMm + 0.01 })).toEqual(
			snapshot
		);
	});
});

describe('an act at the table', () => {
	it('takes no more than lies there, and nothing by halves', () => {
		for (const count of [0, 1.5, 31]) {
			expect(() => flattenMoves(pile({}), count)).toThrow(DomainError);
			expect(() => joinMoves(pile({ form: 'piece', cut }), count)).toThrow(DomainError);
			expect(() =>
				ballMoves([{ pile: pile({ form: 'strand', cut }), pieces: count }], 'ball')
			).toThrow(DomainError);
		}
		expect(() => pilesAfter([], [pile({ amount: -1 })])).toThrow(DomainError);
	});
	it('cuts no scrap where nothing is trimmed or spoiled', () => {
		const moves = cutMoves(pile({ form: 'flat' }), 30, cut, (film) => ({
			pieces: 120,
			spoiled: 0,
			piecesMg: film,
			spoiledMg: 0,
			trimmedMg: 0
		}));
		expect(moves.map(({ form, amount }) => [form, amount])).toEqual([
			['flat', -30],
			['piece', 120]
		]);
	});
	it('winds strands of one kind and cut alone, of one colour or mixed; a chain is counted in pieces', () => {
		const strand = (more: Partial<Pile>) => ({
			pile: pile({ form: 'strand', cut, amount: 80, filmMg: 65_503, ...more }),
			pieces: 40
		});
		const made = ballMoves([strand({}), strand({ colour: 'white' })], 'chain').at(-1);
		expect(made).toMatchObject({ form: 'chain', colour: 'mixed', amount: 80, filmMg: 65_504 });
		expect(ballMoves([strand({})], 'ball').at(-1)).toMatchObject({ colour: 'blue', amount: 1 });
		for (const other of [{ kindId: 'b' }, { cut: { ...cut, stripWidthMm: 60 } }, { cut: null }])
			expect(() => ballMoves([strand({}), strand(other)], 'ball')).toThrow(DomainError);
		expect(() => ballMoves([], 'ball')).toThrow(DomainError);
		expect([ballColour(['blue', 'blue']), ballColour(['blue', 'white']), ballColour([])]).toEqual([
			'blue',
			'mixed',
			'mixed'
		]);
	});
	it('adds grams of scrap to the milligram', () => {
		const scrap = (amount: number) => pile({ form: 'scrap', amount, filmMg: amount * 1000 });
		expect(pilesAfter([scrap(0.1)], [scrap(0.2)])[0]?.amount).toBe(0.3);
	});
});

describe('strand', () => {
	const asked = { style: 'loops', stripWidthMm: 70, thicknessUm: 15 } as const;
	it.each([
		[{}, null],
		[{ style: 'spiral' as const }, 'other-cut'],
		[{ stripWidthMm: 77 }, null],
		[{ stripWidthMm: 77.1 }, 'wider'],
		[{ stripWidthMm: 63 }, null],
		[{ stripWidthMm: 62.9 }, 'narrower'],
		[{ thicknessUm: 18 }, null],
		[{ thicknessUm: 18.1 }, 'thicker'],
		[{ thicknessUm: 12 }, null],
		[{ thicknessUm: 11.9 }, 'thinner']
	])('of %j suits or not: %s', (more, why) =>
		expect(whyUnsuited({ ...asked, ...more }, asked)).toBe(why)
	);

	it('is as long as its pieces, and as its grams, by what is known of both', () => {
		const known = {
			...bareKnowledge,
			pieceLength: { median: 1.1, cv: 0.05 },
			bagMass: { median: 0.9, cv: 0.1 }
		};
		const byPieces = strandOfPiecesM(cut, known, 80);
		expect(byPieces.expected).toBeCloseTo(80 * 0.439 * 1.1, 6);
		expect(byPieces.high / byPieces.expected).toBeCloseTo(byPieces.expected / byPieces.low, 6);
		expect(byPieces.high / byPieces.expected).toBeCloseTo(Math.exp(1.2816 * 0.04997), 3);
		const byMass = (scaleErrorG: number) => strandOfMassM(cut, known, 65.5, scaleErrorG);
		expect(byMass(1).expected).toBeCloseTo(65.5 / ((0.819 * 0.9) / (0.439 * 1.1)), 6);
		// A rougher scale, and what bags weigh beside, widen it.
		expect(byMass(10).high).toBeGreaterThan(byMass(1).high * 1.01);
		expect(byMass(0).high / byMass(0).expected).toBeGreaterThan(byPieces.high / byPieces.expected);
		expect(() => strandOfPiecesM(cut, known, 0)).toThrow(DomainError);
		expect(() => strandOfMassM(cut, known, 0, 1)).toThrow(DomainError);
		expect(() => strandOfMassM(cut, known, 1, -1)).toThrow(DomainError);
	});

	it('is cut for a loom’s warp and its weft apart, for all others once', () => {
		expect(cutsOfPlan(startingPlan)).toEqual([{ use: 'strand', cut: startingPlan.cut }]);
		expect(yieldFor(startingPlan, startingPlan.bag, 'weft')).toBeNull();
		expect(yieldFor(startingPlan, startingPlan.bag, 'strand')?.pieces).toBe(
			cutBag(startingPlan.bag, startingPlan.cut, undefined, startingPlan.join).pieces
		);
	});
});

describe('balls for a plan', () => {
	it('begin as many mats as every colour allows, and what is of any colour takes what is left', () => {
		const need = { white: 100, blue: 60, any: 40 };
		expect(howFar(need, { white: 200, blue: 120, green: 80 }, 20, 3)).toEqual({
			mats: 2,
			lacking: { white: 5, blue: 3, any: 2 }
		});
		expect(howFar(need, { white: 240, blue: 60 }, 20, 1)).toEqual({ mats: 1, lacking: {} });
		expect(howFar(need, { white: 100, blue: 60, green: 39 }, 20, 1)).toEqual({
			mats: 0,
			lacking: { any: 1 }
		});
		expect(howFar(need, {}, 20, 0)).toEqual({ mats: 0, lacking: {} });
		// A crumb short is not short.
		expect(howFar({ white: 100 }, { white: 100 - 1e-7 }, 20, 1).mats).toBe(1);
		for (const wrong of [() => howFar(need, {}, 0, 1), () => howFar(need, {}, 20, 0.5)])
			expect(wrong).toThrow(DomainError);
	});
	it('are cut for in the order they are worked: what is done, what is flat, what must be flattened', () => {
		const lying = [
			{ colour: 'blue', done: 10, flat: 12, bags: 30 },
			{ colour: 'white', done: 0, flat: 5, bags: 5 }
		] as const;
		const balls = [
			{ colour: 'blue', bags: 20 },
			{ colour: 'blue', bags: 20 },
			{ colour: 'white', bags: 20 },
			{ colour: 'any', bags: 5 }
		] as const;
		const { runs, left } = cuttingOrder(balls, lying);
		expect(runs).toEqual([
			{ colour: 'blue', fromBall: 1, toBall: 2, flat: 12, unflattened: 18, lacking: 0 },
			{ colour: 'white', fromBall: 3, toBall: 3, flat: 5, unflattened: 5, lacking: 10 },
			{ colour: 'any', fromBall: 4, toBall: 4, flat: 0, unflattened: 5, lacking: 0 }
		]);
		expect(left).toEqual([
			{ colour: 'blue', done: 0, flat: 0, bags: 7 },
			{ colour: 'white', done: 0, flat: 0, bags: 0 }
		]);
		// What is open by less than half a bag is no run; what was given is not changed.
		expect(cuttingOrder([{ colour: 'blue', bags: 10.4 }], lying).runs).toEqual([]);
		expect(cuttingOrder([{ colour: 'blue', bags: 10.5 }], lying).runs).toHaveLength(1);
		expect(lying[0].done).toBe(10);
		expect(() => cuttingOrder([], [{ colour: 'blue', done: -1, flat: 0, bags: 0 }])).toThrow(
			DomainError
		);
	});
	it('of one colour with another between are two runs', () =>
		expect(
			cuttingOrder(
				[
					{ colour: 'blue', bags: 5 },
					{ colour: 'white', bags: 5 },
					{ colour: 'blue', bags: 5 }
				],
				[]
			).runs.map(({ colour, lacking }) => [colour, lacking])
		).toEqual([
			['blue', 5],
			['white', 5],
			['blue', 5]
		]));
});

describe('a loom', () => {
	const mat = {
		warpStrands: 30,
		piecesPerStrand: 4,
		fit: 'stretch',
		fitShare: 0.99,
		pegToPegMm: 1930
	} as const;
	it('takes a whole piece more for each strand that ends in a short one', () => {
		expect(loadOf(mat)).toMatchObject({ strands: 30, piecesPerStrand: 4 });
		expect(loadOf({ ...mat, fit: 'add-short', fitShare: 1.1 }).piecesPerStrand).toBe(5);
	});
	it('says which strands have a knot at a peg, none twice', () => {
		const { jammed } = loadOf({ ...mat, fit: 'add-short', fitShare: 1.003 });
		expect(new Set(jammed).size).toBe(jammed.length);
		for (const nth of jammed) expect(nth).toBeGreaterThanOrEqual(1);
		for (const nth of jammed) expect(nth).toBeLessThanOrEqual(30);
	});
});
