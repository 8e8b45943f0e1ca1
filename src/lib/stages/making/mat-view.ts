import type { ColourName } from '$lib/core/colour/colours';
import type { MatRows } from '$lib/core/making/mat-rows';
import type { WidthCourse } from '$lib/core/making/narrowing';
import type { Given, Weighed } from '$lib/core/making/strand-given';
import type { ColourRows } from '$lib/core/making/strand-left';
import type { FirstPass } from '$lib/core/techniques/peg-loom/meeting';
import type { Wish } from '$lib/entries/types/note';
import type { Side } from '$lib/entries/types/row';
import type { BallContent } from '$lib/stages/prepare/balls';
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
	/** Bags whose strand is a metre, and strand on a ball of its plan, m. */
	readonly bagsPerM: number;
	readonly ballM: number;
	/** Stitches of a crocheted row, and how wide one is, mm; null where nothing is crocheted. */
	readonly stitch: { readonly count: number; readonly widthMm: number } | null;
	/** Of a loom: strands that a pass goes over and under, and how its far end is planned to begin. */
	readonly loom: { readonly strands: number; readonly farFirstPass: FirstPass } | null;
	/** Colours by rows, one after the other; film of one colour where none is planned. */
	readonly stripes: readonly { readonly colour: ColourName; readonly rows: number }[];
}

/** What lacks of a colour, m, and the row that cannot be made whole for it. */
export interface MatLack {
	readonly colour: ColourName;
	readonly lacksM: number;
	readonly row: number;
}

/** A size that was measured at a row, mm. */
export interface SizeAt {
	readonly row: number;
	readonly lengthMm: number | null;
	readonly widthMm: number | null;
}

/** A word on a mat. */
export interface NoteSaid {
	readonly id: number;
	readonly text: string;
	readonly at: Date;
	/** By the link of its maker, not at the desk. */
	readonly isByLink: boolean;
}

/** A ball that was given for a mat, by its label. */
export interface IssuedBall {
	readonly code: string;
	readonly content: BallContent;
}

/** The same as a mat is counted by: of which colours, and how long. */
export interface BallInHand {
	readonly code: string;
	readonly content: Pick<BallContent, 'colours' | 'metres'>;
}

/** What was said of a mat beside its rows. */
export interface MatSaid {
	readonly issued: readonly IssuedBall[];
	/** Strand given by its colours, and what was weighed. */
	readonly given: readonly Given[];
	readonly weighed: readonly Weighed[];
	/** How it goes on, where that was changed. */
	readonly stripes: readonly ColourRows[] | null;
	/** What its maker wishes, as long as nobody saw to it. */
	readonly wish: Wish | null;
	readonly sizes: readonly SizeAt[];
	readonly notes: readonly NoteSaid[];
	readonly firstPass: Readonly<Record<Side, FirstPass | null>>;
	/** When whoever has it was written to last. */
	readonly remindedAt: Date | null;
}

/** A mat of which nothing was said. */
export const nothingSaid: MatSaid = {
	issued: [],
	given: [],
	weighed: [],
	stripes: null,
	wish: null,
	sizes: [],
	notes: [],
	firstPass: { near: null, far: null },
	remindedAt: null
};

/** A mat that is being made. */
export interface MatInHand {
	readonly id: number;
	readonly code: string;
	readonly planName: string;
	readonly planVersion: number;
	/** Who has it; null where it lies at the table. */
	readonly maker: { readonly id: string; readonly name: string } | null;
	/** Whoever had it left the group: it waits to be fetched. */
	readonly isLeft: boolean;
	/** Whoever has it is away for a while: nobody asks how it goes. */
	readonly isAway: boolean;
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
	readonly said: MatSaid;
	/** Colours that will not do, as strand at hand has it; none while no ball was given by its label. */
	readonly lacks: readonly MatLack[];
	readonly course: WidthCourse | null;
}

/** A mat as its rows are counted: what its maker's link shows of it. */
export type CountedMat = Pick<
	MatInHand,
	'code' | 'rows' | 'look' | 'made' | 'share' | 'ready' | 'lacks' | 'course'
> & {
	readonly said: Pick<MatSaid, 'given' | 'weighed' | 'firstPass' | 'wish'> & {
		readonly issued: readonly BallInHand[];
	};
};

/** A mat as a list of many tells it. */
export type MatLine = Omit<MatInHand, 'begunAt' | 'lastAt' | 'planVersion' | 'said'> & {
	readonly said: Pick<MatSaid, 'wish' | 'firstPass'>;
};

/** What a mat wants first: to be finished, fetched, asked after, given strand, looked at, begun, or to go on. */
export type MatNeed = 'finish' | 'fetch' | 'ball' | 'ask' | 'lacks' | 'narrows' | 'begin' | 'go-on';

/** Days after which a mat that stands still is asked after, kindly. */
export const stillAfterDays = 21;

/** What lacks soon, the first row first: a ball that is wanted in a month is not said today. */
export function lacksSoon({
	lacks,
	made,
	rows
}: Pick<MatInHand, 'lacks' | 'made' | 'rows'>): MatLack[] {
	const until = made.near + made.far + Math.max(10, (rows?.total ?? 0) / 10);
	return lacks.filter(({ row }) => row <= until).toSorted((one, other) => one.row - other.row);
}

export function needOf(mat: MatLine): MatNeed {
	const { share, stillDays, made, said, course } = mat;
	if (share >= 1) return 'finish';
	if (mat.isLeft) return 'fetch';
	if (said.wish) return said.wish;
	if (stillDays >= stillAfterDays && !mat.isAway) return 'ask';
	if (lacksSoon(mat).length > 0) return 'lacks';
	if (course && course.verdict !== 'straight') return 'narrows';
	return made.near + made.far === 0 ? 'begin' : 'go-on';
}

const order: readonly MatNeed[] = [
	'finish',
	'fetch',
	'ball',
	'ask',
	'lacks',
	'narrows',
	'begin',
	'go-on'
];

/** Mats by what needs an act first; those that go on by how near they are to their end. */
export const byNeed = (mats: readonly MatLine[]): MatLine[] =>
	mats.toSorted(
		(a, b) =>
			order.indexOf(needOf(a)) - order.indexOf(needOf(b)) || b.share - a.share || a.id - b.id
	);

/** A mat as it is drawn once all of it is made. */
export const wholeMat = ({
	look,
	rows
}: Pick<MatInHand, 'look' | 'rows'>): Pick<MatInHand, 'look' | 'rows' | 'made' | 'share'> => ({
	look,
	rows: rows && { ...rows, parts: 1, each: rows.total, ends: 1, part: 'mat' },
	made: { near: rows?.total ?? 0, far: 0 },
	share: 1
});
