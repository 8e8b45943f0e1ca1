import type { Advice } from '$lib/core/assembly-line/advise';
import { adviseSeats, usualTrials } from '$lib/core/assembly-line/advise';
import type {
	Beside,
	BesideShare,
	BesideSitting,
	BesideWork
} from '$lib/core/assembly-line/beside';
import { besidePlan } from '$lib/core/assembly-line/beside';
import { besidesIn, boundProgram } from '$lib/core/assembly-line/bound';
import type { LineDay } from '$lib/core/assembly-line/day';
import type { Seated } from '$lib/core/assembly-line/people';
import { isFree } from '$lib/core/assembly-line/people';
import type { SeatRules } from '$lib/core/assembly-line/rules';
import { solved } from './solver';

/** A day whose seats are asked for. */
export interface SeatOrder {
	readonly day: Omit<LineDay, 'sittings'>;
	readonly people: readonly Seated[];
	readonly rules: SeatRules;
	/** Works beside the line that are wanted, too. */
	readonly besides: readonly Beside[];
	readonly seed: number;
}

/** Seats, and what no day could beat. */
export interface SeatedDay extends Advice {
	/** What the day is worth at most, in balls, the works beside the line done as far as they can be; null where the solver found none in the time there is. */
	readonly bound: number | null;
	readonly besides: readonly BesideSitting[];
	/** Seconds of them at the usual pace that nobody is left for. */
	readonly undone: Partial<Readonly<Record<BesideWork, number>>>;
}

/** Slots of some twenty-five minutes. */
const slotS = 1500;
/** Seconds the solver may take. */
const longestSeconds = 1;
/** Nothing is known of who should do what beside the line. */
const unknownShare: BesideShare = () => ({ totalS: 0, earlyS: 0 });

/** What no day with these people could beat, and whom it has beside the line. */
async function boundOf({ day, people, rules, besides }: SeatOrder) {
	const slots = Math.max(1, Math.round(day.lengthS / slotS));
	const { Status, ObjectiveValue, Columns } = await solved(
		boundProgram(day, people, rules, besides, slots),
		{ output_flag: false, time_limit: longestSeconds }
	);
	if (Status !== 'Optimal') return { bound: null, share: unknownShare };
	const value = (column: string) => {
		const found = Columns[column];
		return found && 'Primal' in found ? found.Primal : 0;
	};
	const { worth, share } = besidesIn(people, besides, slots, day.lengthS, value, ObjectiveValue);
	return { bound: worth, share };
}

/** Who sits where, at the line and beside it, and the bound of it. */
export async function seatDay(order: SeatOrder): Promise<SeatedDay> {
	const { day, people, rules, besides, seed } = order;
	const { bound, share } = await boundOf(order);
	const beside = besidePlan(people.filter(isFree), besides, share);
	const left = new Map(beside.people.map((person) => [person.name, person]));
	// Everybody in the order they were given in: it is the order they are served in.
	const line = people.flatMap((person) =>
		isFree(person) ? (left.get(person.name) ?? []) : person
	);
	const trials = usualTrials(line.length, day.lengthS);
	return {
		...adviseSeats(day, line, rules, { trials, seed }),
		bound,
		besides: beside.sittings,
		undone: beside.undone
	};
}
