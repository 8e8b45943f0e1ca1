import type { LineDay, SeatTime } from './day';
import { plainly } from './day';
import type { LineStation } from './assembly-line';
import { lineStations } from './assembly-line';
import type { FreePerson } from './people';
import { allowedOf } from './people';
import type { SeatRules } from './rules';
import { brokenRule } from './rules';
import { runDay } from './run-day';
import { changeS, mostChanges } from './seat-plans';

/** Somebody who is there and has no seat: when they could work, breaks left out, s of the day. */
export interface Spare {
	readonly person: FreePerson;
	readonly stretches: readonly { readonly fromS: number; readonly toS: number }[];
}

/** One person moved from one station to another, or seated, and what that brings. */
export interface SeatMove {
	readonly name: string;
	/** Null where they had no seat. */
	readonly from: LineStation | null;
	readonly to: LineStation;
	/** When they rise, s of the day. */
	readonly atS: number;
	/** More balls by the end, and more of what a day is worth. */
	readonly balls: number;
	readonly worth: number;
	/** The day's sittings with the move. */
	readonly sittings: readonly SeatTime[];
}

/** Sittings in the order of the people, those of one person by their time. */
const inOrder = (sittings: readonly SeatTime[], people: readonly FreePerson[]): SeatTime[] =>
	sittings.toSorted((one, other) => {
		const place = ({ name }: SeatTime) => people.findIndex((person) => person.name === name);
		return place(one) - place(other) || one.fromS - other.fromS;
	});

/** How often somebody changes seats in their sittings, which are in the order of time. */
const changesIn = (sittings: readonly SeatTime[], name: string): number =>
	sittings
		.filter((one) => one.name === name)
		.filter(({ station }, at, own) => at > 0 && station !== own[at - 1]?.station).length;

/**
 * The one move of one person that helps most, from a moment on: to another station for the rest of
 * their day, or to a first seat. Null where none brings anything.
 *
 * @param people what each may do, by name
 * @param fromS nobody is moved before, s
 * @param everyS moves are tried at moments so far apart, above 0
 * @param spare those who have no seat and could take one
 * @example bestMove({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 0, flat: 0, pieces: 0, joined: 60, balls: 0 }, room: {}, lengthS: 900, sittings: [{ name: 'Pia', speed: 1, station: 'join', fromS: 0, toS: 900 }] }, [{ name: 'Pia', speeds: evenly(1), may: ['join', 'ball'], fromS: 0, toS: 900 }], { cutTool: 'scissors', tools: {}, children: new Set() }, 0, 900, [])?.balls // 3
 */
export function bestMove(
	day: LineDay,
	people: readonly FreePerson[],
	rules: SeatRules,
	fromS: number,
	everyS: number,
	spare: readonly Spare[]
): SeatMove | null {
	const before = runDay(day, plainly);
	const judged = new Set(people.map(({ name }) => name));
	let best: SeatMove | null = null;
	const consider = (move: Pick<SeatMove, 'name' | 'from' | 'to' | 'atS' | 'sittings'>): void => {
		if (changesIn(move.sittings, move.name) > mostChanges) return;
		if (brokenRule(move.sittings, rules, judged)) return;
		const { counts, worth } = runDay({ ...day, sittings: move.sittings }, plainly);
		const more = worth - before.worth;
		if (more < 0.25 || more <= (best?.worth ?? 0)) return;
		best = { ...move, balls: counts.balls - before.counts.balls, worth: more };
	};
	for (const { person, stretches } of spare) {
		const own = stretches.filter(({ fromS: begins }) => begins >= fromS);
		for (const to of allowedOf(person, rules)) {
			const seated = own.map((stretch): SeatTime => ({
				name: person.name,
				station: to,
				speed: person.speeds[to],
				...stretch
			}));
			const sittings = inOrder([...day.sittings, ...seated], people);
			const atS = own[0]?.fromS;
			if (atS !== undefined) consider({ name: person.name, from: null, to, atS, sittings });
		}
	}
	for (const sitting of day.sittings) {
		const person = people.find(({ name }) => name === sitting.name);
		if (!person) continue;
		const isFirst = day.sittings.find(({ name }) => name === sitting.name) === sitting;
		for (const to of lineStations) {
			if (to === sitting.station || !allowedOf(person, rules).includes(to)) continue;
			const beginS = Math.max(fromS, sitting.fromS);
			for (let atS = beginS; atS + changeS + 300 <= sitting.toS; atS += everyS) {
				// Whoever sits down for the first time changes no seat.
				const settledS = isFirst && atS <= sitting.fromS ? atS : atS + changeS;
				const sittings = day.sittings.flatMap((one): SeatTime[] => {
					if (one.name !== sitting.name || one.toS <= atS) return [one];
					const rest = { ...one, station: to, speed: person.speeds[to] };
					if (one.fromS > atS) return [rest];
					const moved = { ...rest, fromS: settledS };
					return one.fromS < atS ? [{ ...one, toS: atS }, moved] : [moved];
				});
				consider({ name: sitting.name, from: sitting.station, to, atS, sittings });
			}
		}
	}
	return best;
}
