import { seededRng } from '../../statistics/rng';
import { describe, expect, it } from 'vitest';
import { DomainError } from '../../domain-error';
import type { SeasonNow } from '../now';
import { asBefore } from '../now';
import { seasonRuns } from '../season';
import { bestPlan, leastOfPass } from './best-plan';
import { everyPlan } from './every-plan';
import type { HandPlan, HeldSeason, MakerById } from './held';
import { asHeld, freeAfter, seasonWith } from './held';

const season: SeasonNow = {
	weeks: 10,
	...{ handedOver: 0, ready: 0, inCheck: 0, mats: [], freeMakers: [] },
	strandMats: 1,
	bagMats: 0,
	...{ bagsPerWeek: [0, 0, 0], tableDays: [], perTableDay: [] },
	checks: { good: 40, mended: 2 },
	newMat: asBefore,
	looms: null
};
const slow: MakerById = { id: 'slow', weeks: [0.01, 0.02, 0.01, 0, 0.01, 0.02, 0.01] };
const quick: MakerById = { id: 'quick', weeks: [0.2, 0.25, 0.22, 0.2, 0.24, 0.2, 0.21] };
const other: MakerById = { id: 'other', weeks: [0.02, 0.01, 0, 0.01, 0.01, 0.02, 0] };
const chance = { seed: 3, runs: 1000 };
const expectedOf = (held: HeldSeason, plan: HandPlan, { seed, runs } = chance) =>
	seasonRuns(seasonWith(held, plan), { seed, runs }).reduce(
		(sum, { ready }) => sum + (ready.at(-1) ?? 0),
		0
	) / runs;
const mat = (id: string, maker: string, done: number) => ({ id, maker, done, isOnLoom: false });

/** A small season by chance. */
function made(seed: number): HeldSeason {
	const rng = seededRng(seed);
	const held = 1 + Math.floor(2 * rng());
	const makers = Array.from({ length: held + 1 + Math.floor(2 * rng()) }, (_, at) => {
		const pace = 0.01 + 0.25 * rng() * rng();
		return {
			id: `p${at}`,
			weeks: Array.from({ length: Math.floor(7 * rng()) }, () =>
				rng() < 0.2 ? 0 : pace * (0.5 + rng())
			),
			away: rng() < 0.2 ? [1 + Math.floor(4 * rng())] : []
		};
	});
	return {
		season: { ...season, weeks: 5 + Math.floor(7 * rng()), strandMats: 2 * rng() },
		mats: Array.from({ length: held }, (_, at) => mat(`m${at}`, `p${at}`, rng())),
		makers
	};
}

