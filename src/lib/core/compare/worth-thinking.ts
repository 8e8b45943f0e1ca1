import { defaults } from '../defaults';
import { coverGrades } from '../techniques/cover-grade';
import type { TechniqueKind } from '../techniques/technique';
import { techniqueKinds } from '../techniques/technique';
import type { Method } from './sweep';
import type { Compared } from './pareto-front';

/** Why a way is worth thinking about, within its technique. */
export type Merit = 'fewest-bags' | 'fewest-hours' | 'closest' | 'between';

/** What is short in a group: it decides the order. */
export type Shortage = 'bags' | 'hands' | 'time';

export interface WorthThinking<T extends Method & Compared> {
	readonly method: T;
	/** One way may have several. */
	readonly merits: readonly Merit[];
	/** Most people who can work on one such mat at once. */
	readonly seats: number;
}

/** How many can work on one mat at once: a loom from both ends, two to an end; a frame from both sides. */
const seatsOf: Readonly<Record<TechniqueKind, number>> = {
	crochet: 1,
	'peg-loom': 4,
	twined: 2,
	'finger-bands': 1
};

/** Nearly the same in all that is compared. */
const areTwins = (a: Method & Compared, b: Method & Compared): boolean =>
	a.technique.kind === b.technique.kind &&
	Math.abs(a.bags - b.bags) <= 0.04 * Math.max(a.bags, b.bags) &&
	Math.abs(a.hours - b.hours) <= 0.06 * Math.max(a.hours, b.hours) &&
	Math.abs(a.cover - b.cover) <= 0.1 * Math.max(a.cover, b.cover);

const least = <T>(of: readonly T[], by: (one: T) => number): T | undefined =>
	of.reduce<T | undefined>((best, one) => (best && by(best) <= by(one) ? best : one), undefined);

/** The bend of a technique's front: nearest to what has its fewest bags, fewest hours and closest cover at once. */
function kneeOf<T extends Compared>(methods: readonly T[]): T | undefined {
	const share = (by: (one: T) => number) => {
		const values = methods.map(by);
		const [low, high] = [Math.min(...values), Math.max(...values)];
		return (one: T) => (high > low ? (by(one) - low) / (high - low) : 0);
	};
	const bags = share(({ bags }) => bags);
	const hours = share(({ hours }) => hours);
	// Closer than close is no better to lie on.
	const cover = share((one) => -Math.min(1, one.cover));
	return least(methods, (one) => Math.hypot(bags(one), hours(one), cover(one)));
}

/** Whether a way covers fairly at the least, as its technique is judged. */
const holds = ({ technique: { kind }, cover }: Method & Compared): boolean =>
	cover >= coverGrades[kind].fair / coverGrades[kind].close;

/**
 * The ways that somebody would work: none takes far longer than the quickest way that covers fairly.
 *
 * @param methods of any techniques
 * @source assumed factor, in the table of defaults
 * @example workable(compareAll(bagPresets[0].bag, { widthMm: 850, lengthMm: 1850 }, barePractice, { stepMm: 20 })).every(({ hours }) => hours < 50) // true
 */
export function workable<T extends Method & Compared>(methods: readonly T[]): T[] {
	const leastHours = Math.min(...methods.filter(holds).map(({ hours }) => hours));
	return methods.filter(({ hours }) => hours <= leastHours * defaults.workableHours.value);
}

/**
 * The few ways out of thousands that a group has to think about: of each technique the one of fewest
 * bags, of fewest hours, of closest cover, and the bend between them. What nobody would work is left out, and so is
 * a way that leaves gaps where its technique has better ones; near twins are one way with the merits of both. In the order
 * of what is short: bags; hands, by hours of work; time, by hours with as many at one mat as can work on it.
 *
 * @param methods those of the front, of any techniques
 * @param most how many at the most
 * @example worthThinking(compareAll(bagPresets[0].bag, { widthMm: 850, lengthMm: 1850 }, barePractice, { stepMm: 20 }).filter(({ isUnbeaten }) => isUnbeaten), 'bags').length <= 12 // true
 */
export function worthThinking<T extends Method & Compared>(
	methods: readonly T[],
	shortage: Shortage,
	most = 12
): WorthThinking<T>[] {
	const worked = workable(methods);
	const found: { method: T; merits: Merit[]; seats: number }[] = [];
	for (const kind of techniqueKinds) {
		const own = worked.filter(({ technique }) => technique.kind === kind);
		const holding = own.filter(holds);
		const offered = holding.length > 0 ? holding : own;
		const picks: [Merit, T | undefined][] = [
			['between', kneeOf(offered)],
			['fewest-bags', least(offered, ({ bags }) => bags)],
			['fewest-hours', least(offered, ({ hours }) => hours)],
			['closest', least(offered, ({ cover }) => -cover)]
		];
		for (const [merit, method] of picks) {
			if (!method) continue;
			const twin = found.find((one) => areTwins(one.method, method));
			if (twin) twin.merits.push(merit);
			else found.push({ method, merits: [merit], seats: seatsOf[kind] });
		}
	}
	const by: Readonly<Record<Shortage, (one: (typeof found)[number]) => number>> = {
		bags: ({ method }) => method.bags,
		hands: ({ method }) => method.hours,
		time: ({ method, seats }) => method.hours / seats
	};
	return found.sort((a, b) => by[shortage](a) - by[shortage](b)).slice(0, most);
}
