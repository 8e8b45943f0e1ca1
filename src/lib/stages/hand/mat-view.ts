import type { ColourName } from '$lib/core/colour/colours';
import type { MatRows } from '$lib/core/hand/mat-rows';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import type { ReadyDays } from './ready-answer';

/** Rows made at each end. */
export interface Made {
	readonly near: number;
	readonly far: number;
}

/** A mat as it is drawn: its size, and its stripes from the first row on. */
export interface MatLook {
	readonly kind: TechniqueKind;
	readonly widthMm: number;
	readonly lengthMm: number;
	/** Rows run along the mat: it grows across. */
	readonly isLengthwise: boolean;
	/** Strand a row takes, m. */
	readonly rowM: number;
	/** Colours by rows, one after the other; film of one colour where none is planned. */
	readonly stripes: readonly { readonly colour: ColourName; readonly rows: number }[];
}

/** A mat that is being made. */
export interface MatInHand {
	readonly id: number;
	readonly code: string;
	readonly planName: string;
	readonly planVersion: number;
	/** Who has it; null where it lies at the table. */
	readonly maker: { readonly id: string; readonly name: string } | null;
	/** The loom it is on. */
	readonly loom: string | null;
	/** How its rows are counted, and how it looks; null where its plan cannot be made any more. */
	readonly rows: MatRows | null;
	readonly look: MatLook | null;
	readonly made: Made;
	/** Share of it that is made, 0 to 1. */
	readonly share: number;
	readonly begunAt: Date;
	readonly lastAt: Date | null;
	/** Days since the last row, or since it was begun. */
	readonly stillDays: number;
	readonly ready: ReadyDays;
}

/** What a mat wants first: to be finished, asked after, or to go on. */
export type MatNeed = 'finish' | 'ask' | 'begin' | 'go-on';

/** Days after which a mat that stands still is asked after, kindly. */
export const stillAfterDays = 21;

export function needOf({ share, stillDays, made }: MatInHand): MatNeed {
	if (share >= 1) return 'finish';
	if (stillDays >= stillAfterDays) return 'ask';
	return made.near + made.far === 0 ? 'begin' : 'go-on';
}

const order: readonly MatNeed[] = ['finish', 'ask', 'begin', 'go-on'];

/** Mats by what needs an act first; those that go on by how near they are to their end. */
export const byNeed = (mats: readonly MatInHand[]): MatInHand[] =>
	mats.toSorted(
		(a, b) =>
			order.indexOf(needOf(a)) - order.indexOf(needOf(b)) || b.share - a.share || a.id - b.id
	);
