import { describe, expect, it } from 'vitest';
import { bestAnswer } from './best-answer';
import { readBestFile } from './best-file';
import { seasonAnswer } from './season-answer';
import { readSeasonFile } from './season-file';

const common = {
	...{ today: '2026-11-26', by: '2027-02-04', wanted: 3, handed_over: 1, ready: 0, in_check: 1 },
	...{ strand_mats: 1, bag_mats: 1, bags_per_week: [0.2], table_days: ['2026-12-03'] },
	...{ per_table_day: [0.5], checks: { good: 11, mended: 2 }, seed: 4, runs: 300 }
};
const makers = [
	{ id: 'a', weeks: [0.01, 0, 0.02] },
	{ id: 'b', weeks: [0.2, 0.22, 0.18], away: [['2026-12-20', '2027-01-05']] },
	{ id: 'c', weeks: [0.02, 0.01] }
];
const mats = [
	{ id: 'm', maker: 'a', done: 0.4 },
	{ id: 'n', maker: 'c', done: 0.7, rest_weeks: 2 }
];
const read = (more: object = {}) =>
	readBestFile(JSON.stringify({ ...common, mats, makers, ...more }));
interface Answer {
	as_is: { expected: number; chance: number };
	best: { expected: number; chance: number };
	passes: { mat: string; from: string; to: string }[];
	begin: string[];
}
const answer = (more: object = {}) => {
	const { value } = read(more);
	if (!value) throw new Error('the season was refused');
	return bestAnswer(value) as Answer;
};
/** What the season’s own door answers of a file. */
const season = (more: object) => {
	const { value } = readSeasonFile(JSON.stringify({ ...common, ...more }));
	if (!value) throw new Error('the season was refused');
	const { ready_by, chance } = seasonAnswer(value) as {
		ready_by: { expected: number };
		chance: number;
	};
	return { expected: ready_by.expected, chance };
};
const makerOf = (id: string) => makers.find((maker) => maker.id === id);

describe('the door of the best plan', () => {
	it('answers what the season’s door does of the season as it is, and of the plan, to the last digit', () => {
		const { as_is, best, passes, begin } = answer();
		expect(as_is).toEqual(
			season({
				mats: mats.map(({ maker, ...mat }) => ({ ...makerOf(maker), ...mat })),
				free_makers: [makers[1]]
			})
		);
		expect(best.expected).toBeGreaterThan(as_is.expected + 0.2);
		const firstWeek = ['2026-11-26', '2026-12-02'];
		expect(best).toEqual(
			season({
				mats: mats.map(({ maker, ...mat }) => {
					const to = passes.find((pass) => pass.mat === mat.id)?.to;
					return { ...makerOf(to ?? maker), ...mat, ...(to ? { rest_weeks: 1 } : {}) };
				}),
				free_makers: begin.map((id) => ({
					...makerOf(id),
					away: [...(id === 'b' ? [] : [firstWeek]), ...(makerOf(id)?.away ?? [])]
				}))
			})
		);
	});

	it('reads neither weeks in mats nor free makers', () => {
		const more = { mats: mats.map((mat) => ({ ...mat, weeks: [9] })), free_makers: 'none' };
		expect(answer(more)).toEqual(answer());
	});

	it('says all that is wrong: a mat of nobody, ids that stand twice, too much at once', () => {
		expect(read({ mats: [{ id: 'm', maker: 'x', done: 0.1 }] }).problems).toEqual([
			{ path: 'mats.0.maker', sentence: expect.stringContaining('x') as string }
		]);
		expect(read({ makers: [...makers, makers[0]] }).problems?.[0]?.path).toBe('makers');
		expect(read({ mats: [{ maker: 'a', done: 0.1 }] }).problems?.[0]?.path).toBe('mats.0.id');
		expect(read({ by: '2026-01-01' }).problems?.[0]?.path).toBe('by');
		expect(read({ more: 1 }).problems).toHaveLength(1);
	});

	it('has nothing to begin where there is nobody', () =>
		expect(answer({ mats: [], makers: [] })).toMatchObject({ passes: [], begin: [] }));
});
