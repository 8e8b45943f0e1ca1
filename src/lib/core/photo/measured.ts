import type { Place } from './board';
import type { BoardCount } from './boards-seen';
import type { FilmSeen } from './film';
import type { View } from './plane';
import type { Problem } from './problem';

/** What may be measured from a photograph. */
export const subjects = ['bag', 'strips', 'swatch', 'loom', 'mat', 'cover'] as const;
export type Subject = (typeof subjects)[number];

/** A measure with the range that holds the truth in eight of ten. */
export interface Ranged {
	readonly value: number;
	readonly low: number;
	readonly high: number;
}

/** A count with its range, and whether it is sure. */
export interface CountRanged extends Ranged {
	readonly isSure: boolean;
}

/** A strip's mean width, and whether it is off by more than a tenth of the others'. */
export interface StripMeasured {
	readonly mean: Ranged;
	readonly isOdd: boolean;
}

/** An edge that was found, in pixels of the picture; it can be moved. */
export interface Edge {
	readonly name: string;
	readonly from: Place;
	readonly to: Place;
}

/** Which measure follows which edges: the distance of two, or the length of one. */
export interface Follows {
	readonly measure: string;
	readonly edges: readonly [string] | readonly [string, string];
}

/** What a picture told of a thing. */
export interface Measured {
	readonly of: Subject;
	readonly boards: readonly BoardCount[];
	readonly problem: null;
	readonly residualMm: number;
	/** Measured, but too dark to be as good as it might. */
	readonly isDark: boolean;
	/** mm; a share for a cover. */
	readonly measures: Readonly<Record<string, Ranged>>;
	readonly counts: Readonly<Record<string, CountRanged>>;
	readonly strips: readonly StripMeasured[];
	readonly isNarrowing: boolean | null;
	readonly film: FilmSeen | null;
	readonly edges: readonly Edge[];
	readonly follows: readonly Follows[];
	readonly view: View;
}

/** A picture that cannot be measured, and why. */
export interface NotMeasured {
	readonly of: Subject;
	readonly boards: readonly BoardCount[];
	readonly problem: Problem;
	readonly residualMm: number | null;
}

export type Answer = Measured | NotMeasured;
