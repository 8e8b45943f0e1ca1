import type { Plan } from '$lib/core/model/types';
import { barePractice, barePoint } from '$lib/core/practice/practice';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { demoPlans } from '../../../../../scripts/demo/plans';
import { bagPresets } from '$lib/core/bag/presets';
import { colourNames } from '$lib/core/colour/colours';
import { explainFigure, explainPlan } from '$lib/core/explain/explain-plan';
import { judgementCodes } from '$lib/core/judge/judgement';
import { estimatePlan, tallyNames } from '$lib/core/estimate/estimate';
import { planLimits } from '$lib/core/model/limits';
import { anyPlan } from '$lib/core/model/plan.arbitrary';
import { planProblems } from '$lib/core/model/plan-problems';
import { toCamelKeys, toSnakeKeys } from '../document/case';
import { askCautions } from './caution-words';
import { colourLooks } from '$lib/ui/colour-looks';
import { judgementWords } from './judgement-words';
import { methodWords } from './method-words';
import { fileNameOf, readName } from '$lib/ui/name';
import { countRange, figure, roughly, wholeNumber } from '$lib/ui/number-words';
import { readPlanObject } from '../document/plan-file';
import { planToWord } from '../document/plan-link';
import { fieldProblemWords, fileProblemWords, nameProblemWords } from './problem-words';
import { sheetNames, sheetsFor } from './sheets';
import { startingPlan } from '$lib/core/model/starting-plan';
import { bagName, stepLines, stepNames } from './step-lines';
import { reachedWords, relationWords, valueWords } from './step-words';
import { hookName, stitchName } from '$lib/ui/stitch-words';
import { differenceWords, intervalWords, tallyUnit, tallyValue, tallyWords } from './tally-words';
import { fineWords, massWords, strandWords } from '$lib/ui/unit-words';

