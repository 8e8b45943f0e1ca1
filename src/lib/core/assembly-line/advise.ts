import { within } from '../domain-error';
import { seededRng } from '../statistics/rng';
import { bestFixed } from './best-fixed';
import { mostWorth } from './bound';
import type { LineDay, SeatTime } from './day';
import { moved } from './move-people';
import type { Seated } from './people';
import { allowedOf, isFree } from './people';
import type { SeatRules } from './rules';
import { isHeldBy } from './rules';
import type { Search } from './seat-plans';
import { better, changesOf, sittingsOf, tried } from './seat-plans';

/**
 * Trials that take some two seconds on a small machine, for so many people over so long a day.
 *
 * @param lengthS above 0
 * @example usualTrials(6, 7200) // 8000
 */
export const usualTrials = (people: number, lengthS: number): number =>
	Math.round(
		Math.min(8000, Math.max(400, (12_000 * 36 * 7200) / (Math.max(1, people) ** 2 * lengthS)))
	);

/** Seats of a day, and what it comes to with them. */
export interface Advice {
	/** In the order of the people; those of one person by their time. */
	readonly sittings: readonly SeatTime[];
	readonly worth: number;
	/** The best day in which nobody changes seats: all of them tried where there are few, else many. */
	readonly fixedWorth: number;
	readonly changes: number;
}

/**
 * Who sits where, from when to when: the day with the best worth that was found, never worse than the
 * best in which nobody changes seats. Those who are seated already stay.
 *
 * @param people in the order in which they are served
 * @param trials days that are tried beside those without changes, whole, 0 or more
 * @param seed whole; the same seed gives the same seats
 * @throws DomainError where a figure is out of its domain
 * @example adviseSeats({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 0, flat: 0, pieces: 0, joined: 60, balls: 0 }, room: {}, lengthS: 600 }, [{ name: 'Pia', speeds: evenly(1), may: ['join', 'ball'], fromS: 0, toS: 600 }], { cutTool: 'scissors', tools: {}, children: new Set() }, { trials: 10, seed: 1 }).sittings.map(({ station }) => station) // ['ball']
 */
export function adviseSeats(
	day: Omit<LineDay, 'sittings'>,
	people: readonly Seated[],
	rules: SeatRules,
	{ trials, seed }: { readonly trials: number; readonly seed: number }
): Advice {
	within('trials', trials, { atLeast: 0, isWhole: true });
	const rng = seededRng(seed);
	// Once all the film there is has become balls, nothing more is tried.
	const enough = mostWorth(day) - 1e-9;
	const free = people.filter(isFree);
	const may = free.map((person) => allowedOf(person, rules));
	const isHeld = isHeldBy(rules);
	const judged = new Set(free.map(({ name }) => name));
	const search: Search = { day, people, free, may, rules, judged, isHeld };
	const fixed = bestFixed(search, rng, Math.ceil(trials / 500), enough);
	let best = fixed;
	// Several walks, each from the best so far: at first worse days are taken now and then, later none.
	const walks = 4;
	for (let walk = 0; walk < walks && free.length > 0 && best.worth < enough; walk++) {
		let here = walk === 0 ? fixed : best;
		const steps = Math.floor(trials / walks);
		for (let step = 0; step < steps && best.worth < enough; step++) {
			const warmth = 0.05 * (1 - step / steps) ** 2;
			let plan = moved(search, here.plan, rng);
			if (rng() < 0.3) plan = moved(search, plan, rng);
			if (plan === here.plan) continue;
			const there = tried(search, plan);
			if (there.score >= here.score || rng() < Math.exp((there.score - here.score) / warmth))
				here = there;
			best = better(best, there);
		}
	}
	return {
		sittings: sittingsOf(search, best.plan),
		worth: best.worth,
		fixedWorth: fixed.worth,
		changes: changesOf(best.plan)
	};
}
