import type { ActWorth } from '$lib/core/season/acts';

/** One of the next few acts: what, why, by when, and where it is done. */
export interface TodayAct extends ActWorth {
	/** What it is of; no two of one list are alike. */
	readonly id: string;
	readonly title: string;
	readonly reason: string;
	readonly when: string;
	readonly href: string;
	readonly does: string;
}

/** A part of the strip: film in bags' worth, how it is counted, and where it lies. */
export interface StripPart {
	readonly name: string;
	readonly bags: number;
	readonly count: number;
	readonly unit: string;
	readonly href: string;
}

/** Where all the film is, from the sack to whoever has the mat. */
export interface TodayStrip {
	readonly parts: readonly StripPart[];
}
