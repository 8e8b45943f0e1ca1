import type { Rng } from '../statistics/rng';
import type { FreePerson } from './people';
import type { Search, SeatPlan, PlanStretch } from './seat-plans';
import { changeS, mostChanges } from './seat-plans';

/** Nobody sits down for less, s. */
const leastS = 300;

/** People rise at whole minutes. */
const toMinute = (timeS: number): number => Math.round(timeS / 60) * 60;

/** Stretches with those at the same station as the one before put together with it. */
const merged = (stretches: readonly PlanStretch[]): PlanStretch[] =>
	stretches.filter(({ station }, at) => at === 0 || station !== stretches[at - 1]?.station);

/** Whether somebody sits nowhere for too little, unless all their stay is as short, and changes no more often than they may. */
const isBearable = (
	stretches: readonly PlanStretch[],
	{ toS, changes = mostChanges }: FreePerson
): boolean =>
	stretches.length === 1 ||
	(stretches.length <= changes + 1 &&
		stretches.every(({ fromS }, at) => {
			const next = stretches[at + 1];
			return (next ? next.fromS - changeS : toS) - fromS >= leastS;
		}));

const pick = <One>(rng: Rng, all: readonly One[]): One =>
	all[Math.floor(rng() * all.length)] as One;

/**
 * A plan a little otherwise: a change earlier, later, more or less, another station, an errand, or two
 * who change places from a moment on. The same plan where nothing came of it.
 *
 * @example moved({ day: { line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 0, flat: 0, pieces: 0, joined: 60, balls: 0 }, room: {}, lengthS: 600 }, people: [{ name: 'Pia', speeds: evenly(1), may: ['ball'], fromS: 0, toS: 600 }], free: [{ name: 'Pia', speeds: evenly(1), may: ['ball'], fromS: 0, toS: 600 }], may: [['ball']], rules: { cutTool: 'scissors', tools: {}, children: new Set() }, judged: new Set(), isHeld: false }, [[{ station: 'ball', fromS: 0 }]], seededRng(1)) // [[{ station: 'ball', fromS: 0 }]]
 */
export function moved({ free, may, day }: Search, plan: SeatPlan, rng: Rng): SeatPlan {
	const at = Math.floor(rng() * plan.length);
	const own = plan[at] ?? [];
	const person = free[at];
	const stations = may[at] ?? [];
	if (!person || stations.length === 0) return plan;
	const put = (stretches: readonly PlanStretch[]): SeatPlan => {
		const tidy = merged(stretches);
		return isBearable(tidy, person) ? plan.map((one, nth) => (nth === at ? tidy : one)) : plan;
	};
	const nth = Math.floor(rng() * own.length);
	const what = rng();
	if (what < 0.35 && nth > 0) {
		// A change earlier or later.
		const by = (rng() + rng() + rng() - 1.5) * (rng() < 0.5 ? 600 : day.lengthS / 4);
		return put(
			own.map((one, index) => (index === nth ? { ...one, fromS: toMinute(one.fromS + by) } : one))
		);
	}
	if (what < 0.5) {
		const station = pick(rng, stations);
		return put(own.map((one, index) => (index === nth ? { ...one, station } : one)));
	}
	if (what < 0.75) {
		// A further change, or an errand: elsewhere for a while, and back.
		const fromS = toMinute(person.fromS + rng() * (person.toS - person.fromS));
		const index = own.findLastIndex((one) => one.fromS < fromS);
		const before = own[index];
		if (!before) return plan;
		const station = pick(rng, stations);
		const added: PlanStretch[] = [{ station, fromS }];
		if (rng() < 0.5) {
			const backS = toMinute(fromS + leastS + changeS + rng() * 2400);
			const nextS = own[index + 1]?.fromS ?? person.toS;
			if (backS < nextS) added.push({ station: before.station, fromS: backS });
		}
		return put([...own.slice(0, index + 1), ...added, ...own.slice(index + 1)]);
	}
	if (what < 0.85) {
		if (nth === 0) return plan;
		return put(own.filter((_, index) => index !== nth));
	}
	// Two change places from a moment on.
	const other = Math.floor(rng() * plan.length);
	const others = plan[other] ?? [];
	const they = free[other];
	if (other === at || !they) return plan;
	const fromS = rng() < 0.3 ? 0 : toMinute(rng() * day.lengthS);
	const after = (all: readonly PlanStretch[], from: number): PlanStretch[] => {
		const index = all.findLastIndex((one) => one.fromS <= from);
		return all
			.slice(Math.max(0, index))
			.map((one, k) => (k === 0 ? { ...one, fromS: Math.max(one.fromS, from) } : one));
	};
	const [tail, theirs] = [after(own, fromS), after(others, fromS)];
	const cut = (all: readonly PlanStretch[]) => all.filter((one) => one.fromS < fromS);
	const fits = (
		stretches: readonly PlanStretch[],
		who: FreePerson,
		which: number
	): PlanStretch[] | null => {
		const kept = stretches.filter((one, index) => {
			const next = stretches[index + 1];
			return (!next || next.fromS > who.fromS) && one.fromS < who.toS;
		});
		const [first, ...others] = merged(kept);
		if (!first) return null;
		const tidy = [{ ...first, fromS: who.fromS }, ...others];
		const isAllowed = tidy.every(
			({ station }) => station === null || (may[which] ?? []).includes(station)
		);
		return isAllowed && isBearable(tidy, who) ? tidy : null;
	};
	const mine = fits([...cut(own), ...theirs], person, at);
	const their = fits([...cut(others), ...tail], they, other);
	if (!mine || !their) return plan;
	return plan.map((one, index) => (index === at ? mine : index === other ? their : one));
}