describe('the best plan of a season', () => {
	it('passes a mat that stands still to who is quick, and says what that adds', () => {
		const held = {
			season: { ...season, strandMats: 0 },
			mats: [mat('m', 'slow', 0.3)],
			makers: [slow, quick]
		};
		const { passes, best, asIs } = bestPlan(held, 1, chance);
		expect(passes).toMatchObject([{ mat: 'm', from: 'slow', to: 'quick' }]);
		expect(best.readyBy.expected - asIs.readyBy.expected).toBeGreaterThan(0.5);
		expect(passes[0]?.adds).toBeGreaterThan(0.5);
	});

	it('lets who is slow wait where yarn for one mat is there, and gives it to who is quick', () => {
		const held = { season, mats: [], makers: [slow, other, quick] };
		const { begin, best, asIs, beginAdds } = bestPlan(held, 1, chance);
		expect(begin[0]).toBe('quick');
		expect(asIs.readyBy.expected).toBeLessThan(0.1);
		expect(best.readyBy.expected).toBeGreaterThan(0.9);
		expect(beginAdds).toBeCloseTo(best.readyBy.expected - asIs.readyBy.expected, 9);
	});

	it('changes nothing where all is as well as it can be', () => {
		const held = {
			season: { ...season, strandMats: 0 },
			mats: [mat('m', 'quick', 0.3)],
			makers: [quick, slow]
		};
		expect(bestPlan(held, 1, chance)).toMatchObject({ passes: [], begin: ['slow'] });
	});

	it('comes within 0.05 of the best of all passings and orders, by the season’s own runs, and is never worse than doing nothing', () => {
		for (let seed = 0; seed < 14; seed++) {
			const held = made(seed);
			const few = { seed, runs: 400 };
			const every = everyPlan(held, 2000);
			expect(every?.[0]).toEqual(asHeld(held));
			const top = Math.max(...(every ?? []).map((plan) => expectedOf(held, plan, few)));
			const { best, asIs, passes, begin } = bestPlan(held, 2, few);
			expect(best.readyBy.expected).toBeGreaterThan(top - 0.05);
			expect(best.readyBy.expected).toBeGreaterThanOrEqual(asIs.readyBy.expected);
			// What is told is what the season itself answers, to the last digit.
			expect(best.readyBy.expected).toBe(expectedOf(held, { passes, begin }, few));
			expect(asIs.readyBy.expected).toBe(expectedOf(held, asHeld(held), few));
			for (const { adds } of passes) expect(adds).toBeGreaterThanOrEqual(leastOfPass - 1e-9);
		}
	});

	it('is never lower with one maker more, whoever that is', () => {
		for (let seed = 20; seed < 30; seed++) {
			const held = made(seed);
			const few = { seed: 1, runs: 400 };
			const without = bestPlan(held, 2, few).best.readyBy.expected;
			for (const more of [slow, quick])
				expect(
					bestPlan({ ...held, makers: [...held.makers, more] }, 2, few).best.readyBy.expected
				).toBeGreaterThanOrEqual(without - 1e-9);
		}
	});

	it('is the same by the same seed, whatever the order of the mats', () => {
		const held = made(5);
		const { passes, best } = bestPlan(held, 2, chance);
		const again = bestPlan({ ...held, mats: held.mats.toReversed() }, 2, chance);
		expect(bestPlan(held, 2, chance)).toEqual(bestPlan(held, 2, chance));
		expect(again.best).toEqual(best);
		expect(again.passes.toSorted((one, other) => one.mat.localeCompare(other.mat))).toEqual(
			passes.toSorted((one, other) => one.mat.localeCompare(other.mat))
		);
	});

	it('finds passes and orders of a group too large to try all of, and gives nobody two mats', () => {
		const makers = Array.from({ length: 24 }, (_, at) => ({
			id: `p${at}`,
			weeks: Array.from(
				{ length: 5 },
				(_, week) => (at % 3 === 0 ? 0.15 : 0.015) * (1 + (week % 2))
			)
		}));
		const held = {
			season: { ...season, strandMats: 3 },
			mats: Array.from({ length: 10 }, (_, at) => mat(`m${at}`, `p${at}`, 0.08 * at)),
			makers
		};
		const { best, asIs, passes, begin } = bestPlan(held, 10, { seed: 1, runs: 300 });
		expect(best.readyBy.expected - asIs.readyBy.expected).toBeGreaterThan(3);
		const given = passes.map(({ to }) => to);
		expect(new Set(given).size).toBe(given.length);
		const passed = new Set(passes.map((pass) => pass.mat));
		const keeping = held.mats.filter(({ id }) => !passed.has(id)).map(({ maker }) => maker);
		expect(given.filter((to) => keeping.includes(to))).toEqual([]);
		expect(begin.every((id) => freeAfter(held, passes).includes(id))).toBe(true);
	});

	it('gives no mat to who takes none, and begins by what is kept where that is best', () => {
		const held: HeldSeason = {
			season: { ...season, strandMats: 0 },
			mats: [mat('m', 'slow', 0.3)],
			makers: [slow, { ...quick, takes: 'yarn' }, { ...other, id: 'gone', takes: 'nothing' }],
			begin: []
		};
		expect(bestPlan(held, 1, chance)).toMatchObject({ passes: [], begin: [], beginAdds: 0 });
		expect(freeAfter(held, [])).toEqual(['quick']);
	});

	it('tells how far it is, up to the whole', () => {
		const shares: number[] = [];
		bestPlan(made(1), 2, { seed: 1, runs: 50 }, undefined, (share) => shares.push(share));
		expect(shares.every((share, at) => share >= (shares[at - 1] ?? 0))).toBe(true);
		expect(shares.at(-1)).toBe(1);
	});

	it('refuses mats of nobody, and ids that stand twice', () => {
		const of = (mats: HeldSeason['mats'], makers: HeldSeason['makers']) => () =>
			bestPlan({ season, mats, makers }, 1, chance);
		expect(of([mat('m', 'nobody', 0.1)], [slow])).toThrow(DomainError);
		expect(of([], [slow, slow])).toThrow(DomainError);
		expect(of([mat('m', 'slow', 0), mat('m', 'quick', 0)], [slow, quick])).toThrow(DomainError);
	});
});
