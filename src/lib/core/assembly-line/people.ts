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
 * The stations a person may take: no child sits at a rolling blade.
 *
 * @example allowedOf({ name: 'Ivo', speeds: evenly(1), may: ['cut', 'join'], fromS: 0, toS: 60 }, 'rolling-blade', new Set(['Ivo'])) // ['join']
 */
export const allowedOf = (
	{ name, may }: FreePerson,
	cutTool: SeatRules['cutTool'],
	children: ReadonlySet<string>
): readonly LineStation[] =>
	may.filter(
		(station) => !(station === 'cut' && cutTool === 'rolling-blade' && children.has(name))
	);

/**
 * Somebody of one speed, wherever they sit.
 *
 * @example evenly(1.3).join // 1.3
 */
export const evenly = (speed: number): Record<LineStation, number> => byStation(() => speed);
