import type { Chance, LineDay } from './day';
import { checkedDay } from './day';
import { lineBuffers, lineStations, lotSeconds, wholeLot } from './assembly-line';

/** What somebody does at a moment: a lot that is there and too long for the time left is `waiting`. */
export const doings = ['away', 'working', 'starved', 'blocked', 'waiting'] as const;
export type Doing = (typeof doings)[number];
/** Their places in `doings`. */
export const [away, working, starved, blocked, waiting] = [0, 1, 2, 3, 4] as const;

/**
 * A day as it stands at a moment: all that is needed to go on with it. By seat, in the order of the
 * day's sittings, unless it says otherwise.
 */
export interface DayState {
	/** s of the day. */
	atS: number;
	/** In the order of the places; strand counted in pieces. */
	readonly there: Float64Array;
	/** What each does: a place in `doings`, and since when, s. */
	readonly doing: Uint8Array;
	readonly sinceS: Float64Array;
	/** What is in the lot under way, as the station counts it; 0 where there is none. */
	readonly lot: Float64Array;
	/** When the lot under way is done, s of the day. */
	readonly endsAtS: Float64Array;
	/** What each has done so far, up to `sinceS`, s: five for each seat, in the order of `doings`. */
	readonly spentS: Float64Array;
	/** Lots put down. */
	readonly lots: Uint32Array;
	/** Lots begun, by the first sitting of each person. */
	readonly begun: Uint32Array;
}

/** Figures of a day by seat and by place, as the loop reads them. */
function figuresOf({ line, sittings, room }: LineDay) {
	const firstOf = new Map<string, number>();
	for (const [at, { name }] of sittings.entries()) if (!firstOf.has(name)) firstOf.set(name, at);
	return {
		station: Uint8Array.from(sittings, ({ station }) => lineStations.indexOf(station)),
		fromS: Float64Array.from(sittings, ({ fromS }) => fromS),
		toS: Float64Array.from(sittings, ({ toS }) => toS),
		speed: Float64Array.from(sittings, ({ speed }) => speed),
		/** The first sitting of the person each is of. */
		person: Uint32Array.from(sittings, ({ name }) => firstOf.get(name) ?? 0),
		whole: Float64Array.from(lineStations, (station) => wholeLot(line, station)),
		wholeS: Float64Array.from(lineStations, (station) =>
			lotSeconds(line, station, wholeLot(line, station))
		),
		room: Float64Array.from(lineBuffers, (name) => {
			const most = room[name] ?? Infinity;
			return name === 'joined' ? most * line.piecesPerBag : most;
		})
	};
}
export type Figures = ReturnType<typeof figuresOf>;

/** A day that runs: it can be looked at, stopped and gone on with. */
export interface DayRun {
	readonly day: LineDay;
	readonly chance: Chance;
	readonly figures: Figures;
	readonly state: DayState;
}

/**
 * Begins a day: nothing is under way, and what lies there is the stock of the morning.
 *
 * @throws DomainError where a figure of the day is out of its domain
 * @example [...beginDay({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 9, flat: 0, pieces: 0, joined: 0.5, balls: 0 }, room: {}, lengthS: 60, sittings: [] }, plainly).state.there] // [9, 0, 0, 2, 0]
 */
export function beginDay(day: LineDay, chance: Chance): DayRun {
	const { stock, line, sittings } = checkedDay(day);
	const seats = sittings.length;
	return {
		day,
		chance,
		figures: figuresOf(day),
		state: {
			atS: 0,
			there: Float64Array.of(
				stock.bags,
				stock.flat,
				stock.pieces,
				stock.joined * line.piecesPerBag,
				stock.balls
			),
			doing: new Uint8Array(seats),
			sinceS: new Float64Array(seats),
			lot: new Float64Array(seats),
			endsAtS: new Float64Array(seats),
			spentS: new Float64Array(seats * doings.length),
			lots: new Uint32Array(seats),
			begun: new Uint32Array(seats)
		}
	};
}
