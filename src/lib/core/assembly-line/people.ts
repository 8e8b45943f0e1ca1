import type { SeatTime } from './day';
import type { LineStation } from './assembly-line';
import { byStation } from './assembly-line';
import type { SeatRules } from './rules';

/** Somebody who is there for a time and sits where they are advised to. */
export interface FreePerson {
	readonly name: string;
	/** Of the group's pace at each station, above 0. */
	readonly speeds: Readonly<Record<LineStation, number>>;
	/** The stations they may take. */
	readonly may: readonly LineStation[];
	readonly fromS: number;
	readonly toS: number;
	/** Changes of seats that they may still make; two where none is said. */
	readonly changes?: number;
	/** They work a while and rest a while. */
	readonly needsRests?: boolean;
}

/** A person of a day: seated already, or free to be seated. */
export type Seated = SeatTime | FreePerson;

/**
 * Whether somebody is still to be seated.
 *
 * @example isFree({ name: 'Wren', speeds: evenly(1), may: ['join'], fromS: 0, toS: 60 }) // true
 */
export const isFree = (person: Seated): person is FreePerson => !('station' in person);

/**
 * The stations a person may take: neither a child nor a teenager sits at a rolling blade, and nobody where they are barred.
 *
 * @example allowedOf({ name: 'Ivo', speeds: evenly(1), may: ['cut', 'join'], fromS: 0, toS: 60 }, { cutTool: 'rolling-blade', tools: {}, children: new Set(['Ivo']) }) // ['join']
 */
export const allowedOf = (
	{ name, may }: FreePerson,
	{ cutTool, children, teens, barred }: SeatRules
): readonly LineStation[] =>
	may.filter(
		(station) =>
			!(
				station === 'cut' &&
				cutTool === 'rolling-blade' &&
				(children.has(name) || teens?.has(name))
			) && !barred?.get(name)?.includes(station)
	);

/**
 * Somebody of one speed, wherever they sit.
 *
 * @example evenly(1.3).join // 1.3
 */
export const evenly = (speed: number): Record<LineStation, number> => byStation(() => speed);