/** What no sentence for a person may hold. */
const nonsense = /NaN|undefined|null|Infinity|\[object|_|\s{2}/;
const plans = demoPlans.map(({ name, plan }) => [name, plan] as const);

describe('numbers', () => {
	it.each([
		[0, '0'],
		[999, '999'],
		[1812, '1,812'],
		[1234567, '1,234,567'],
		[-1812, '-1,812'],
		[2.5, '3']
	])('%s whole is %j', (value, words) => expect(wholeNumber(value)).toBe(words));

	it.each([
		[0.944, '0.94'],
		[1.49, '1.5'],
		[41.4, '41'],
		[1812, '1,812'],
		[-0.5, '-0.50']
	])('%s is shown as %j', (value, words) => expect(figure(value)).toBe(words));

	it.each([
		[486.2, '490'],
		[99.94, '100'],
		[41.37, '41'],
		[1.234, '1.2'],
		[12_345, '12,000']
	])('%s is roughly %j', (value, words) => expect(roughly(value)).toBe(words));

	it('of an unsure count reach from the bag below to the bag above', () => {
		expect(countRange(584.2, 594.1)).toBe('584–595');
		expect(countRange(20, 20)).toBe('20–20');
	});
});

describe('names', () => {
	it('lose the spaces around them and nothing else', () => {
		expect(readName('  For   the boats ')).toEqual({ name: 'For the boats' });
		expect(readName('ü'.repeat(120)).name).toHaveLength(120);
	});

	it.each([
		['', 'Give the plan a name.'],
		['x'.repeat(121), 'The name has 121 characters; at most 120 are possible.'],
		['a\u0007b', 'The name has a character that cannot be shown. Type it again.'],
		['\ud800', 'The name has a character that cannot be shown. Type it again.']
	])('%j is refused in a sentence', (text, words) => {
		const { problem } = readName(text);
		expect(problem && nameProblemWords(problem)).toBe(words);
	});

	it.each([
		['Mat for the Causeway', 'Mat-for-the-Causeway'],
		['Für Odo & Mabel', 'Fu-r-Odo-Mabel'],
		['../../etc', 'etc'],
		['☃', 'plan'],
		['x'.repeat(99), 'x'.repeat(60)]
	])('%j makes a file called %j', (name, file) => expect(fileNameOf(name)).toBe(file));
});

describe('keys of plan files', () => {
	it('go to the code’s and back', () =>
		fc.assert(
			fc.property(anyPlan, (plan) => {
				expect(toCamelKeys(toSnakeKeys(plan) as object)).toEqual(
					JSON.parse(JSON.stringify(plan)) as object
				);
			})
		));

	it('leave out what is absent', () =>
		expect(toSnakeKeys({ aB: undefined, cD: [{ eF: 1 }] })).toEqual({ c_d: [{ e_f: 1 }] }));
});

describe('a plan as one word of an address', () => {
	it.each(plans)('is the plan again: %s', (_, plan) => {
		const word = planToWord(plan);
		expect(word).toMatch(/^[A-Za-z0-9_-]+$/);
		const text = Buffer.from(word, 'base64url').toString('utf8');
		expect(readPlanObject(JSON.parse(text)).plan).toEqual(JSON.parse(JSON.stringify(plan)));
	});
});

describe('every step in a line', () => {
	it.each(plans)('reads well: %s', (_, plan) => {
		const estimate = estimatePlan(plan, barePractice);
		for (const system of ['cm', 'ft'] as const) {
			const lines = stepLines(plan, estimate, system, 'us');
			expect(Object.keys(lines)).toEqual([...stepNames]);
			for (const line of Object.values(lines)) {
				expect(line).not.toMatch(nonsense);
				expect(line.length).toBeGreaterThan(5);
			}
		}
	});

	it('says what is chosen', () => {
		const lines = stepLines(startingPlan, estimatePlan(startingPlan, barePractice), 'cm', 'uk');
		expect(lines).toMatchObject({
			size: '85 cm × 185 cm, one sleeper',
			bag: 'thin carrier, 5.2 g, 13 µm',
			cut: '4 loops of 71 mm',
			technique: 'double crochet, 8 mm hook',
			finish: 'two chained ties, carry strap'
		});
		expect(lines.join).toMatch(/^loop through loop, 2.\d\d\d joints, balls of 20$/);
	});

	it('says one ring where there is one, spun where it is spun, and no ties where there are none', () => {
		const plan = {
			...startingPlan,
			cut: { ...startingPlan.cut, equalStrips: 1 },
			join: { kind: 'loop', spin: 'two-ply' },
			finish: { ties: 'none', hasStrap: true }
		} as const;
		const lines = stepLines(plan, estimatePlan(plan, barePractice), 'cm', 'us');
		expect(lines.cut).toMatch(/^1 loop of/);
		expect(lines.join).toContain(', spun two-ply');
		expect(lines.finish).toBe('no ties');
	});

	it('names the bags it knows', () => {
		expect(bagPresets.map(({ bag }) => bagName(bag))).toEqual([
			'thin carrier',
			'heavier shop bag',
			'milk pouch'
		]);
		expect(bagName({ ...bagPresets[0].bag, massG: 6 })).toBe('our own bag');
	});
});

describe('stitches and hooks', () => {
	it('have US and UK names that are one step apart', () => {
		expect(stitchName('sc', 'us')).toBe('single crochet');
		expect(stitchName('sc', 'uk')).toBe(stitchName('dc', 'us'));
	});

	it.each([
		[8, '8 mm (US L, UK 0)'],
		[7, '7 mm (UK 2)'],
		[25, '25 mm (US U)'],
		[11, '11 mm']
	])('of %s mm are called %j', (mm, name) => expect(hookName(mm)).toBe(name));
});

describe('the tally', () => {
	const { tally } = estimatePlan(startingPlan, barePractice);
	const other = estimatePlan(
		{
			...startingPlan,
			target: { widthMm: 900, lengthMm: 1850 }
		},
		barePractice
	).tally;

	it('shows whole things rounded up', () => {
		expect(Number(tallyValue(tally, 'toCollect', 'cm').replace(/\D/g, ''))).toBe(
			Math.ceil(tally.toCollect.expected)
		);
		expect(tallyValue(tally, 'cover', 'cm')).toMatch(/^\d\.\d\d$/);
		expect(tallyNames.map((name) => tallyWords[name].label)).toEqual([
			'Bags to cut',
			'Bags to ask for',
			'Yarn',
			'Balls',
			'Joints',
			'Working time',
			'Mat weight',
			'Closeness'
		]);
	});

	it('is in yards and pounds where lengths are in feet', () => {
		expect(tallyUnit('strandM', 'ft')).toEqual({ unit: 'yd', times: 1 / 0.9144 });
		expect(tallyUnit('matKg', 'ft').unit).toBe('lb');
		const shown = Number(tallyValue(tally, 'matKg', 'ft'));
		expect(shown / tally.matKg.expected).toBeCloseTo(2.2046, 1);
		expect(intervalWords(tally.toCollect, 'toCollect', 'ft')).toBe(
			intervalWords(tally.toCollect, 'toCollect', 'cm')
		);
		expect(strandWords(268_780, 'ft')).toBe('294 yd');
		expect([
			massWords(1077, 'ft'),
			massWords(52, 'ft'),
			massWords(1077, 'cm'),
			massWords(52, 'cm')
		]).toEqual(['2 lb 6 oz', '1.8 oz', '1.1 kg', '52 g']);
		expect([fineWords(3.4, 'ft'), fineWords(3.4, 'cm')]).toEqual(['1/8 in', '3.4 mm']);
	});

	it('says how far it is from another plan, and nothing where it is the same', () => {
		for (const name of tallyNames) expect(differenceWords(tally, tally, name, 'cm')).toBe('');
		expect(differenceWords(tally, other, 'toCollect', 'cm')).toMatch(/^−\d+$/);
		expect(differenceWords(other, tally, 'hours', 'cm')).toMatch(/^\+\d.* h$/);
		expect(differenceWords(tally, other, 'cover', 'cm')).toBe('');
	});
});

describe('judgements', () => {
	it('all have a call, a reason and no nonsense, whatever the plan', () =>
		fc.assert(
			fc.property(anyPlan, fc.constantFrom('cm' as const, 'ft' as const), (plan, system) => {
				for (const judgement of estimatePlan(plan, barePractice).judgements) {
					const { call, why, act, cure } = judgementWords(judgement, system, plan.technique.kind);
					for (const words of [call, why, act ?? '', cure ?? '']) {
						expect(words, judgement.code).not.toMatch(nonsense);
						expect(words).not.toContain('!');
					}
					expect(call).not.toBe('');
					expect(why).toMatch(/\.$/);
				}
			}),
			{ numRuns: 150 }
		));

	it('have words for every code there is', () => {
		for (const code of judgementCodes) {
			const words = judgementWords({ code, figures: {} } as never, 'cm', 'crochet');
			expect(words.call, code).toMatch(/^[a-z“\d].*[^.]$/i);
		}
	});
});

describe('reckoning', () => {
	it.each([
		['2 * sqrt(S / (π * 0.2))', '2 × √(S / (π × 0.2))'],
		['max(1, round(width / sw))', 'at least 1, (rounded (width / sw))'],
		['max(0, bands - 1) * d_weft', 'at least 0, (bands − 1) × d weft'],
		['floor(U / w + 0.25)', 'whole part of (U / w + 0.25)'],
		['c ** 2', 'c²']
	])('%j is written %j', (relation, words) => expect(relationWords(relation)).toBe(words));

	it.each([
		[{ value: 0.0126, unit: 'mm' }, '13 µm'],
		[{ value: 71.25, unit: 'mm' }, '71 mm'],
		[{ value: 43_000, unit: 'mm' }, '43 m'],
		[{ value: 7200, unit: 's' }, '2.0 h'],
		[{ value: 1500, unit: 'g' }, '1.5 kg'],
		[{ value: 0.00095, unit: 'g/mm³' }, '0.00095 g/mm³'],
		[{ value: 4, unit: '' }, '4'],
		[{ value: 2.07, unit: '' }, '2.1'],
		[{ symbol: 'k_rh', value: 1.038, unit: '' }, '1.04'],
		[{ value: 629.34, unit: 'bags' }, '629.3 bags'],
		[{ value: 20, unit: 'bags' }, '20 bags']
	])('%j is %j', (step, words) =>
		expect(valueWords({ symbol: 'x', ...step } as never, 'cm')).toBe(words)
	);

	it.each(plans)('ends in the figure that the tally shows: %s', (_, plan) => {
		const { tally } = estimatePlan(plan, barePractice);
		for (const name of ['toCollect', 'toPrepare', 'balls', 'joints'] as const) {
			const last = explainFigure(plan, name, barePoint).at(-1);
			if (!last) throw new Error('no trail');
			const words = reachedWords(last, name, 'cm');
			expect(words.split('so ').at(-1)).toContain(tallyValue(tally, name, 'cm'));
		}
	});

	it.each(plans)('is readable from end to end: %s', (_, plan) => {
		for (const step of explainPlan(plan, barePoint)) {
			expect(valueWords(step, 'ft')).not.toMatch(/NaN|undefined/);
			if (step.relation) expect(relationWords(step.relation)).not.toContain('_');
		}
	});
});

describe('what is wrong with a field', () => {
	it('is said for every bound there is, both ways, in both systems', () => {
		for (const [path, bound] of Object.entries(planLimits)) {
			for (const value of [bound.atLeast - 1, bound.atMost + 1, bound.atLeast + 0.123]) {
				for (const system of ['cm', 'ft'] as const) {
					const problem = { code: 'out-of-bounds', path, value } as never;
					expect(fieldProblemWords(problem, system)).toMatch(
						/^This (cannot be less than 0|is too (small|large)|needs a whole number)/
					);
				}
			}
		}
	});

	it('is said for whatever keeps a plan from being made', () => {
		const { bag, technique, target } = startingPlan;
		const trims = { trimBottomMm: 12, trimTopMm: 12 };
		const broken = [
			{ ...startingPlan, cut: { style: 'loops', ...trims } },
			{
				...startingPlan,
				cut: { style: 'loops', equalStrips: 4, trimBottomMm: 300, trimTopMm: 300 }
			},
			{ ...startingPlan, cut: { style: 'loops', stripWidthMm: 370, ...trims } },
			{ bag, technique, target, cut: { style: 'spiral', stripWidthMm: 200, ...trims } },
			{ ...startingPlan, join: { kind: 'slit' } }
		];
		for (const plan of broken) {
			const problems = planProblems(plan as never);
			expect(problems.length).toBeGreaterThan(0);
			for (const problem of problems) {
				const words = fieldProblemWords(problem, 'cm');
				expect(words).not.toMatch(nonsense);
				expect(words).toMatch(/\.$/);
			}
		}
	});

	it('of a file names the place in the file', () => {
		const words = (problem: Parameters<typeof fileProblemWords>[0]) =>
			fileProblemWords(problem, 'cm');
		expect(words({ code: 'file-missing', status: 400 })).toBe('Choose a plan file first.');
		expect(words({ code: 'file-too-large', status: 413, bytes: 3_145_728 })).toContain('3 MB');
		expect(words({ code: 'file-not-json', status: 400 })).toContain('JSON');
		expect(words({ code: 'file-other-kind', status: 422 })).toContain('not a plan');
		expect(words({ code: 'file-newer', status: 422, version: 9 })).toContain('version 9');
		expect(
			words({ code: 'file-value', status: 422, path: 'bag.mass_g', detail: 'too small' })
		).toBe('In the file, bag.mass_g: too small.');
	});
});

describe('methods', () => {
	it('are a line for the cut and a line for the making', () => {
		for (const { plan } of demoPlans) {
			for (const system of ['cm', 'ft'] as const) {
				const { cut, made } = methodWords(plan, system, 'uk');
				for (const line of [cut, made]) expect(line).not.toMatch(nonsense);
			}
		}
		expect(methodWords(startingPlan, 'cm', 'us')).toEqual({
			cut: '4 equal loops, generous trim',
			made: 'single crochet, 8 mm'
		});
	});
});

describe('sheets and cautions', () => {
	it.each(plans)('go with the plan: %s', (_, plan) => {
		const offered = sheetsFor(plan);
		expect(offered).toHaveLength(3);
		for (const { sheet, title, about, cautions } of offered) {
			expect(sheetNames).toContain(sheet);
			expect(title).toMatch(/sheet$/);
			expect(about).toMatch(/\.$/);
			expect(cautions.at(-1)).toContain('Ask the people responsible');
		}
	});

	const cuttingCautions = (plan: Plan) =>
		sheetsFor(plan).find(({ sheet }) => sheet === 'cutting')?.cautions ?? [];
	it('warn of the blade where there is one, and of children’s scissors where there is not', () => {
		const blade = {
			...startingPlan,
			work: { cuttingTool: 'rolling-blade', bagsPerBall: 20 }
		} as const;
		expect(cuttingCautions(blade)[0]).toContain('trained adults');
		expect(cuttingCautions(startingPlan)[0]).toContain('blunt scissors');
		expect(askCautions.join(' ')).toMatch(/suffocate.*wash your hands.*house rules/s);
	});
});

describe('colours', () => {
	it('each have a film, an ink and a pattern that no other has', () => {
		expect(Object.keys(colourLooks)).toEqual([...colourNames]);
		const patterns = Object.values(colourLooks).map(({ pattern }) => pattern);
		expect(new Set(patterns).size).toBe(patterns.length);
	});
});
