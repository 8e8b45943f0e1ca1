import fc from 'fast-check';
import loadHighs from 'highs';
import { beforeAll, describe, expect, it } from 'vitest';
import { adviseSeats, usualTrials } from './advise';
import { boundProgram, mostWorth } from './bound';
import type { LineDay, SeatTime } from './day';
import { plainly } from './day';
import { anyDay, line, nothing } from './day.arbitrary';
import type { LineStation } from './assembly-line';
import { lineStations } from './assembly-line';
import type { FreePerson } from './people';
import { evenly } from './people';
import type { SeatRules } from './rules';
import { brokenRule } from './rules';
import { runDay } from './run-day';

const noRules: SeatRules = { cutTool: 'scissors', tools: {}, children: new Set() };
const free = (name: string, more: Partial<FreePerson> = {}): FreePerson => ({
	name,
	speeds: evenly(1),
	may: lineStations,
	fromS: 0,
	toS: 7200,
	...more
});
const six = [1, 1, 1, 1.3, 0.6, 1].map((speed, at) =>
	free(`Person ${at}`, { speeds: evenly(speed) })
);
const sixDay = { line, stock: { ...nothing, bags: 400 }, room: {}, lengthS: 7200 };

/** The best day in which nobody changes seats, by trying all there are: nowhere is a seat, too. */
function bestOfAll(
	day: Omit<LineDay, 'sittings'>,
	people: readonly FreePerson[],
	rules: SeatRules
): number {
	let best = -Infinity;
	const tryFrom = (at: number, sittings: readonly SeatTime[]): void => {
		const person = people[at];
		if (!person) {
			const names = new Set(people.map(({ name }) => name));
			if (brokenRule(sittings, rules, names)) return;
			best = Math.max(best, runDay({ ...day, sittings }, plainly).worth);
			return;
		}
		const { name, speeds, fromS, toS } = person;
		for (const station of person.may)
			tryFrom(at + 1, [...sittings, { name, speed: speeds[station], station, fromS, toS }]);
		if (Object.keys(rules.tools).length > 0 || rules.children.size > 0) tryFrom(at + 1, sittings);
	};
	tryFrom(0, []);
	return best;
}

let solve: (program: string) => number;
beforeAll(async () => {
	const highs = await loadHighs();
	solve = (program) => {
		const { Status, ObjectiveValue } = highs.solve(program, { output_flag: false });
		expect(Status).toBe('Optimal');
		return ObjectiveValue;
	};
});

