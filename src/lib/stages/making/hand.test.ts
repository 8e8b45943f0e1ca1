import { describe, expect, it } from 'vitest';
import { rowsHere, seenText } from './counting';
import type { MatInHand } from './mat-view';
import { byNeed, needOf, nothingSaid, stillAfterDays } from './mat-view';
import { matFarWords, matNeedWords, readyWords, whoseWords } from './mat-words';

const mat: MatInHand = {
	id: 1,
	code: 'GXVEY',
	planName: 'A mat',
	planVersion: 1,
	maker: { id: 'mabel', name: 'Mabel' },
	isLeft: false,
	isAway: false,
	loom: null,
	rows: { total: 204, parts: 1, each: 204, ends: 1, part: 'mat' },
	look: null,
	made: { near: 134, far: 0 },
	share: 134 / 204,
	begunAt: new Date('2026-10-01'),
	lastAt: new Date('2026-11-24'),
	stillDays: 4,
	ready: { low: '2026-12-19', middle: '2026-12-26', high: '2027-01-09' },
	said: nothingSaid,
	lacks: [],
	course: null
};

describe('rows as this device has them', () => {
	const row = (step: string, more: Record<string, string> = {}) => ({
		type: 'row',
		typed: { mat: 'GXVEY', side: 'near', step, ...more }
	});
	it('are what was read, then what was done here, in its order', () => {
		expect(rowsHere(10, [row('1'), row('1'), row('-1')], 'GXVEY', 'near')).toBe(11);
		const said = { type: 'rows', typed: { mat: 'GXVEY', side: 'near', to: '88' } };
		expect(rowsHere(10, [row('1'), said, row('1')], 'GXVEY', 'near')).toBe(89);
		expect(rowsHere(0, [row('-1')], 'GXVEY', 'near')).toBe(0);
	});
	it('are of this mat and this end alone; no end is the near one', () => {
		const others = [row('1', { mat: 'ABCDE' }), row('1', { side: 'far' })];
		expect(rowsHere(5, others, 'GXVEY', 'near')).toBe(5);
		expect(
			rowsHere(5, [{ type: 'row', typed: { mat: 'GXVEY', step: '1' } }], 'GXVEY', 'near')
		).toBe(6);
	});
	it('name what was seen: of the others as it was read, of this device all', () => {
		const seen = [
			{ side: 'near' as const, device: 'phone', sequence: 7 },
			{ side: 'near' as const, device: 'tablet', sequence: 3 },
			{ side: 'far' as const, device: 'other', sequence: 9 }
		];
		expect(seenText(seen, 'near', { device: 'phone', sequence: 12 })).toBe('tablet:3 phone:12');
		expect(seenText(seen, 'far', {})).toBe('other:9');
	});
});

describe('what a mat wants', () => {
	it('is to be finished, asked after, begun, or to go on, in this order', () => {
		const done = { ...mat, id: 2, share: 1 };
		const still = { ...mat, id: 3, stillDays: stillAfterDays };
		const fresh = { ...mat, id: 4, made: { near: 0, far: 0 }, share: 0 };
		const behind = { ...mat, id: 5, share: 0.1 };
		expect([done, still, fresh, mat].map(needOf)).toEqual(['finish', 'ask', 'begin', 'go-on']);
		expect(byNeed([behind, mat, fresh, still, done]).map(({ id }) => id)).toEqual([2, 3, 4, 1, 5]);
		expect(matNeedWords('ask', { ...mat, stillDays: 30 })).toBe(
			'no rows for 4 weeks: ask how it is going'
		);
		expect(needOf({ ...still, stillDays: stillAfterDays - 1 })).toBe('go-on');
	});
});

describe('a mat in words', () => {
	it.each([
		[mat, 'row 134 of 204'],
		[
			{
				...mat,
				rows: { total: 612, parts: 1, each: 612, ends: 2, part: 'mat' } as const,
				made: { near: 20, far: 26 }
			},
			'46 of 612 rows, from both ends'
		],
		[
			{
				...mat,
				rows: { total: 1200, parts: 12, each: 100, ends: 1, part: 'band' } as const,
				made: { near: 640, far: 0 }
			},
			'band 7 of 12, row 40 of 100'
		],
		[
			{
				...mat,
				rows: { total: 1200, parts: 12, each: 100, ends: 1, part: 'band' } as const,
				made: { near: 600, far: 0 }
			},
			'band 6 of 12, row 100 of 100'
		],
		[{ ...mat, rows: null }, '134 rows']
	])('says how far it is', (one, words) => expect(matFarWords(one)).toBe(words));
	it('says whose it is: a maker’s, a loom’s, the table’s', () => {
		expect(whoseWords(mat)).toBe('Mabel');
		expect(whoseWords({ maker: null, loom: 'Long loom' })).toBe('Long loom');
		expect(whoseWords({ maker: null, loom: null })).toBe('at the table');
	});
	it('says by when it is ready, and between when', () => {
		expect(readyWords(mat)).toEqual({ day: '26 Dec', between: '19 Dec–9 Jan' });
		expect(readyWords({ ...mat, ready: { ...mat.ready, high: null } }).between).toBe(
			'19 Dec–later than two years'
		);
		expect(readyWords({ ...mat, ready: { low: null, middle: null, high: null } }).day).toBe('?');
		expect(readyWords({ ...mat, share: 1 })).toEqual({ day: 'made', between: '' });
	});
});
