import { within } from '../domain-error';

/** What an act is worth to the season, and how soon that is lost. */
export interface ActWorth {
	/** In mats, 0 or more. */
	readonly worth: number;
	/** Days until it is too late, or spoils; below nothing where that was. */
	readonly days: number;
}

/**
 * How much an act presses: its worth over the days it can wait, today counting as one.
 *
 * @throws DomainError where the worth is below nothing
 * @example [pressing({ worth: 2, days: 0 }), pressing({ worth: 3, days: 5 })] // [2, 0.5]
 */
export const pressing = ({ worth, days }: ActWorth): number =>
	within('worth', worth, { atLeast: 0 }) / (1 + Math.max(0, days));

/**
 * Acts in the order in which they press; alike ones stay as they are.
 *
 * @example byPressing([{ worth: 1, days: 3 }, { worth: 1, days: 0 }])[0]?.days // 0
 */
export const byPressing = <Act extends ActWorth>(acts: readonly Act[]): Act[] =>
	acts.toSorted((one, other) => pressing(other) - pressing(one));