describe('seats that are advised', () => {
	it('are far better than the best day without changes', () => {
		const advice = adviseSeats(sixDay, six, noRules, { trials: usualTrials(6, 7200), seed: 1 });
		expect(advice.fixedWorth).toBeCloseTo(16.55, 9);
		expect(advice.worth).toBeGreaterThanOrEqual(18);
		expect(runDay({ ...sixDay, sittings: advice.sittings }, plainly).worth).toBe(advice.worth);
	});

	it('change nobody more than twice, and not at all who changed twice before', () => {
		const changesOfAll = (people: readonly FreePerson[]) => {
			const { sittings } = adviseSeats(sixDay, people, noRules, { trials: 4000, seed: 2 });
			return people.map(({ name }) => sittings.filter((one) => one.name === name).length - 1);
		};
		const made = changesOfAll(six);
		expect(Math.max(...made)).toBe(2);
		expect(Math.max(...changesOfAll(six.map((one) => ({ ...one, changes: 0 }))))).toBe(0);
	});

	it('let whoever needs short spells rest ten minutes after thirty', () => {
		const people = six.map((one, at) => (at === 0 ? { ...one, needsRests: true } : one));
		const { sittings } = adviseSeats(sixDay, people, noRules, { trials: 1500, seed: 3 });
		const own = sittings.filter(({ name }) => name === 'Person 0');
		expect(own.length).toBeGreaterThan(2);
		let [workedS, endedS] = [0, -Infinity];
		for (const { fromS, toS } of own) {
			if (fromS - endedS >= 600) workedS = 0;
			workedS += toS - fromS;
			endedS = toS;
			expect(workedS).toBeLessThanOrEqual(1800);
		}
	});

	it('are the same for the same seed', () => {
		const once = adviseSeats(sixDay, six.slice(0, 4), noRules, { trials: 200, seed: 5 });
		const again = adviseSeats(sixDay, six.slice(0, 4), noRules, { trials: 200, seed: 5 });
		expect(again).toEqual(once);
	});

	const people = fc
		.array(
			fc.record({
				speeds: fc.record({
					flatten: fc.constantFrom(0.6, 1),
					cut: fc.constantFrom(1, 1.3),
					join: fc.constantFrom(0.6, 1.3),
					ball: fc.constant(1)
				}),
				may: fc.subarray([...lineStations], { minLength: 1 }),
				fromS: fc.constantFrom(0, 600),
				toS: fc.constantFrom(2400, 3600)
			}),
			{ minLength: 1, maxLength: 4 }
		)
		.map((all) => all.map((one, at): FreePerson => ({ ...one, name: `Person ${at}` })));
	const tools = fc.record({ cut: fc.integer({ min: 0, max: 2 }) }, { requiredKeys: [] });
	const isBlade = fc.boolean();
	const childAt = fc.option(fc.nat(3), { nil: null });

	it('are never worse than the best day without changes, and keep to every rule', () =>
		fc.assert(
			fc.property(
				people,
				tools,
				isBlade,
				childAt,
				fc.nat(200),
				(who, there, blade, child, bags) => {
					const cutTool = blade ? 'rolling-blade' : 'scissors';
					const children = new Set(child === null ? [] : [`Person ${child}`]);
					const rules: SeatRules = { cutTool, tools: there, children };
					const day = {
						line: { ...line, cutTool, bagsPerBall: 4, batch: 10 },
						stock: { ...nothing, bags, flat: 12, pieces: 9 },
						room: {},
						lengthS: 3600
					} as const;
					const { sittings, worth, changes } = adviseSeats(day, who, rules, {
						trials: 60,
						seed: 2
					});
					const names = new Set(who.map(({ name }) => name));
					expect(brokenRule(sittings, rules, names)).toBeNull();
					expect(worth).toBeGreaterThanOrEqual(bestOfAll(day, who, rules) - 1e-9);
					// A change takes two minutes, and nobody is there before they come or after they go.
					for (const [at, sitting] of sittings.entries()) {
						const person = who.find(({ name }) => name === sitting.name);
						expect(person?.may).toContain(sitting.station);
						expect(sitting.fromS).toBeGreaterThanOrEqual(person?.fromS ?? 0);
						expect(sitting.toS).toBeLessThanOrEqual(person?.toS ?? 0);
						const before = sittings[at - 1];
						if (before?.name === sitting.name)
							expect(sitting.fromS - before.toS).toBeGreaterThanOrEqual(120);
					}
					expect(changes).toBeGreaterThanOrEqual(0);
				}
			),
			{ numRuns: 60 }
		));

	it('leave those who sit already where they are', () => {
		const seated: SeatTime = { name: 'Odo', speed: 1, station: 'cut', fromS: 60, toS: 3000 };
		const { sittings } = adviseSeats(
			sixDay,
			[free('Wren'), seated, free('Mabel')],
			{ ...noRules, tools: { cut: 1 } },
			{ trials: 300, seed: 1 }
		);
		expect(sittings.filter(({ name }) => name === 'Odo')).toEqual([seated]);
		expect(
			sittings.filter(
				({ name, station, fromS }) => name !== 'Odo' && station === 'cut' && fromS < 3000
			)
		).toEqual([]);
	});
});

describe('the bound', () => {
	it('is what six people could make of four hundred bags at most', () =>
		expect(solve(boundProgram(sixDay, six, noRules, [], 6))).toBeCloseTo(20, 6));

	it('is never beaten by a day without chance', () =>
		fc.assert(
			fc.property(anyDay, fc.integer({ min: 1, max: 6 }), (day, slots) => {
				const rules = { ...noRules, cutTool: day.line.cutTool };
				const { worth } = runDay(day, plainly);
				expect(worth).toBeLessThanOrEqual(
					solve(boundProgram(day, day.sittings, rules, [], slots)) + 1e-6
				);
				expect(worth).toBeLessThanOrEqual(mostWorth(day) + 1e-9);
			}),
			{ numRuns: 120 }
		));

	it('holds the advice, and sinks where tools are few', () => {
		const people = ['Wren', 'Odo', 'Mabel'].map((name) => free(name));
		const rules = { ...noRules, tools: { cut: 1 } };
		const day = { ...sixDay, line: { ...line, cutTool: 'spiral', stack: 1 } as const };
		const held = solve(boundProgram(day, people, rules, [], 4));
		expect(held).toBeLessThan(solve(boundProgram(day, people, noRules, [], 4)) - 0.5);
		const { worth } = adviseSeats(day, people, rules, { trials: 300, seed: 1 });
		expect(worth).toBeLessThanOrEqual(held + 1e-6);
	});
});

