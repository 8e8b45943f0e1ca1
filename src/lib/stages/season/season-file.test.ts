import { describe, expect, it } from 'vitest';
import { seasonAnswer } from './season-answer';
import { readSeasonFile } from './season-file';

const season = {
	today: '2026-11-26',
	by: '2027-02-04',
	wanted: 8,
	handed_over: 4,
	ready: 1,
	in_check: 2,
	mats: [{ done: 0.41, weeks: [0.03, 0, 0.05, 0.04] }],
	free_makers: [{ weeks: [0.06, 0.02] }],
	strand_mats: 2.5,
	bag_mats: 3.2,
	bags_per_week: [0.9, 0.4, 1.2],
	table_days: ['2026-12-03', '2026-12-10'],
	per_table_day: [0.8, { made: 1.1, short: true }, 0.6],
	checks: { good: 11, mended: 2 },
	seed: 1,
	runs: 200
};
const read = (more: object = {}) => readSeasonFile(JSON.stringify({ ...season, ...more }));
const answer = (more: object = {}) => {
	const { value } = read(more);
	if (!value) throw new Error('the season was refused');
	return seasonAnswer(value) as {
		ready_by: { expected: number; low: number; high: number; chances: Record<string, number> };
		chance: number;
		weeks: { week: string; expected: number }[];
		held_back_by: Record<string, number>;
		levers: { what: string; adds: number; chance: number }[];
	};
};

describe('the door of a season', () => {
	it('answers in its words, weeks by the day they end before', () => {
		const { ready_by, weeks, levers, chance, held_back_by } = answer();
		expect(weeks.map(({ week }) => week)).toEqual([
			'2026-12-03',
			'2026-12-10',
			'2026-12-17',
			'2026-12-24',
			'2026-12-31',
			'2027-01-07',
			'2027-01-14',
			'2027-01-21',
			'2027-01-28',
			'2027-02-04'
		]);
		expect(weeks.at(-1)?.expected).toBe(ready_by.expected);
		expect(levers.map(({ what }) => what)).toEqual(['table-day', 'two-makers', 'bags-300']);
		const shares = Object.values(ready_by.chances);
		expect(shares.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
		expect(
			Object.entries(ready_by.chances).reduce(
				(sum, [count, share]) => sum + Number(count) * share,
				0
			)
		).toBeCloseTo(ready_by.expected, 9);
		const enough = Object.entries(ready_by.chances)
			.filter(([count]) => Number(count) >= 8)
			.reduce((sum, [, share]) => sum + share, 0);
		expect(chance).toBeCloseTo(enough, 9);
		expect(Object.values(held_back_by).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
	});
	it('counts whole weeks alone: one that ends on the day counts, one day less does not', () => {
		expect(answer({ by: '2026-12-03' }).weeks).toHaveLength(1);
		expect(answer({ by: '2026-12-02' }).weeks).toEqual([]);
		expect(answer({ by: '2026-11-26' }).ready_by).toMatchObject({ expected: 5, low: 5, high: 5 });
	});
	it('of nothing is nothing, never no number', () => {
		const bare = readSeasonFile(
			JSON.stringify({ today: '2026-11-26', by: '2027-02-04', wanted: 0 })
		);
		expect(bare.value && JSON.stringify(seasonAnswer(bare.value))).not.toContain('null');
		expect(bare.value && seasonAnswer(bare.value)).toMatchObject({
			chance: 1,
			ready_by: { expected: 0, chances: { '0': 1 } },
			held_back_by: {}
		});
	});
	it('leaves table days behind today out', () =>
		expect(read({ table_days: ['2026-11-19', '2026-11-26'] }).value?.now.tableDays).toMatchObject([
			{ week: 1 }
		]));
	it.each([
		[{ by: '2026-11-25' }, 'by', 'ends before it starts'],
		[{ by: '2036-11-25' }, 'by', 'five years'],
		[{ today: '2026-02-30' }, 'today', 'A day'],
		[{ wanted: -1 }, 'wanted', 'A number'],
		[{ wanted: undefined }, 'wanted', 'A number'],
		[{ mats: [{ done: 0.4, weeks: [-0.1] }] }, 'mats.0.weeks.0', 'The share'],
		[{ mats: [{ done: -1, weeks: [] }] }, 'mats.0.done', 'share of the mat'],
		[{ free_makers: 3 }, 'free_makers', 'makers without a mat'],
		[{ table_days: ['soon'] }, 'table_days.0', 'A day'],
		[{ per_table_day: ['much'] }, 'per_table_day.0', 'table day made'],
		[{ checks: { good: 1.5, mended: 0 } }, 'checks.good', 'A number'],
		[{ bags_per_mat: 0 }, 'bags_per_mat', 'Bags for one mat'],
		[{ runs: 0 }, 'runs', 'runs'],
		[
			{ mats: Array.from({ length: 10_000 }, () => ({ done: 0 })), runs: 20_000 },
			'runs',
			'fewer runs'
		],
		[{ colour: 'blue' }, 'file', 'season']
	])('refuses %j at its place', (slip, path, sentence) => {
		const { problems = [] } = read(slip);
		expect(problems.map((one) => one.path)).toContain(path);
		expect(problems.map((one) => one.sentence).join(' ')).toContain(sentence);
	});
	it('refuses what is no JSON', () => expect(readSeasonFile('{').problems).toHaveLength(1));

	it('is the same in another order of its mats, its past and its days, where each mat has an id', () => {
		const mats = Array.from({ length: 12 }, (_, at) => ({
			id: `m${at}`,
			done: 0.07 * at,
			weeks: [0.01 * at, 0.04, 0, 0.05]
		}));
		const days = ['2026-12-03', '2026-12-10', '2026-12-10', '2026-12-17'];
		expect(answer({ mats: mats.toReversed(), table_days: days.toReversed() })).toEqual(
			answer({ mats, table_days: days })
		);
	});
});
