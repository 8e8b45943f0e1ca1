// What the lists of this stage show, a line each: read by the queries that answer with them.

/** Bags that hang to dry: how many of a pile are not sorted yet. */
export interface DryingPile {
	readonly id: number;
	readonly place: string;
	readonly kindId: string | null;
	/** Kind and colour; null for piles hung before they were kept. */
	readonly kind: string | null;
	readonly colour: string | null;
	readonly hanging: number;
	readonly lookAgainAt: Date;
	/** When someone said that none of it is left, though not all of it was sorted. */
	readonly endedAt: Date | null;
}

export interface SortedLine {
	readonly id: number;
	readonly place: string;
	/** Kind and colour; null for what was sorted before they were kept. */
	readonly kind: string | null;
	readonly colour: string | null;
	readonly strand: number;
	readonly stuffing: number;
	readonly drying: number;
	readonly rejected: number;
	readonly byName: string | null;
	readonly sortedAt: Date;
	readonly hasDried: boolean;
	/** Why it was taken back; null while it stands. */
	readonly takenBack: string | null;
}

export interface MovementLine {
	/** It was typed as a movement, and is edited as one. */
	readonly isMovement: boolean;
	/** The entry of the book that moved it. */
	readonly id: number;
	readonly amount: number;
	readonly reason: string;
	readonly note: string | null;
	readonly byName: string | null;
	readonly movedAt: Date;
	/** The entry that took it back; null while it stands. */
	readonly takenBackBy: number | null;
}

/** What was typed of the line that is about to be taken back, where the book has it. */
export type GivesBack = {
	readonly type: string;
	readonly typed: Readonly<Record<string, string>>;
} | null;
