import type { ColourName } from '$lib/core/colour/colours';
import type { ActWorth } from '$lib/core/season/urgency';

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

/** Film of one colour, in bags' worth; null where nobody tells the colours apart any more. */
export interface FilmPiece {
	readonly colour: ColourName | null;
	readonly bags: number;
}

/** A part of the strip that all the film is on: how it is counted, where it lies, and its colours. */
export interface StripPart {
	readonly name: string;
	readonly bags: number;
	readonly count: number;
	readonly unit: string;
	readonly href: string;
	readonly pieces: readonly FilmPiece[];
}
