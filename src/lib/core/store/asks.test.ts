import { barePoint } from '../practice/practice';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { startingPlan } from '../model/starting-plan';
import { bagPresets } from '../bag/presets';
import { kindOfBag } from '../bag/same-bag';
import { colourNames } from '../colour/colours';
import { DomainError } from '../domain-error';
import { modelPlan } from '../model/model';
import type { Stock, Want } from './allocate-store';
import { allocateStore, drawnForms, lacksOf } from './allocate-store';
import { ballStrandMm, rowsOfMat } from '../model/balls-of-plan';
import type { Plan } from '../model/types';
import { matDemand } from './mat-demand';

const demand = {
	bags: 100,
	byColour: { blue: 40, white: 40 },
	ofAnyColour: 20,
	bagsPerBall: 20,
	bagsPerPiece: 0.25,
	bagsPerGood: 1.25
} as const;
const want = (mats: number, kind: string | null = 'carrier'): Want => ({
	kind,
	mats,
	demand,
	takes: () => true
});
const stock = (
	amount: number,
	colour: Stock['colour'] = 'blue',
	form: Stock['form'] = 'bag',
	kind = 'carrier'
): Stock => ({ kind, colour, form, amount, bagsEach: null });

describe('what one mat asks of the store', () => {
	it('is of any colour where the plan names none', () => {
		const asked = matDemand({ ...startingPlan, colours: undefined }, barePoint);
		expect(asked.byColour).toEqual({});
		expect(asked.ofAnyColour).toBeCloseTo(modelPlan(startingPlan, barePoint).toPrepare, 6);
	});

	it('is shared by the strand of its balls, the last one as far as it is used', () => {
		const asked = matDemand({ ...startingPlan, colours: ['blue', 'white'] }, barePoint);
		const { blue = 0, white = 0 } = asked.byColour;
		expect(blue + white + asked.ofAnyColour).toBeCloseTo(asked.bags, 6);
		// Balls take turns, so the first colour has as many or part of one more.
		expect(blue).toBeGreaterThanOrEqual(white - 1e-9);
		expect(blue - white).toBeLessThanOrEqual(asked.bagsPerBall + 1e-9);
		expect(asked.ofAnyColour).toBeGreaterThan(0);
	});

	it('asks colours of the strand that is worked alone: a loom’s warp may be of any', () => {
		const colours = ['blue', 'white'] as const;
		const loom: Plan = {
			...startingPlan,
			join: undefined,
			cut: { style: 'whole-tube', trimBottomMm: 12, trimTopMm: 12 },
			technique: { kind: 'peg-loom', pitchMm: 25, packing: 'firm', weftCut: startingPlan.cut }
		};
		for (const plan of [
			{ ...startingPlan, colours },
			{ ...loom, colours }
		]) {
			const model = modelPlan(plan, barePoint);
			const worked = model.draws.find(({ role }) => role === 'body' || role === 'weft');
			const bags = (worked?.bags ?? 0) / 0.92;
			const { beginningMm, rowMm, rows } = rowsOfMat(model.mat);
			const balls = (beginningMm + rowMm * rows) / ballStrandMm(plan, model);
			// Every other ball is white; what is left over after whole pairs is blue first.
			const pairs = Math.floor(balls / 2);
			const white = pairs + Math.max(0, balls - 2 * pairs - 1);
			const asked = matDemand(plan, barePoint);
			expect(asked.byColour.white).toBeCloseTo((bags * white) / balls, 6);
			expect(asked.byColour.blue).toBeCloseTo((bags * (balls - white)) / balls, 6);
			expect(asked.ofAnyColour).toBeCloseTo(model.toPrepare - bags, 6);
			expect(asked.bagsPerPiece).toBeCloseTo(1 / (model.weftYield ?? model.yield).pieces / 0.92, 9);
		}
		const nine = { ...startingPlan, work: { cuttingTool: 'scissors', bagsPerBall: 9 } } as const;
		expect(matDemand(nine, barePoint).bagsPerBall).toBeCloseTo(9 / 0.92, 9);
	});

	it('counts a ball and a piece with what is spoiled on the way', () => {
		const asked = matDemand(startingPlan, barePoint);
		const { yield: cut } = modelPlan(startingPlan, barePoint);
		expect(asked.bagsPerBall).toBeCloseTo(20 / 0.92, 9);
		expect(asked.bagsPerPiece).toBeCloseTo(1 / cut.pieces / 0.92, 9);
	});
});

