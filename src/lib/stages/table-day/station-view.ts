import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import type { DayPerson, DayWork, PlannedDay } from './day-view';
import type { DayTaps } from './taps';

/** Somebody as a tablet shows them: no more than their name, and when they came and left. */
export type NamedPerson = Pick<DayPerson, 'id' | 'name' | 'comings'>;

/** A day as a tablet of a station shows it: its own seats, and nothing of anybody that is private. */
export interface StationDay extends Pick<PlannedDay, 'id' | 'day' | 'place' | 'from' | 'seats'> {
	readonly people: readonly NamedPerson[];
}

/** What a tablet of a station shows. */
export interface StationView {
	readonly station: LineStation;
	readonly day: StationDay;
	readonly work: Pick<DayWork, 'line'>;
	readonly taps: DayTaps;
	/** Those who did not say they come, and may all the same. */
	readonly others: readonly { readonly id: string; readonly name: string }[];
	/** The minute of the day in the hall; null on another day. */
	readonly minute: number | null;
}

interface Known {
	readonly day: PlannedDay;
	readonly work: DayWork;
	readonly taps: DayTaps;
	readonly others: StationView['others'];
	readonly minute: number | null;
}

/** What is shown at a station of all that is known of a day: needs, ages, levels and the rest of the plan stay out. */
export const stationView = (
	station: LineStation,
	{ day, work, taps, others, minute }: Known
): StationView => ({
	station,
	day: {
		id: day.id,
		day: day.day,
		place: day.place,
		from: day.from,
		seats: day.seats.filter((seat) => seat.station === station),
		people: day.people.map(({ id, name, comings }) => ({ id, name, comings }))
	},
	work: { line: work.line },
	taps: { done: taps.done, last: taps.last.filter((tap) => tap.station === station) },
	// Who comes and goes is said on the day itself.
	others: minute === null ? [] : others.map(({ id, name }) => ({ id, name })),
	minute
});
