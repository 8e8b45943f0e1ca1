import type { LineDay, SeatTime } from './day';
import { plainly } from './day';
import type { LineStation } from './assembly-line';
import type { FreePerson, Seated } from './people';
import { isFree } from './people';
import { brokenRule } from './rules';
import { inSpells } from './spells';
import type { SeatRules } from './rules';
import { runDay } from './run-day';

/** Rising from one seat and settling at another, s. */
export const changeS = 120;

/** Nobody changes seats more often in a day. */
export const mostChanges = 2;

/** What a change costs in the choosing, in balls: seats are changed for a reason. */
const changeCost = 0.02;

/** From when on somebody sits where: the first from their coming on; null is nowhere. */
export interface PlanStretch {
	readonly station: LineStation | null;
	readonly fromS: number;
}
/** Of each free person, in their order. */
export type SeatPlan = readonly (readonly PlanStretch[])[];

/** What seats are looked for, and under which rules. */
export interface Search {
	readonly day: Omit<LineDay, 'sittings'>;
	readonly people: readonly Seated[];
	readonly free: readonly FreePerson[];
	readonly may: readonly (readonly LineStation[])[];
	readonly rules: SeatRules;
	/** Names of those who are seated here: those who sat before stay as they are. */
	readonly judged: ReadonlySet<string>;
	/** Tools are few, or a child is there: not every seating is allowed. */
	readonly isHeld: boolean;
}

/**
 * The sittings of a plan, in the order of the people.
 *
 * @example sittingsOf({ day: { line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 0, flat: 0, pieces: 0, joined: 60, balls: 0 }, room: {}, lengthS: 600 }, people: [{ name: 'Pia', speeds: evenly(1), may: ['ball'], fromS: 0, toS: 600 }], free: [], may: [], rules: { cutTool: 'scissors', tools: {}, children: new Set() }, judged: new Set(), isHeld: false }, [[{ station: 'ball', fromS: 0 }]]).length // 1
 */
export function sittingsOf({ people }: Search, plan: SeatPlan): SeatTime[] {
	let nth = 0;
	return people.flatMap((person): SeatTime[] => {
		if (!isFree(person)) return [person];
		const stretches = plan[nth++] ?? [];
		const own = stretches.flatMap(({ station, fromS }, at): SeatTime[] => {
			const next = stretches[at + 1];
			const toS = next ? next.fromS - changeS : person.toS;
			const { name, speeds } = person;
			return station && toS > fromS ? [{ name, speed: speeds[station], station, fromS, toS }] : [];
		});
		return person.needsRests ? inSpells(own) : own;
	});
}

/** A plan that was tried. */
export interface Tried {
	readonly plan: SeatPlan;
	readonly worth: number;
	/** The worth, less what changes cost; below everything where a rule is broken. */
	readonly score: number;
}

/**
 * Runs the day of a plan.
 *
 * @example tried({ day: { line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 0, flat: 0, pieces: 0, joined: 60, balls: 0 }, room: {}, lengthS: 600 }, people: [{ name: 'Pia', speeds: evenly(1), may: ['ball'], fromS: 0, toS: 600 }], free: [], may: [], rules: { cutTool: 'scissors', tools: {}, children: new Set() }, judged: new Set(), isHeld: false }, [[{ station: 'ball', fromS: 0 }]]).worth // 3
 */
export function tried(search: Search, plan: SeatPlan): Tried {
	const sittings = sittingsOf(search, plan);
	if (search.isHeld && brokenRule(sittings, search.rules, search.judged))
		return { plan, worth: -Infinity, score: -Infinity };
	const { worth } = runDay({ ...search.day, sittings }, plainly);
	return { plan, worth, score: worth - changeCost * changesOf(plan) };
}

/**
 * Changes of seats in a plan.
 *
 * @example changesOf([[{ station: 'cut', fromS: 0 }, { station: 'join', fromS: 900 }], [{ station: 'ball', fromS: 0 }]]) // 1
 */
export const changesOf = (plan: SeatPlan): number =>
	plan.reduce((sum, stretches) => sum + Math.max(0, stretches.length - 1), 0);

/**
 * The better of two; the first where they are alike.
 *
 * @example better({ plan: [], worth: 3, score: 2.9 }, { plan: [], worth: 3, score: 2.98 }).score // 2.98
 */
export const better = (one: Tried, other: Tried): Tried => (other.score > one.score ? other : one);
