import { describe, expect, it } from 'vitest';
import { changeActs, changeWords, effectWords } from './change-words';
import { changesOf } from './season-changes';
import { packed, unpacked } from './season-packed';
import type { SeasonBasis, SeasonDay } from './season-view';
import { extraDay, weekRows } from './season-weeks';

const day = (on: string, id: string | null = on): SeasonDay => ({
	...{ id, day: on, ahead: 0, attendance: 0.8, said: 5, likely: 4.2 }
});
const before: SeasonBasis = {
	today: '2026-12-01',
	goals: [{ by: '2027-01-28', wanted: 8, handedOver: 1, asks: [{ place: 'Tide House', mats: 8 }] }],
	hasRhythm: true,
	isBeginKept: false,
	nextPlan: null,
	shut: [],
	counted: [],
	newMat: { bags: 500, makingSeconds: 72_000, tool: null, bagsPerBall: 20 },
	plans: [],
	tools: { loom: null, frame: null },
	ready: 1,
	inCheck: 0,
	mats: [{ id: 'AAAAA', done: 0.5, weeks: [0.1], isOnLoom: false, maker: 'mabel', isLeft: false }],
	freeMakers: [{ id: 'odo', weeks: [0.2] }],
	strandMats: 1,
	bagMats: 1,
	perPlace: [{ place: 'Ferry kiosk', bags: 310, times: 5, lastOn: '2026-11-26' }],
	bagsPerWeek: [0.6, 0.6, 0.6],
	tableDays: ['2026-12-03', '2026-12-10', '2026-12-17', '2026-12-24', '2026-12-31'].map((on) =>
		day(on)
	),
	perTableDay: [0.5],
	checks: { good: 3, mended: 0 }
};
/** The same a week later, with what is said of it. */
const later = (more: Partial<SeasonBasis> = {}): SeasonBasis => ({
	...before,
	today: '2026-12-08',
	tableDays: before.tableDays.slice(1),
	perPlace: [{ place: 'Ferry kiosk', bags: 310, times: 5, lastOn: '2026-12-03' }],
	...more
});
const sorts = (more: Partial<SeasonBasis>) =>
	changesOf(before, later(more)).map(({ sort }) => sort);

