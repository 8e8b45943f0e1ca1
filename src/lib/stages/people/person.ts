import type { Level, Need, SeatName } from './seats';

/** A person as the table needs to know them. */
export interface Person {
	readonly id: string;
	readonly name: string;
	readonly version: number;
	readonly likes: string | null;
	/** How they are reached, in their own words; told to coordinators alone. */
	readonly contact: string | null;
	readonly isChild: boolean;
	/** Neither a child nor an adult: blunt scissors, sharp ones with an adult at the station where the group allows it. */
	readonly isTeen: boolean;
	/** Comes to every day of the rhythm; else to those that are ticked. */
	readonly comesAlways: boolean;
	readonly needs: readonly Need[];
	readonly seats: Partial<Readonly<Record<SeatName, Level>>>;
	/** Those they sit well with. */
	readonly sitsWith: readonly string[];
	/** Days to come that they can come on. */
	readonly days: readonly string[];
}
