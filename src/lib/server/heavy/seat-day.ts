import type { Advice } from '$lib/core/line/advise';
import { adviseSeats, usualTrials } from '$lib/core/line/advise';
import { boundProgram } from '$lib/core/line/bound';
import type { LineDay } from '$lib/core/line/day';
import type { Seated } from '$lib/core/line/people';
import type { SeatRules } from '$lib/core/line/rules';
import { solved } from './solver';

/** A day whose seats are asked for. */
export interface SeatOrder {
	readonly day: Omit<LineDay, 'sittings'>;
	readonly people: readonly Seated[];
	readonly rules: SeatRules;
	readonly seed: number;
}

/** Seats, and what no day could beat. */
export interface SeatedDay extends Advice {
	/** What the day is worth at most, in balls; null where the solver found none in the time there is. */
	readonly bound: number | null;
}

/** Slots of some twenty-five minutes. */
const slotS = 1500;
/** Seconds the solver may take. */
const longestSeconds = 1;

/** What no day with these people could beat. */
async function boundOf({ day, people, rules }: Omit<SeatOrder, 'seed'>): Promise<number | null> {
	const slots = Math.max(1, Math.round(day.lengthS / slotS));
	const { Status, ObjectiveValue } = await solved(boundProgram(day, people, rules, slots), {
		output_flag: false,
		time_limit: longestSeconds
	});
	return Status === 'Optimal' ? ObjectiveValue : null;
}

/** Who sits where, and the bound of it. */
export async function seatDay(order: SeatOrder): Promise<SeatedDay> {
	const { day, people, rules, seed } = order;
	const trials = usualTrials(people.length, day.lengthS);
	return { ...adviseSeats(day, people, rules, { trials, seed }), bound: await boundOf(order) };
}
