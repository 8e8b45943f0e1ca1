import type { SeasonWeek } from '$lib/core/season/forecast';
import type { GoalSaid } from './season-said';
import type { SeasonBasis } from './season-view';

/** A season as it stood on a day, and what was forecast then. */
export interface SeasonLook {
	readonly day: string;
	readonly basis: SeasonBasis;
	/** By the end of each week from then. */
	readonly weeks: readonly Pick<SeasonWeek, 'low' | 'expected' | 'high'>[];
	readonly said: readonly (Partial<GoalSaid> & { readonly by: string; readonly wanted: number })[];
}
