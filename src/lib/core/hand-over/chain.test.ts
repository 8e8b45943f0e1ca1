import { describe, expect, it } from 'vitest';
import fc from 'fast-check';
import type { CountingMat } from './chain';
import { chainOf, yarnDayOf } from './chain';

const mat = (code: string, from: string, more: Partial<CountingMat> = {}): CountingMat => ({
	code,
	state: 'being-made',
	planId: 'p',
	widthMm: 850,
	lengthMm: 1850,
	chanceBy: (day) => (day >= from ? 0.8 : 0.3),
	...more
});
const plans = [
	{ id: 'p', widthMm: 850, lengthMm: 1850, weight: 1 },
	{ id: 'q', widthMm: 850, lengthMm: 1850, weight: 3 },
	{ id: 'child', widthMm: 550, lengthMm: 1200, weight: 9 }
];
const ask = (mats: number, byDay: string, size: [number, number] | null = null) => ({
	mats,
	byDay,
	size: size && { widthMm: size[0], lengthMm: size[1] }
});

describe('the chain from asks', () => {
	it('counts a mat for one ask alone, the earliest it is likely for, and begins the rest', () => {
		const mats = [
			mat('A', '2026-12-10'),
			mat('B', '2027-01-10'),
			mat('R', '', { state: 'ready', chanceBy: () => 1 })
		];
		const [late, soon] = chainOf([ask(3, '2027-02-04'), ask(3, '2026-12-17')], mats, plans);
		expect(soon?.counted.map(({ code }) => code)).toEqual(['R', 'A']);
		expect(soon?.maybe).toEqual([{ code: 'B', state: 'being-made', chance: 0.3 }]);
		expect([soon?.toBegin, late?.toBegin]).toEqual([1, 2]);
		expect(late?.counted.map(({ code }) => code)).toEqual(['B']);
	});
	it('takes mats and plans of the size that is asked for, and of any where none is', () => {
		const mats = [mat('A', '2026-12-10', { widthMm: 550, lengthMm: 1200 })];
		const of = (size: [number, number] | null) =>
			chainOf([ask(2, '2027-01-01', size)], mats, plans)[0];
		expect(of([850, 1850])).toMatchObject({ counted: [], toBegin: 2, planId: 'q' });
		expect(of([555, 1210])).toMatchObject({ toBegin: 1, planId: 'child' });
		expect(of([2000, 3000])).toMatchObject({ toBegin: 2, planId: null });
		expect(of(null)).toMatchObject({ toBegin: 1, planId: 'child' });
	});
	it('never counts a mat twice, nor more than is asked, and what counts and is begun is what is asked', () =>
		fc.assert(
			fc.property(
				fc.array(fc.tuple(fc.integer({ min: 0, max: 5 }), fc.integer({ min: 1, max: 28 })), {
					maxLength: 5
				}),
				fc.array(fc.integer({ min: 1, max: 28 }), { maxLength: 12 }),
				(asked, readyFrom) => {
					const dayOf = (nth: number) => `2027-02-${String(nth).padStart(2, '0')}`;
					const asks = asked.map(([mats, day]) => ask(mats, dayOf(day)));
					const mats = readyFrom.map((day, at) => mat(`M${at}`, dayOf(day)));
					const chains = chainOf(asks, mats, plans);
					const codes = chains.flatMap(({ counted }) => counted.map(({ code }) => code));
					expect(new Set(codes).size).toBe(codes.length);
					for (const [at, { counted, toBegin }] of chains.entries())
						expect(counted.length + toBegin).toBe(asks[at]?.mats);
				}
			),
			{ numRuns: 100 }
		));
	it('refuses what is below nothing', () =>
		expect(() => chainOf([ask(-1, '2027-01-01')], [], [])).toThrow('mats'));
});

describe('the day of the yarn', () => {
	const days = ['2026-12-03', '2026-12-10', '2026-12-17'];
	it('is the last table day before a mat begins; where none is in time the next there is', () => {
		expect(yarnDayOf('2026-12-16', days)).toBe('2026-12-10');
		expect(yarnDayOf('2026-12-17', days)).toBe('2026-12-17');
		expect(yarnDayOf('2026-11-01', days)).toBe('2026-12-03');
		expect(yarnDayOf('2026-12-17', [])).toBeNull();
	});
});
