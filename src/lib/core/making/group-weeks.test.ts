import { DomainError } from '../domain-error';
import { randomNormal, seededRng } from '../statistics/rng';
import { describe, expect, it } from 'vitest';
import { usualGroup, weeksOfGroup } from './group-weeks';
import { drawHabit, usualWeeks, weeksKnown } from './week-habit';

/** Makers of a group: their means log-normal about one mean, their weeks about their own, and some weeks with nothing. */
function makersOf(count: number, { mean = 0.08, none = 0.25, seed = 5, weeks = 7 } = {}) {
	const rng = seededRng(seed);
	const amount = (middle: number, cv: number) => {
		const variance = Math.log1p(cv ** 2);
		return middle * Math.exp(Math.sqrt(variance) * randomNormal(rng) - variance / 2);
	};
	return Array.from({ length: count }, () => {
		const own = amount(mean, 0.6);
		const logged = Array.from({ length: weeks }, () => (rng() < none ? 0 : amount(own, 0.5)));
		return { logged, rate: own * (1 - none) };
	});
}

/** What the makers of a group are thought to make in a week, over what they do. */
function hopeOf(
	makers: ReturnType<typeof makersOf>,
	before = weeksOfGroup(makers.map((one) => one.logged)).each
) {
	const rng = seededRng(11);
	const thought = makers.map(({ logged }) => {
		const known = weeksKnown(logged, before);
		const weeks = Array.from({ length: 60 }, () => {
			const { none, mu, sigma } = drawHabit(known, rng);
			return (1 - none) * Math.exp(mu + sigma ** 2 / 2);
		});
		return weeks.reduce((sum, week) => sum + week, 0) / weeks.length;
	});
	const sum = (all: readonly number[]) => all.reduce((all, one) => all + one, 0);
	return sum(thought) / sum(makers.map(({ rate }) => rate));
}

describe('what is known of a maker by those of the group', () => {
	it('is what is usual where fewer than eight have three weeks', () => {
		const few = makersOf(7).map(({ logged }) => logged);
		expect(weeksOfGroup([...few, [0.5, 0.5], []])).toBe(usualGroup);
		expect(weeksOfGroup([...few, [0.5, 0.5, 0.5]])).not.toBe(usualGroup);
	});

	it('does not lean: over many groups makers are thought to make what they do, slow ones too', () => {
		for (const mean of [0.03, 0.08]) {
			const groups = Array.from({ length: 12 }, (_, seed) => makersOf(100, { mean, seed }));
			const hopes = groups.map((group) => hopeOf(group));
			const usual = groups.map((group) => hopeOf(group, usualWeeks));
			const middle = (all: readonly number[]) =>
				all.reduce((sum, one) => sum + one, 0) / all.length;
			expect(Math.abs(middle(hopes) - 1)).toBeLessThan(0.02);
			expect(middle(usual)).toBeGreaterThan(mean < 0.05 ? 1.15 : 1.03);
		}
	});

	it('has the group’s own mean and chance of none', () => {
		const { none, some, mu } = weeksOfGroup(
			makersOf(300, { mean: 0.05, none: 0.45 }).map(({ logged }) => logged)
		).each;
		expect(none / (none + some)).toBeCloseTo(0.45, 1);
		// The middle of the makers’ means, and of their weeks about it.
		const middle = Math.log(0.05) - Math.log1p(0.36) / 2 - Math.log1p(0.25) / 2;
		expect(Math.abs(mu - middle)).toBeLessThan(0.1);
	});

	it('may be off for all together, the less the more makers there are', () => {
		const [few, many] = [10, 160].map(
			(count) => weeksOfGroup(makersOf(count).map(({ logged }) => logged)).together
		);
		expect(few).toBeGreaterThan(0.02);
		expect(few).toBeLessThan(0.12);
		expect((few ?? 0) / (many ?? 1)).toBeGreaterThan(2);
		expect(usualGroup.together).toBe(0);
	});

	it('hangs on no order', () => {
		const makers = makersOf(40).map(({ logged }) => logged);
		expect(weeksOfGroup(makers.toReversed())).toEqual(weeksOfGroup(makers));
	});

	it('expects less of weeks with a long tail below than a log-normal would, and as much of even ones', () => {
		const shares = (tail: number) =>
			Array.from({ length: 60 }, () => [
				0.08,
				0.08 * 1.3,
				0.08 * 1.2,
				0.08 * tail,
				0.08 * 1.1,
				0.08
			]);
		expect(weeksOfGroup(shares(0.1)).each.lean).toBe(-0.05);
		expect(weeksOfGroup(shares(0.95)).each.lean).toBeCloseTo(0, 3);
		expect(usualWeeks.lean).toBe(0);
	});

	it('stays within bounds for makers who are all alike, or never make anything', () => {
		const alike = weeksOfGroup(Array.from({ length: 50 }, () => [0.1, 0.1, 0.1])).each;
		expect(alike.kappa).toBeLessThanOrEqual(10);
		expect(alike.a).toBeLessThanOrEqual(12);
		const idle = weeksOfGroup(Array.from({ length: 50 }, () => [0, 0, 0, 0])).each;
		expect(idle.none / (idle.none + idle.some)).toBeGreaterThan(0.85);
		expect(idle.mu).toBeCloseTo(usualWeeks.mu, 9);
	});

	it('takes nothing below nothing', () =>
		expect(() => weeksOfGroup([[-0.1, 0.1, 0.1]])).toThrow(DomainError));
});