describe('what changed of a season', () => {
	it('is nothing where a week went by and nothing else', () => expect(sorts({})).toEqual([]));
	it('a maker who left is undone with their mat and with them', () => {
		const mats = before.mats.map((mat) => ({ ...mat, maker: null, isLeft: true, away: [1, 2, 3] }));
		const [change] = changesOf(before, later({ mats, freeMakers: [] }));
		expect(change).toMatchObject({ sort: 'maker-left', of: ['odo', 'mabel'], count: 2 });
		expect(change?.without?.mats[0]).toMatchObject({ away: [], maker: 'mabel' });
		expect(change?.without?.freeMakers).toEqual(before.freeMakers);
		// A maker who takes up a mat did not leave.
		const taken = { ...before.mats[0], id: 'BBBBB', maker: 'odo' } as SeasonBasis['mats'][number];
		expect(sorts({ mats: [...before.mats, taken], freeMakers: [] })).toEqual([]);
	});
	it('who is away longer than was known, and days that are off, are undone', () => {
		const mats = before.mats.map((mat) => ({ ...mat, away: [1, 2] }));
		const [away] = changesOf(before, later({ mats }));
		expect(away).toMatchObject({ sort: 'away', of: ['mabel'] });
		expect(away?.without?.mats[0]?.away).toEqual([]);
		// What was known a week ago is no change: its first week is over.
		const known = { ...before, mats: before.mats.map((mat) => ({ ...mat, away: [1, 2, 3] })) };
		expect(changesOf(known, later({ mats }))).toEqual([]);
		const shut = [{ from: '2026-12-21', to: '2027-01-03' }];
		const [off] = changesOf(before, later({ shut, tableDays: before.tableDays.slice(1, 3) }));
		expect(off).toMatchObject({ sort: 'days-off', of: ['2026-12-24', '2026-12-31'] });
		expect(off?.without?.tableDays).toHaveLength(4);
		const more = [...later().tableDays, day('2026-12-12')];
		expect(sorts({ tableDays: more })).toEqual(['days-more']);
	});
	it('a source that came often and comes no more is dry; bags that differ a little are the same', () => {
		const perPlace = [{ place: 'Ferry kiosk', bags: 310, times: 5, lastOn: '2026-11-17' }];
		const [dry] = changesOf(before, later({ perPlace, bagsPerWeek: [0.6, 0.6, 0] }));
		expect(dry).toMatchObject({ sort: 'source-dry', of: ['Ferry kiosk'] });
		expect(dry?.without?.bagsPerWeek).toEqual(before.bagsPerWeek);
		expect(sorts({ bagsPerWeek: [0.6, 0.6, 0.55] })).toEqual([]);
		const [fewer] = changesOf(before, later({ bagsPerWeek: [0.3, 0.3, 0.3] }));
		expect(fewer?.sort).toBe('bags');
		expect(fewer?.count).toBeCloseTo(-150, 9);
	});
	it('more that is asked for, and mats that passed, are said', () => {
		const goals = [{ ...(before.goals[0] as SeasonBasis['goals'][number]), wanted: 11 }];
		const changes = changesOf(before, later({ goals, ready: 3 }));
		expect(changes).toMatchObject([
			{ sort: 'asked', count: 3, without: null },
			{ sort: 'passed', count: 2 }
		]);
	});
	it('each says what it is, what it did and what can be done', () => {
		const change = { sort: 'maker-left', of: ['mabel'], count: 1, effect: -0.84 } as const;
		expect(changeWords(change, { mabel: 'Mabel' }, '2026-12-08')).toBe('Mabel left.');
		// A reader is told no name.
		expect(changeWords(change, {}, '2026-12-08')).not.toContain('Mabel');
		expect(effectWords(-0.84)).toContain('0.8');
		expect(effectWords(0.01)).toBe(effectWords(-0.01));
		for (const sort of ['maker-left', 'days-off', 'source-dry', 'away', 'bags'] as const)
			expect(changeActs[sort]?.href).toMatch(/^\//);
	});
});

describe('the weeks of a season', () => {
	const weeks = Array.from({ length: 8 }, (_, at) => ({
		...{ low: at, expected: at + 0.4, high: at + 2, made: at === 0 ? 0.2 : 0 }
	}));
	const shut = [{ from: '2026-12-21', to: '2027-01-03' }];
	it('have their tables, what they bring, who is away, and the goals that end in them', () => {
		const basis = { ...before, shut, tableDays: before.tableDays.slice(0, 3) };
		const away = [{ name: 'Mabel', from: '2026-12-09', to: '2026-12-09' }];
		const rows = weekRows(basis, weeks, away);
		expect(rows[0]).toMatchObject({ from: '2026-12-01', said: 5, likely: 4, balls: 5 });
		expect(rows.map(({ tables }) => tables.length)).toEqual([1, 1, 1, 0, 0, 0, 0, 0]);
		expect(rows.map(({ isShut }) => isShut)).toEqual([
			...[false, false, false, true, true, false, false, false]
		]);
		expect(rows.map((row) => row.away.length)).toEqual([0, 1, 0, 0, 0, 0, 0, 0]);
		// Eight whole weeks end by the goal's day.
		expect(rows.map(({ goals }) => goals.length)).toEqual([0, 0, 0, 0, 0, 0, 0, 1]);
	});
	it('have room for one more table on a Saturday in the middle, where the hall is open', () => {
		const [goal] = before.goals;
		if (!goal) throw new Error('no goal');
		expect(extraDay(before, goal, 0)).toBe('2026-12-26');
		expect(new Set([0, 1, 2].map((nth) => extraDay(before, goal, nth))).size).toBe(3);
		// The middle is shut: the first day it is open again, in the week beside it.
		expect(extraDay({ ...before, shut }, goal, 0)).toBe('2027-01-04');
	});
});

describe('a season that is sent as one text', () => {
	it('is the same on the other side, and the same object where it came before', () => {
		const chain = { asks: [], plans: [], balls: [], bags: [] };
		const text = packed({ basis: before, said: null, chain });
		expect(unpacked(text)).toEqual({ basis: before, said: null, chain });
		expect(unpacked(packed({ basis: before, said: null, chain }))).toBe(unpacked(text));
		expect(packed({ basis: later(), said: null, chain })).not.toBe(text);
	});
});
