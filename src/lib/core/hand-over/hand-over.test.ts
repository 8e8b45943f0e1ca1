import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../domain-error';
import { timedRows } from '../making/sitting';
import { handsOf } from './hands';
import type { ComingMat, OpenAsk } from './promises';
import { countOn } from './promises';
import { seasonOf } from './season-of';

describe('a season', () => {
	it.each([
		['2026-08-31', 2025],
		['2026-09-01', 2026],
		['2026-12-31', 2026],
		['2027-01-01', 2026]
	])('of %s begins in %s', (day, begins) => expect(seasonOf(day)).toBe(begins));
	it.each(['soon', '2026', '2026-13-01', ''])('is none of “%s”', (day) =>
		expect(() => seasonOf(day)).toThrow(DomainError)
	);
});

describe('hands of a mat', () => {
	const taps = (...minutes: number[]) => minutes.map((atMin) => ({ step: 1, atMin }));
	it('are timed from the first tap of a sitting to its last, and pauses are not', () => {
		const two = timedRows(taps(0, 5, 10, 15, 20, 25, 100, 104, 108, 112, 116, 120));
		expect(two).toEqual({ rows: 10, minutes: 45 });
		// Too few rows say nothing.
		expect(timedRows(taps(0, 5, 10))).toEqual({ rows: 0, minutes: 0 });
		expect(timedRows([])).toEqual({ rows: 0, minutes: 0 });
	});
	it('are reckoned for what was not timed', () => {
		const planned = { makeMin: 600, besideMin: 120 };
		expect(handsOf(planned, { rows: 0, minutes: 0 }, 200)).toEqual({
			timedMin: 0,
			estimatedMin: 720
		});
		expect(handsOf(planned, { rows: 50, minutes: 90 }, 200)).toEqual({
			timedMin: 90,
			estimatedMin: 570
		});
		// Rows that were taken back and made again are not reckoned below nothing.
		expect(handsOf(planned, { rows: 300, minutes: 900 }, 200).estimatedMin).toBe(120);
	});
	it.each([
		[0, 10],
		[NaN, 10],
		[200, -1]
	])('of %s rows, %s of them timed, are refused', (rows, timed) =>
		expect(() => handsOf({ makeMin: 1, besideMin: 1 }, { rows: timed, minutes: 1 }, rows)).toThrow(
			DomainError
		)
	);
});

describe('what asks can count on', () => {
	const size = { widthMm: 850, lengthMm: 1850 };
	const mat = (early: string | null, middle = early, late = middle): ComingMat => ({
		...size,
		early,
		middle,
		late
	});
	const ask = (mats: number, byDay: string): OpenAsk => ({ mats, size: null, byDay });

	it('is what is ready, and what is foreseen by their day', () => {
		const mats = [mat(''), mat('2026-12-10', '2026-12-17', '2027-01-14'), mat(null)];
		expect(countOn([ask(5, '2026-12-17')], mats)).toEqual([
			{ ready: 1, low: 1, expected: 2, high: 2 }
		]);
	});
	it('goes to the earlier day first, whatever the order they asked in', () =>
		expect(countOn([ask(2, '2027-01-01'), ask(1, '2026-12-01')], [mat('')])).toMatchObject([
			{ ready: 0 },
			{ ready: 1 }
		]));
	it('of a size is mats of that size, as a check allows', () => {
		const wanted: OpenAsk = { mats: 3, size, byDay: '2027-01-01' };
		const near = [0.97, 1.05, 0.96, 1.06].map((share): ComingMat => ({
			...mat(''),
			widthMm: 850 * share
		}));
		expect(countOn([wanted], near)[0]?.ready).toBe(2);
	});
	it('is never more than asked, nor than there is, and the bounds are in order', () =>
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.integer({ min: 0, max: 4 }), fc.integer({ min: 1, max: 28 })), {
					maxLength: 5
				}),
				fc.array(fc.tuple(fc.integer({ min: 0, max: 20 }), fc.nat(6), fc.nat(6)), {
					maxLength: 8
				}),
				(asked, coming) => {
					const day = (at: number) => `2026-12-${String(at).padStart(2, '0')}`;
					const asks = asked.map(([mats, by]) => ask(mats, day(by)));
					const mats = coming.map(([first, wait, more]) =>
						first === 0
							? mat('')
							: mat(day(first), day(first + wait), day(Math.min(31, first + wait + more)))
					);
					const counts = countOn(asks, mats);
					for (const [at, { ready, low, expected, high }] of counts.entries()) {
						expect(high).toBeLessThanOrEqual(asks[at]?.mats ?? 0);
						expect(ready).toBeLessThanOrEqual(low);
						expect(expected).toBeLessThanOrEqual(asks[at]?.mats ?? 0);
					}
					const all = (of: 'ready' | 'low' | 'expected' | 'high') =>
						counts.reduce((sum, one) => sum + one[of], 0);
					expect(all('ready')).toBeLessThanOrEqual(mats.filter(({ late }) => late === '').length);
					expect(all('low')).toBeLessThanOrEqual(all('expected'));
					expect(all('expected')).toBeLessThanOrEqual(all('high'));
					expect(all('high')).toBeLessThanOrEqual(mats.length);
				}
			),
			{ numRuns: 300 }
		));
});
