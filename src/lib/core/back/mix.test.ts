import { describe, expect, it } from 'vitest';
import { bagPresets } from '../bag/presets';
import { totalSeconds } from '../effort/stations';
import { modelPlan } from '../model/model';
import { startingPlan } from '../model/starting-plan';
import { barePoint, barePractice } from '../practice/practice';
import { mixOf, mixProgram } from './mix';
import { mixText } from './mix-text';
import { stripsForCover } from './wanted-cover';

const [carrier, shopBag] = bagPresets.map(({ bag }) => bag);
if (!carrier || !shopBag) throw new Error('presets are wanted');
const { cut, technique, target } = startingPlan;
const half = { widthMm: 850, lengthMm: 925 };
const methods = [
	{ name: 'whole', plan: { cut, technique, target }, atMost: 3 },
	{ name: 'half', plan: { cut, technique, target: half } }
];
const store = [
	{ kind: 'thin', bag: carrier, count: 900 },
	{ kind: 'thick', bag: shopBag, count: 400 }
];
/** What one mat takes, asked of the model itself. */
const taken = [carrier, shopBag].flatMap((bag) =>
	[target, half].map((size) => {
		const model = modelPlan({ bag, cut, technique, target: size }, barePoint);
		return {
			bags: model.toPrepare,
			hours: totalSeconds(model.seconds) / 3600,
			areaM2: (model.mat.widthMm * model.mat.lengthMm) / 1e6
		};
	})
);
const program = mixProgram(store, methods, 'mats', 50, barePractice);

describe('the program of a mix', () => {
	it('has what each kind takes by each method, in the order of the store', () =>
		expect(program.choices).toEqual(
			taken.map((one, nth) => ({
				kind: nth < 2 ? 'thin' : 'thick',
				method: nth % 2 ? 'half' : 'whole',
				...one
			}))
		));

	it('weighs every limit by what it limits, and nothing else', () => {
		const [a, b, c, d] = taken;
		expect(program.limits).toEqual([
			{ name: 'bags of thin', weights: [a?.bags, b?.bags, 0, 0], atMost: 900 },
			{ name: 'bags of thick', weights: [0, 0, c?.bags, d?.bags], atMost: 400 },
			{ name: 'hours', weights: taken.map(({ hours }) => hours), atMost: 50 },
			{ name: 'mats by whole', weights: [1, 0, 1, 0], atMost: 3 }
		]);
	});

	it('aims at mats or at area, and settles ties by the larger mat and by fewer bags', () => {
		const most = Math.max(...taken.map(({ bags }) => bags));
		expect(program.isCounted).toBe(true);
		expect(program.goal).toEqual(
			taken.map(({ areaM2, bags }) => 1 + 1e-4 * areaM2 - (1e-4 * bags) / most)
		);
		const area = mixProgram(store, methods, 'area', undefined, barePractice);
		expect(area.isCounted).toBe(false);
		expect(area.goal).toEqual(taken.map(({ areaM2, bags }) => areaM2 - (1e-4 * bags) / most));
	});

	it('leaves out a bag that a method cannot use, and hides no fault', () => {
		const scrap = { kind: 'scrap', bag: { ...carrier, bodyMm: 80 }, count: 9 };
		const kinds = mixProgram([scrap, ...store], methods, 'mats', 50, barePractice).choices;
		expect(kinds.map(({ kind }) => kind)).toEqual(['thin', 'thin', 'thick', 'thick']);
		const broken = [{ name: 'broken', plan: { cut, target } as never }];
		expect(() => mixProgram(store, broken, 'mats', 50, barePractice)).toThrow(TypeError);
	});

	it('is read back with what is made, by whole mats, what it comes to and what is left', () => {
		const mix = mixOf(program, [1.0000001, 0, 0, 2], store);
		const [a, , , d] = taken as [(typeof taken)[0], unknown, unknown, (typeof taken)[0]];
		expect(mix.made.map(({ kind, method, mats }) => `${mats} ${kind} ${method}`)).toEqual([
			'1 thin whole',
			'2 thick half'
		]);
		expect(mix.areaM2).toBeCloseTo(a.areaM2 + 2 * d.areaM2, 9);
		expect(mix.hours).toBeCloseTo(a.hours + 2 * d.hours, 9);
		expect(mix.left.thin).toBeCloseTo(900 - a.bags, 9);
		expect(mix.left.thick).toBeCloseTo(Math.max(0, 400 - 2 * d.bags), 9);
	});

	it('is written for a solver as it stands, what weighs nothing left out', () => {
		const choice = { kind: 'k', method: 'm', bags: 1, hours: 1, areaM2: 1 };
		expect(
			mixText({
				isCounted: true,
				choices: [choice, choice, choice],
				goal: [1.5, 0, 1e-10],
				limits: [
					{ name: 'none of it', weights: [0, 0, 0], atMost: 4 },
					{ name: 'bags', weights: [100, 0, 0.25], atMost: 0 }
				]
			})
		).toBe(
			'Maximize\n goal: 1.5 x0 + 0 x2\nSubject To\n r1: 100 x0 + 0.25 x2 <= 0\nGenerals\n x0 x1 x2\nEnd\n'
		);
	});
});

describe('strips for a cover', () => {
	const trims = { trimBottomMm: 50, trimTopMm: 50 };
	const offered = (cover: number) =>
		stripsForCover(carrier, trims, 'sc', cover).map(
			({ equalStrips, stripWidthMm, hookMm }) => `${equalStrips} ${stripWidthMm} ${hookMm}`
		);

	it('are the equal rings whose hook is there and not far too small, the widest first', () => {
		expect(offered(1.8).slice(0, 8)).toEqual([
			'1 285 16',
			'2 142.5 12',
			'3 95 9',
			'4 71.25 8',
			'5 57 7.5',
			'6 47.5 6.5',
			'7 40.714285714285715 6',
			'8 35.625 6'
		]);
		// A cover that no hook in use keeps without being far too small for the strand is offered nothing.
		expect([1.8, 1.2].map((cover) => offered(cover).length)).toEqual([23, 23]);
		expect(offered(3)).toEqual([]);
	});

	it('hide no fault', () =>
		expect(() => stripsForCover(carrier, trims, 'none' as never, 1.8)).toThrow(TypeError));
});