describe('the store dealt out', () => {
	it('to one mat gives balls first, then pieces, then bags', () => {
		const [allocation] = allocateStore(
			[stock(100), stock(40, 'blue', 'piece'), stock(1, 'blue', 'ball'), stock(100, 'white')],
			[want(1)]
		);
		// Forty blue: one ball for 20, forty pieces for 10, ten bags.
		expect(allocation?.from.ball).toBeCloseTo(1, 9);
		expect(allocation?.from.piece).toBeCloseTo(40, 9);
		expect(allocation?.from.bag).toBeCloseTo(10 + 40 + 20, 9);
		expect(allocation?.lacking).toEqual({});
		expect(allocation?.drawn).toBeCloseTo(100, 9);
	});

	it('counts balls and pieces by the bags in them, and takes only what suits', () => {
		const ball = (amount: number, bagsEach: number, colour: Stock['colour'] = 'blue') => ({
			...stock(amount, colour, 'ball'),
			bagsEach
		});
		// 16 bags in a ball are 20 to prepare, and half a bag a piece five in eight.
		const lines = [
			ball(1, 16),
			ball(9, 8, 'white'),
			{ ...stock(8, 'blue', 'piece'), bagsEach: 0.5 }
		];
		const [all] = allocateStore(lines, [want(1)]);
		expect(all?.from).toEqual({ ball: 1 + 4 + 2, piece: 8, bag: 0 });
		expect(all?.lacking).toEqual({ blue: 40 - 20 - 8 * 0.625 });
		const [none, some] = allocateStore(lines, [
			{ ...want(1), takes: ({ form }) => form !== 'ball' },
			{ ...want(1), takes: ({ colour }, asked) => colour === 'white' && asked === 'any' }
		]);
		expect(none?.from).toEqual({ ball: 0, piece: 8, bag: 0 });
		expect(some?.from).toEqual({ ball: 2, piece: 0, bag: 0 });
	});

	it('takes from the heap with most in it, not from the one of most balls', () => {
		const heaps = [
			{ ...stock(9, 'white', 'ball'), bagsEach: 1 },
			{ ...stock(4, 'green', 'ball'), bagsEach: 16 }
		];
		const [one] = allocateStore(heaps, [{ ...want(1), demand: { ...demand, byColour: {} } }]);
		expect(one?.from.ball).toBe(1);
	});

	it('lacks by colour, and any colour is served from what there is most of', () => {
		const [allocation] = allocateStore([stock(10), stock(70, 'white')], [want(1)]);
		expect(allocation?.lacking).toEqual({ blue: 30 });
		expect(allocation?.drawn).toBeCloseTo(70, 9);
	});

	it('takes what may be of any colour from the fullest heap, whatever its place in the store', () => {
		const plain: Want = { ...want(1), demand: { ...demand, byColour: {}, bags: 20 } };
		for (const heaps of [
			[stock(15, 'white'), stock(30, 'green')],
			[stock(30, 'green'), stock(15, 'white')]
		]) {
			const blues: Want = {
				...want(1),
				demand: { ...demand, byColour: { white: 15 }, ofAnyColour: 0, bags: 15 }
			};
			const any = { ...plain, demand: { ...plain.demand, ofAnyColour: 20 } };
			const [first, second] = allocateStore(heaps, [any, blues]);
			expect([first?.lacking, second?.lacking]).toEqual([{}, {}]);
		}
	});

	it('serves the named colours of every want before what may be of any colour', () => {
		const plain: Want = { ...want(1), demand: { ...demand, byColour: {}, bags: 20 } };
		const [first, second] = allocateStore([stock(40), stock(40, 'white')], [plain, want(1)]);
		expect(second?.lacking).toEqual({ any: 20 });
		expect(first?.lacking).toEqual({ any: 20 });
	});

	it('gives nothing to a bag that is none of the kinds, nor from another kind', () => {
		const allocations = allocateStore(
			[stock(500, 'blue', 'bag', 'pouch')],
			[want(1), want(1, null)]
		);
		expect(allocations.map(({ drawn }) => drawn)).toEqual([0, 0]);
	});

	it('is added up by kind and colour', () => {
		const wants = [want(1), want(2), want(1, 'pouch')];
		const lacks = lacksOf(wants, allocateStore([], wants));
		expect(lacks).toContainEqual({ kind: 'carrier', colour: 'blue', bags: 120 });
		expect(lacks).toContainEqual({ kind: 'pouch', colour: 'any', bags: 20 });
		expect(lacks).toHaveLength(6);
	});

	it('never gives out more than there is, and what is drawn and what is lacking are what is wanted', () =>
		fc.assert(
			fc.property(
				fc.array(
					fc.record({
						kind: fc.constantFrom('carrier', 'pouch'),
						colour: fc.constantFrom(...colourNames),
						form: fc.constantFrom(...drawnForms),
						amount: fc.nat(300),
						bagsEach: fc.constantFrom(null, 0.25, 3, 40)
					}),
					{ maxLength: 12 }
				),
				fc.array(fc.tuple(fc.nat(4), fc.constantFrom('carrier', 'pouch', null)), { maxLength: 5 }),
				(lines, asked) => {
					const wants = asked.map(([mats, kind]) => want(mats, kind));
					const allocations = allocateStore(lines, wants);
					for (const form of drawnForms) {
						const there = lines
							.filter((line) => line.form === form)
							.reduce((sum, { amount }) => sum + amount, 0);
						const given = allocations.reduce((sum, { from }) => sum + from[form], 0);
						expect(given).toBeLessThanOrEqual(there + 1e-6);
					}
					for (const { wanted, drawn, lacking } of allocations) {
						const open = Object.values(lacking).reduce((sum, bags) => sum + bags, 0);
						expect(drawn + open).toBeCloseTo(wanted, 4);
					}
				}
			)
		));

	it.each([NaN, Infinity, -1])('refuses a store of %s', (amount) =>
		expect(() => allocateStore([stock(amount)], [])).toThrow(DomainError)
	);

	it.each([NaN, Infinity, -1, 0.5])('refuses %s mats', (mats) =>
		expect(() => allocateStore([], [want(mats)])).toThrow(DomainError)
	);
});

describe('the kind a bag is of', () => {
	const [carrier, shopBag, pouch] = bagPresets.map(({ bag }) => bag);
	const kinds = [carrier, shopBag, pouch].filter((bag) => bag !== undefined);
	if (!carrier) throw new Error('there is no preset');

	it('is the one with its measures, within a ruler’s and a handful’s slack', () => {
		expect(kindOfBag(carrier, kinds)).toBe(carrier);
		expect(kindOfBag({ ...carrier, flatWidthMm: 302, massG: 5.6 }, kinds)).toBe(carrier);
	});

	it('is none where a size or the mass is another', () => {
		expect(kindOfBag({ ...carrier, flatWidthMm: 310 }, kinds)).toBeNull();
		expect(kindOfBag({ ...carrier, massG: 7 }, kinds)).toBeNull();
		expect(kindOfBag(carrier, [])).toBeNull();
	});

	it('is the nearest in mass of several', () => {
		const heavy = { ...carrier, massG: 5.6 };
		expect(kindOfBag({ ...carrier, massG: 5.5 }, [carrier, heavy])).toBe(heavy);
	});
});
