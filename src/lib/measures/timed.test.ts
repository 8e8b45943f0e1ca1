import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { waysOf, tasks, taskUnits } from '$lib/core/effort/tasks';
import { readEntry } from '$lib/entries/read-entry';
import type { TimedEntry } from '$lib/entries/types/timed';
import { wayTitle, taskTitles } from './measure-words';
import { craftSeconds, oddTime } from './odd-time';

const typed = { units: '240', people: '2', minutes: '30', worked_on: '2026-11-24' };
const read = (more: Record<string, string>): TimedEntry => {
	const { entry } = readEntry(
		'timed',
		{ ...typed, ...more },
		{ system: 'cm', today: '2026-11-26' }
	);
	if (entry?.type !== 'timed') throw new Error('it was not read');
	return entry;
};
/** Minutes in which one person does so many by the standard figures. */
const minutesOf = (entry: TimedEntry, units: number) => (units * craftSeconds(entry)) / 60;

describe('timed work', () => {
	it('is read with its way, or the usual one where another work’s was left', () => {
		expect(read({ work: 'crochet', way: 'dc' }).way).toBe('dc');
		expect(read({ work: 'crochet', way: 'loop' }).way).toBe('sc');
		expect(read({ work: 'flatten' }).way).toBe('usual');
		expect(
			readEntry('timed', { ...typed, work: 'dream' }, { system: 'cm', today: '2026-11-26' })
				.problems
		).toEqual({
			work: 'Choose one of these.'
		});
	});

	it('has a figure of the craft’s for every way of every work', () => {
		for (const work of tasks)
			for (const way of waysOf(work)) {
				expect(craftSeconds(read({ work, way })), `${work}, ${way}`).toBeGreaterThan(0);
			}
		expect([wayTitle('dc', 'us'), wayTitle('dc', 'uk')]).toEqual([
			'double crochet',
			'treble crochet'
		]);
		expect(craftSeconds(read({ work: 'crochet', way: 'dc' }))).toBe(7);
		expect(craftSeconds(read({ work: 'cut', way: 'rolling-blade' }))).toBe(9.5);
		expect(Object.keys(taskTitles)).toEqual([...tasks]);
		expect(new Set(Object.values(taskTitles)).size).toBe(tasks.length);
		expect(taskUnits['peg-loom'].unit).toBe('crossings');
	});

	it('is asked about where it is ten times off, never where hands only differ', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...tasks),
				fc.integer({ min: 20, max: 5000 }),
				fc.double({ min: 0.5, max: 2, noNaN: true }),
				(work, units, pace) => {
					const entry = { ...read({ work }), units, people: 1 };
					const minutes = minutesOf(entry, units) * pace;
					expect(oddTime({ ...entry, minutes })).toBeNull();
					expect(oddTime({ ...entry, minutes: minutesOf(entry, units) * 10 })?.slip).toBe(
						'ten-times'
					);
					expect(oddTime({ ...entry, minutes: minutesOf(entry, units) / 10 })?.slip).toBe('tenth');
				}
			)
		);
	});

	it('counts people and minutes together', () => {
		const entry = read({ work: 'join', way: 'loop' });
		const alone = { ...entry, people: 1, minutes: 600, units: 240 };
		const four = { ...entry, people: 4, minutes: 150, units: 240 };
		expect(oddTime(alone)?.ratio).toBeCloseTo(oddTime(four)?.ratio ?? NaN, 9);
	});
});

describe('ways of working', () => {
	it.each([
		['sc', 'us', 'single crochet'],
		['sc', 'uk', 'double crochet'],
		['rolling-blade', 'us', 'with a rolling blade'],
		['loop', 'uk', 'loop through loop'],
		['usual', 'us', 'usual']
	] as const)('%s is called, in %s words, %j', (way, terms, title) =>
		expect(wayTitle(way, terms)).toBe(title)
	);
});
