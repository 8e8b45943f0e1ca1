import type { GroupWeeks } from '../making/group-weeks';
import type { PastAmount } from './amounts';

/** A season as it stands. Amounts are in mats' worth; weeks are counted from today, the first is 1. */
export interface SeasonNow {
	/** Whole weeks that end by the day that is looked to, 0 or more. */
	readonly weeks: number;
	readonly handedOver: number;
	readonly ready: number;
	readonly inCheck: number;
	/** Mats being made: the share that is made, their makers' past weeks, the newest last, and whether they take up a loom. */
	readonly mats: readonly MatBeingMade[];
	/** Makers without a mat, the longest free first. */
	readonly freeMakers: readonly MakerOfSeason[];
	readonly strandMats: number;
	readonly bagMats: number;
	readonly bagsPerWeek: readonly number[];
	/** Table days to come: the week of each, and how likely its people come, as a share of what it makes. */
	readonly tableDays: readonly TableDayToCome[];
	readonly perTableDay: readonly PastAmount[];
	readonly checks: { readonly good: number; readonly mended: number };
	/** Mats that are begun from today. */
	readonly newMat: NewMat;
	/** What is known of the group's makers; where it is not given it is learned over those of the season. */
	readonly usual?: GroupWeeks;
	/** Looms that mats can be on at once; null where those that are begun need none. */
	readonly looms: number | null;
}

/** Somebody who makes mats, as a season knows them. */
export interface MakerOfSeason {
	/** Whose luck it is, wherever they stand in a list; without one it is of the place. */
	readonly id?: string;
	/** Shares of a mat in past weeks, the newest last; weeks away are left out. */
	readonly weeks: readonly number[];
	/** Weeks to come in which they are away: a mat gains nothing, and none is taken up. */
	readonly away?: readonly number[];
}

/** A mat being made, with its maker. */
export interface MatBeingMade extends MakerOfSeason {
	/** The share that is made. */
	readonly done: number;
	readonly isOnLoom: boolean;
	/** Weeks from now in which it gains nothing, whole, 0 or more. */
	readonly restWeeks?: number;
}

/** A mat that is begun, beside those of the past. */
export interface NewMat {
	/** Strand it takes, in mats' worth: 1 for a mat as before. */
	readonly strand: number;
	/** How much of it a week brings, beside a mat as before: 1 for the same. */
	readonly pace: number;
}

/** Mats are begun as before. */
export const asBefore: NewMat = { strand: 1, pace: 1 };

export interface TableDayToCome {
	readonly week: number;
	readonly attendance: number;
	/** Its own chance: the same day of two seasons makes the same. */
	readonly stream: number;
}

/** What holds a season back. */
export const holdBacks = ['checks', 'bags', 'strand', 'makers', 'looms'] as const;
export type HoldBack = (typeof holdBacks)[number];

/** One season as it may go: mats handed over, ready or passed by the end of each week, and what lacked at the end. */
export interface SeasonRun {
	readonly ready: readonly number[];
	/** Strand that the table days of each week made, in mats' worth. */
	readonly made: readonly number[];
	/** Mats in check at the end. */
	readonly inCheck: number;
	/** Mats that were begun by the end. */
	readonly begun: number;
	readonly ranOutOfBags: boolean;
	readonly isMakerWaiting: boolean;
	readonly isLoomLacking: boolean;
}

/** The chance a season is gone through by: its seed, and how many times. */
export interface SeasonChance {
	readonly seed: number;
	readonly runs: number;
}
