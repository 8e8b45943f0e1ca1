/** How a group meets, and what each of its days begins with. */
export interface GroupRhythm {
	/** 0 where there was none. */
	readonly version: number;
	/** As calendars write it; null where the table meets on the days that are typed alone. */
	readonly rule: string | null;
	readonly startsOn: string;
	readonly endsOn: string | null;
	readonly place: string;
	/** By the hall's clock, minutes of the day. */
	readonly from: number;
	readonly to: number;
	readonly breaks: readonly number[];
	readonly breakLength: number;
	readonly planId: string | null;
	readonly ballsWanted: number | null;
}

/** How often a table meets, as a form says it: every so many weeks, on some of a month, or by no rule. */
export const patterns = ['1', '2', '3', '4', 'monthly', 'none'] as const;
export type Pattern = (typeof patterns)[number];
