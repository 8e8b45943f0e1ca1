import { within } from '../domain-error';
import type { Amounts, Line, LineBuffer, LineStation } from './assembly-line';

/** One person at one station for a time. */
export interface SeatTime {
	/** Whose it is: sittings of one name are one person's. */
	readonly name: string;
	/** Of the group's pace, above 0. */
	readonly speed: number;
	readonly station: LineStation;
	/** From the beginning of the day, s; the end after the beginning. */
	readonly fromS: number;
	readonly toS: number;
}

/** A day at the table: what is made, what lies there in the morning, and who sits where. */
export interface LineDay {
	readonly line: Line;
	readonly stock: Amounts;
	/** The most that may lie at a place, as it is counted there; no limit where none is given. */
	readonly room: Partial<Readonly<Record<LineBuffer, number>>>;
	/** Above 0. */
	readonly lengthS: number;
	/** In the order in which they are served when several could take the same lot. */
	readonly sittings: readonly SeatTime[];
}

/** How much longer than usual the nth lot of a person takes: 1 is as long as usual. */
export type Chance = (name: string, nth: number) => number;

/**
 * No chance at all: every lot takes as long as usual.
 *
 * @example plainly('Wren', 3) // 1
 */
export const plainly: Chance = () => 1;

/**
 * Returns the day, or throws where a figure of it is out of its domain.
 *
 * @throws DomainError
 * @example checkedDay({ line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 }, stock: { bags: 9, flat: 0, pieces: 0, joined: 0, balls: 0 }, room: {}, lengthS: 60, sittings: [] }).lengthS // 60
 */
export function checkedDay(day: LineDay): LineDay {
	const { line, stock, room, lengthS, sittings } = day;
	for (const name of ['piecesPerBag', 'bagsPerBall', 'stack', 'batch'] as const)
		within(name, line[name], { atLeast: 1, isWhole: true });
	for (const name of ['bags', 'flat', 'pieces', 'balls'] as const)
		within(name, stock[name], { atLeast: 0, isWhole: true });
	within('joined', stock.joined, { atLeast: 0 });
	for (const [name, most] of Object.entries(room)) within(name, most, { atLeast: 0 });
	within('lengthS', lengthS, { moreThan: 0 });
	for (const { speed, fromS, toS } of sittings) {
		within('speed', speed, { moreThan: 0 });
		within('fromS', fromS, { atLeast: 0 });
		within('toS', toS, { moreThan: fromS });
	}
	return day;
}