describe('rules of seats', () => {
	const at = (name: string, station: LineStation, fromS = 0, toS = 3600): SeatTime => ({
		name,
		speed: 1,
		station,
		fromS,
		toS
	});
	const everyone = new Set(['Ivo', 'Odo', 'Wren']);
	const of = (sittings: readonly SeatTime[], rules: Partial<SeatRules>) =>
		brokenRule(sittings, { ...noRules, children: new Set(['Ivo']), ...rules }, everyone);

	it('keep a child from a blade, and let it cut with blunt scissors beside an adult', () => {
		const two = [at('Ivo', 'cut'), at('Odo', 'cut')];
		expect(of(two, { cutTool: 'rolling-blade' })).toMatchObject({
			why: 'child-at-blade',
			name: 'Ivo'
		});
		expect(of(two, {})).toBeNull();
	});

	it('want an adult beside a child throughout, one after the other if need be', () => {
		const child = at('Ivo', 'join', 600);
		expect(of([child], {})).toMatchObject({ why: 'child-alone', atS: 600 });
		expect(of([child, at('Odo', 'cut')], {})).toMatchObject({ why: 'child-alone' });
		const relay = [at('Odo', 'join', 0, 1800), at('Wren', 'join', 1800)];
		expect(of([child, ...relay], {})).toBeNull();
		const gap = [at('Odo', 'join', 0, 1800), at('Wren', 'join', 1920)];
		expect(of([child, ...gap], {})).toMatchObject({ why: 'child-alone', atS: 1800 });
		// Another child is no adult.
		expect(of([child, at('Odo', 'join')], { children: new Set(['Ivo', 'Odo']) })).not.toBeNull();
	});

	it('let no more sit down than there are tools, at any moment', () => {
		const rules = { tools: { cut: 1 }, children: new Set<string>() };
		expect(of([at('Odo', 'cut', 0, 1800), at('Wren', 'cut', 1800)], rules)).toBeNull();
		expect(of([at('Odo', 'cut', 0, 1900), at('Wren', 'cut', 1800)], rules)).toMatchObject({
			why: 'no-tool',
			name: 'Wren',
			atS: 1800
		});
	});

	it('keep a teenager from a blade, and let one sit beside a child as no adult', () => {
		const teens = new Set(['Wren']);
		expect(of([at('Wren', 'cut')], { cutTool: 'rolling-blade', teens })).toMatchObject({
			why: 'teen-at-blade'
		});
		expect(of([at('Wren', 'cut')], { teens })).toBeNull();
		expect(of([at('Ivo', 'join'), at('Wren', 'join')], { teens })).toMatchObject({
			why: 'child-alone'
		});
	});

	it('give whoever wants company an adult, and seat nobody where they are barred', () => {
		const company = new Map([['Odo', ['cut'] as const]]);
		expect(of([at('Odo', 'cut')], { company })).toMatchObject({ why: 'alone', name: 'Odo' });
		expect(of([at('Odo', 'join')], { company })).toBeNull();
		expect(of([at('Odo', 'cut'), at('Wren', 'cut')], { company })).toBeNull();
		const barred = new Map([['Odo', ['cut'] as const]]);
		expect(of([at('Odo', 'cut')], { barred })).toMatchObject({ why: 'barred' });
		expect(of([at('Odo', 'join')], { barred })).toBeNull();
	});

	it('let nobody sit twice at once', () =>
		expect(of([at('Odo', 'cut', 0, 1900), at('Odo', 'join', 1800)], {})).toMatchObject({
			why: 'two-seats',
			atS: 1800
		}));
});
