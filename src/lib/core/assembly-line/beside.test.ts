import fc from 'fast-check';
import loadHighs from 'highs';
import { describe, expect, it } from 'vitest';
import type { Beside } from './beside';
import { besidePlan } from './beside';
import { besideColumn, besidesIn, boundProgram } from './bound';
import { line, nothing } from './day.arbitrary';
import { lineStations } from './assembly-line';
import type { FreePerson } from './people';
import { evenly } from './people';
import { changeS } from './seat-plans';

const free = (name: string, fromS = 0, toS = 7200): FreePerson => ({
	name,
	speeds: evenly(1),
	may: lineStations,
	fromS,
	toS
});
const nobodyKnows = () => ({ totalS: 0, earlyS: 0 });

describe('what is done beside the line', () => {
	it('is done by whoever a program gave most of it, early or late as it had it', () => {
		const besides: Beside[] = [
			{ work: 'pillows', seconds: 2400, speeds: { Wren: 1, Odo: 1 } },
			{ work: 'load', seconds: 900, speeds: { Wren: 1.5 } }
		];
		const { sittings, people, undone } = besidePlan(
			[free('Wren'), free('Odo'), free('Mabel')],
			besides,
			(name, work) =>
				work === 'pillows'
					? { totalS: name === 'Wren' ? 2400 : 0, earlyS: 2400 }
					: { totalS: 600, earlyS: 0 }
		);
		// Only Wren can load, so that is given first; the pillows go to Odo.
		expect(sittings).toEqual([
			{ name: 'Wren', work: 'load', fromS: 6600, toS: 7200 },
			{ name: 'Odo', work: 'pillows', fromS: 0, toS: 2400 }
		]);
		expect(people.map(({ name, fromS, toS }) => [name, fromS, toS])).toEqual([
			['Wren', 0, 6600 - changeS],
			['Odo', 2400 + changeS, 7200],
			['Mabel', 0, 7200]
		]);
		expect(undone).toEqual({});
	});

	it('says what nobody is left for', () => {
		const { sittings, people, undone } = besidePlan(
			[free('Wren', 0, 3600)],
			[
				{ work: 'finish', seconds: 4800, speeds: { Wren: 1 } },
				{ work: 'check', seconds: 600, speeds: {} }
			],
			nobodyKnows
		);
		expect(sittings).toEqual([{ name: 'Wren', work: 'finish', fromS: 0, toS: 3600 }]);
		expect(people).toEqual([]);
		expect(undone).toEqual({ finish: 1200, check: 600 });
	});

	it('takes everybody once, within their time, and leaves them the rest', () =>
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.integer({ min: 0, max: 30 }), fc.integer({ min: 10, max: 90 })), {
					minLength: 1,
					maxLength: 6
				}),
				fc.array(fc.tuple(fc.integer({ min: 60, max: 9000 }), fc.integer({ min: 0, max: 63 })), {
					minLength: 1,
					maxLength: 4
				}),
				(stays, wanted) => {
					const people = stays.map(([from, long], at) =>
						free(`Person ${at}`, from * 60, (from + long) * 60)
					);
					const works = ['load', 'finish', 'check', 'pillows'] as const;
					const besides = wanted.map(([seconds, mask], at): Beside => ({
						work: works[at] ?? 'load',
						seconds,
						speeds: Object.fromEntries(
							people.flatMap(({ name }, nth) => (mask & (1 << nth) ? [[name, 1 + nth / 10]] : []))
						)
					}));
					const plan = besidePlan(people, besides, nobodyKnows);
					const names = plan.sittings.map(({ name }) => name);
					expect(new Set(names).size).toBe(names.length);
					for (const { name, work, fromS, toS } of plan.sittings) {
						const person = people.find((one) => one.name === name);
						const rest = plan.people.find((one) => one.name === name);
						expect(besides.find((one) => one.work === work)?.speeds[name]).toBeGreaterThan(0);
						expect(fromS).toBeGreaterThanOrEqual(person?.fromS ?? NaN);
						expect(toS).toBeLessThanOrEqual(person?.toS ?? NaN);
						if (rest) expect(rest.toS + changeS <= fromS || toS + changeS <= rest.fromS).toBe(true);
					}
					for (const { work, seconds, speeds } of besides) {
						const done = plan.sittings
							.filter((one) => one.work === work)
							.reduce((sum, { name, fromS, toS }) => sum + (toS - fromS) * (speeds[name] ?? 0), 0);
						expect(done + (plan.undone[work] ?? 0)).toBeGreaterThanOrEqual(seconds - 1e-6);
					}
				}
			),
			{ numRuns: 300 }
		));
});

it('the bound is of days that do it: its own worth is taken off again', async () => {
	const highs = await loadHighs();
	const people = ['Wren', 'Odo', 'Mabel'].map((name) => free(name));
	const day = { line, stock: { ...nothing, bags: 400 }, room: {}, lengthS: 7200 };
	const rules = { cutTool: 'scissors', tools: {}, children: new Set<string>() } as const;
	const bound = (besides: readonly Beside[]) => {
		const { Columns, ObjectiveValue } = highs.solve(boundProgram(day, people, rules, besides, 4), {
			output_flag: false
		});
		const value = (column: string) => {
			const found = Columns[column];
			return found && 'Primal' in found ? found.Primal : 0;
		};
		return besidesIn(people, besides, 4, day.lengthS, value, ObjectiveValue);
	};
	const alone = bound([]).worth;
	// A third of all hands at pillows costs a third of the balls; all of Mabel's time is enough for it.
	const pillows: Beside = { work: 'pillows', seconds: 7200, speeds: { Mabel: 1 } };
	const beside = bound([pillows]);
	expect(beside.worth).toBeCloseTo((alone * 2) / 3, 1);
	expect(beside.share('Mabel', 'pillows').totalS).toBeCloseTo(7200, 3);
	expect(beside.share('Odo', 'pillows').totalS).toBe(0);
	expect(besideColumn(2, 0, 3)).toBe('y2_0_3');
	// More of it than there is time for leaves the bound where Mabel is gone.
	expect(bound([{ ...pillows, seconds: 99_000 }]).worth).toBeCloseTo(beside.worth, 6);
});
