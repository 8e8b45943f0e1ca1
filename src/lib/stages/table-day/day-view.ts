import type { BesideWork } from '$lib/core/assembly-line/beside';
import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import type { Level, Need, SeatName } from '$lib/stages/people/seats';
import type { Coming } from './there';

/** Where somebody sits at a day, by the hall's clock. */
export interface DaySeat {
	readonly personId: string;
	/** A station of the line, or another seat of the table. */
	readonly station: string;
	/** Minutes of the day. */
	readonly from: number;
	readonly to: number;
}

/** Somebody who said they come. */
export interface DayPerson {
	readonly id: string;
	readonly name: string;
	readonly isChild: boolean;
	readonly isTeen: boolean;
	readonly needs: readonly Need[];
	readonly seats: Partial<Readonly<Record<SeatName, Level>>>;
	/** Chance that they come, by how often they did. */
	readonly chance: number;
	readonly came: boolean | null;
	/** What was said at the door, in the order it was said. */
	readonly comings: readonly Coming[];
}

/** What bags are cut with at a table. */
export const cutsWith = ['scissors', 'rolling-blade'] as const;
export type CutWith = (typeof cutsWith)[number];

/** What was foreseen of a day when it was opened. */
export interface Foreseen {
	/** Without chance, and by chance. */
	readonly balls: number;
	readonly low: number;
	readonly high: number;
	/** Of the time at each station, the share that was to be worked: not starved, not blocked. */
	readonly worked: Readonly<Record<LineStation, number>>;
}

/** A table day as it is planned. */
export interface PlannedDay {
	readonly id: string;
	/** As `2026-12-03`. */
	readonly day: string;
	readonly place: string;
	readonly version: number;
	readonly from: number;
	readonly to: number;
	/** When breaks begin, minutes of the day. */
	readonly breaks: readonly number[];
	readonly breakLength: number;
	readonly planId: string | null;
	readonly ballsWanted: number | null;
	readonly also: string | null;
	/** What is wanted beside the line: so many of each. */
	readonly besides: Readonly<Record<BesideWork, number>>;
	readonly cutWith: CutWith;
	/** The group lets teenagers use sharp scissors with an adult beside them. */
	readonly teensCutSharp: boolean;
	/** It is one of the rhythm's days. */
	readonly isOfRule: boolean;
	readonly isOpen: boolean;
	readonly isClosed: boolean;
	/** What was foreseen when it was opened; null before. */
	readonly foreseen: Foreseen | null;
	readonly seats: readonly DaySeat[];
	readonly people: readonly DayPerson[];
}

/** What the table makes on a day, and what lies there for it. */
export interface DayWork {
	readonly planName: string;
	readonly kind: string;
	readonly line: {
		readonly piecesPerBag: number;
		readonly bagsPerBall: number;
		readonly cutTool: 'scissors' | 'rolling-blade' | 'spiral' | 'half-bag';
		readonly stack: number;
		readonly batch: number;
	};
	readonly stock: {
		readonly bags: number;
		readonly flat: number;
		readonly pieces: number;
		readonly joined: number;
		readonly balls: number;
	};
	/** Of the group's own pace: 1 is the craft's. */
	readonly pace: Readonly<Record<LineStation, number>>;
	/** The same of the works beside the line. */
	readonly besidePace: Readonly<Record<BesideWork, number>>;
	/** The most people who can cut at once, by the tools there are; null where no tool is listed. */
	readonly cutters: number | null;
}
