import { describe, expect, it } from 'vitest';
import { bagPresets } from '../bag/presets';
import { coverGrades } from '../techniques/cover-grade';
import { barePractice } from '../practice/practice';
import { compareAll } from './compare-all';
import { workable, worthThinking } from './worth-thinking';

const methods = compareAll(
	bagPresets[0].bag,
	{ widthMm: 850, lengthMm: 1850 },
	barePractice
).filter(({ isUnbeaten }) => isUnbeaten);

describe('the ways worth thinking about', () => {
	const few = worthThinking(methods, 'bags');

	it('are a dozen at the most, of hundreds, and hold each technique’s fewest bags and fewest hours that cover', () => {
		expect(methods.length).toBeGreaterThan(300);
		expect(few.length).toBeLessThanOrEqual(12);
		for (const kind of ['crochet', 'finger-bands'] as const) {
			const { fair, close } = coverGrades[kind];
			const holding = workable(methods).filter(
				({ technique, cover }) => technique.kind === kind && cover >= fair / close
			);
			const own = few.filter(({ method }) => method.technique.kind === kind);
			for (const [merit, of] of [
				['fewest-bags', 'bags'],
				['fewest-hours', 'hours']
			] as const) {
				const best = own.find(({ merits }) => merits.includes(merit));
				// A near twin may stand for it.
				expect(best?.method[of]).toBeLessThanOrEqual(
					Math.min(...holding.map((method) => method[of])) * 1.06
				);
			}
		}
	});

	it('have no two that are nearly the same', () => {
		for (const [at, { method }] of few.entries())
			for (const { method: other } of few.slice(at + 1)) {
				const isNear = (of: 'bags' | 'hours', share: number) =>
					Math.abs(method[of] - other[of]) <= share * Math.max(method[of], other[of]);
				expect(
					method.technique.kind === other.technique.kind &&
						isNear('bags', 0.04) &&
						isNear('hours', 0.06) &&
						Math.abs(method.cover - other.cover) <= 0.1 * Math.max(method.cover, other.cover)
				).toBe(false);
			}
	});

	it('stand in the order of what is short', () => {
		const inOrder = (values: readonly number[]) =>
			values.every((value, at) => at === 0 || (values[at - 1] ?? 0) <= value);
		expect(inOrder(few.map(({ method }) => method.bags))).toBe(true);
		expect(inOrder(worthThinking(methods, 'hands').map(({ method }) => method.hours))).toBe(true);
		const byTime = worthThinking(methods, 'time');
		expect(inOrder(byTime.map(({ method, seats }) => method.hours / seats))).toBe(true);
		expect(byTime.find(({ method }) => method.technique.kind === 'peg-loom')?.seats).toBe(4);
	});

	it('leave out what gaps where the technique has better, and keep it where it has not', () => {
		const base = {
			cut: { style: 'half-bag' },
			technique: { kind: 'twined', pitchMm: 20 }
		} as const;
		const gappy = { ...base, bags: 100, hours: 5, cover: 0.1 };
		const sound = { ...base, bags: 300, hours: 20, cover: 1 };
		expect(worthThinking([gappy, sound], 'bags').map(({ method }) => method)).toEqual([sound]);
		expect(worthThinking([gappy], 'bags')[0]?.merits).toEqual([
			'between',
			'fewest-bags',
			'fewest-hours',
			'closest'
		]);
	});

	it('leave out what nobody would work: far longer than the quickest that covers', () => {
		for (const { bag } of bagPresets) {
			const all = compareAll(bag, { widthMm: 850, lengthMm: 1850 }, barePractice);
			const holding = all.filter(
				({ technique: { kind }, cover }) =>
					cover >= coverGrades[kind].fair / coverGrades[kind].close
			);
			const leastHours = Math.min(...holding.map(({ hours }) => hours));
			const ways = worthThinking(
				all.filter(({ isUnbeaten }) => isUnbeaten),
				'bags'
			);
			expect(Math.max(...ways.map(({ method }) => method.hours))).toBeLessThanOrEqual(
				2.5 * leastHours
			);
			// Each technique still has its best there.
			expect(new Set(ways.map(({ method }) => method.technique.kind)).size).toBeGreaterThan(1);
		}
	});

	it('gives no more than are asked for', () => {
		expect(worthThinking(methods, 'hands', 3)).toHaveLength(3);
	});
});
