import { describe, expect, it } from 'vitest';
import { noLevers } from '$lib/core/season/forecast';
import { bestOrderOf, bestSaid } from './best-season';
import { dayAims } from './day-aims';
import { seasonSaid } from './season-said';
import type { SeasonBasis } from './season-view';
import { orderOf } from './season-view';

const plan = (id: string, more: object = {}) => ({
	...{ id, name: id, toBegin: 2, bags: 500, makingSeconds: 200_000, tool: null, bagsPerBall: 20 },
	...more
});
const quick = [0.2, 0.22, 0.18, 0.2];
const slow = [0.01, 0.02, 0, 0.01];
const basis: SeasonBasis = {
	...{ today: '2026-11-26', hasRhythm: true, isBeginKept: false, nextPlan: null, shut: [] },
	counted: [],
	goals: [
		{ by: '2026-12-24', wanted: 1, handedOver: 0, asks: [] },
		{ by: '2027-02-04', wanted: 4, handedOver: 1, asks: [] }
	],
	newMat: { bags: 500, makingSeconds: 200_000, tool: null, bagsPerBall: 20 },
	plans: [plan('usual'), plan('light', { bags: 250, makingSeconds: 100_000, toBegin: 0 })],
	tools: { loom: null, frame: null },
	...{ ready: 0, inCheck: 1 },
	mats: [
		{ id: 'AAAAA', maker: 'slow', isLeft: false, done: 0.4, weeks: slow, isOnLoom: false },
		{ id: 'BBBBB', maker: 'quick', isLeft: false, done: 0.5, weeks: quick, isOnLoom: false },
		{
			id: 'CCCCC',
			maker: null,
			isLeft: true,
			done: 0.3,
			weeks: [],
			away: Array.from({ length: 104 }, (_, at) => at + 1),
			isOnLoom: false
		}
	],
	freeMakers: [
		{ id: 'odo', weeks: slow },
		{ id: 'bo', weeks: quick }
	],
	...{ strandMats: 1, bagMats: 0, perPlace: [], bagsPerWeek: [0, 0, 0, 0], tableDays: [] },
	perTableDay: [0.5, 0.7],
	checks: { good: 9, mended: 1 }
};
const goal = basis.goals[1]!;
const last = (basis: SeasonBasis, fits = ['usual', 'light']) => bestOrderOf(basis, goal, fits);

describe('the best plan of a group', () => {
	it('has the forecast of the season’s page beside it, to the last digit', () => {
		const { asIs } = bestSaid(last(basis));
		const page = seasonSaid(orderOf(basis, goal, { levers: noLevers, other: null }));
		expect([asIs.expected, asIs.chance]).toEqual([page.expected, page.chance]);
		const kept = {
			...basis,
			freeMakers: basis.freeMakers.map((one) => ({ ...one, isLater: one.id === 'odo' }))
		};
		expect(bestSaid(last(kept)).asIs.expected).toBe(
			seasonSaid(orderOf(kept, goal, { levers: noLevers, other: null })).expected
		);
	});

	it('passes mats to who has none: never to who has one, to the table, or to who is only counted on', () => {
		const said = bestSaid(last({ ...basis, counted: [{ id: '1', what: 'two-makers' }] }, []));
		expect(said.passes.length).toBeGreaterThan(0);
		for (const { to } of said.passes) expect(['odo', 'bo']).toContain(to);
		const from = said.passes.find(({ mat }) => mat === 'CCCCC' || mat === 'AAAAA');
		expect(from?.to).toBe('bo');
		expect(said.best.expected).toBeGreaterThan(said.asIs.expected);
		// A mat at the table has nobody who could begin another when it goes.
		expect([...said.begin, ...said.later].some((id) => id.startsWith('with '))).toBe(false);
	});

	it('follows another plan where its mats are worth it, if all that is asked takes them', () => {
		const free = { ...basis, strandMats: 0.6, mats: [] };
		expect(bestSaid(last(free)).plan).toMatchObject({ id: 'light' });
		expect(bestSaid(last(free)).plan?.adds).toBeGreaterThanOrEqual(0.05);
		// Who is quick begins then, and nobody need wait in vain.
		expect(bestSaid(last(free)).begin[0]).toBe('bo');
		expect(bestSaid(last(free, ['usual'])).plan).toBeNull();
	});

	it('says how far it is', () => {
		const shares: number[] = [];
		bestSaid(last(basis), (share) => shares.push(share));
		expect(shares.length).toBeGreaterThan(2);
		expect(shares.at(-1)).toBe(1);
	});
});

describe('what the next table days aim at', () => {
	const day = (id: string, more: object = {}) => ({
		...{ id, day: '2026-12-03', planId: null, balls: 0, strands: 0, checks: 0, pillows: 0 },
		...more
	});
	const balls = (...of: [string, number][]) => ({
		balls: of.map(([colour, count]) => ({ colour, balls: count }))
	});

	it('are balls of the plan that is needed most, as many as a day brings, until none lacks; then pillows', () => {
		// 0.6 mats’ worth of 500 bags a day, 20 a ball: 15 balls.
		const aims = dayAims(
			basis,
			balls(['white', 12], ['any', 8]),
			[day('a'), day('b'), day('c')],
			null
		);
		expect(aims.map((aim) => [aim.balls, aim.colour, aim.pillows])).toEqual([
			[15, 'white', 0],
			[5, 'any', 0],
			[0, null, 4]
		]);
		expect(aims[0]?.plan.id).toBe('usual');
		// What waits for its check is checked on the first of them.
		expect(aims.map(({ checks }) => checks)).toEqual([1, 0, 0]);
	});

	it('follow the plan that was chosen, load its loom, and leave out a day that does so already', () => {
		const loom = {
			...basis,
			inCheck: 0,
			plans: [plan('usual'), plan('woven', { toBegin: 1, tool: 'loom' as const })]
		};
		const [aim] = dayAims(loom, balls(['any', 9]), [day('a')], 'woven');
		expect(aim).toMatchObject({ plan: { id: 'woven' }, balls: 9, strands: 20 });
		expect(
			dayAims(
				loom,
				balls(['any', 9]),
				[day('a', { planId: 'woven', balls: 9, strands: 20 })],
				'woven'
			)
		).toEqual([]);
		expect(dayAims({ ...basis, plans: [] }, balls(), [day('a')], null)).toEqual([]);
	});
});
