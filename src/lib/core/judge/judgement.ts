import type { Plan } from '../model/types';

/** Which step of the plan a judgement is about. */
export type Subject = 'size' | 'bag' | 'cut' | 'join' | 'technique' | 'finish';

/** `good`: say so. `look`: worth a look before starting. `change`: the mat will disappoint as it stands. */
export type Severity = 'good' | 'look' | 'change';

/** Parts of a plan that one choice would put in place of its own. */
export type PlanPatch = Partial<Pick<Plan, 'cut' | 'target' | 'technique' | 'join' | 'work'>>;

export const judgementCodes = [
	'cover-close',
	'cover-fair',
	'cover-gaps',
	'hook-small',
	'hook-large',
	'hook-dense',
	'hook-loose',
	'hook-in-fist',
	'hook-cramps',
	'film-thin',
	'film-thick',
	'kinds-alternate',
	'kinds-apart',
	'kinds-short',
	'offcut-wasteful',
	'short-strip',
	'strip-weak',
	'spiral-narrow',
	'stack-too-thick',
	'mat-shorter-than-sleeper',
	'mat-narrow',
	'size-missed',
	'pieces-do-not-fit',
	'knot-at-peg',
	'weft-wider-than-warp',
	'warp-crowded',
	'rows-meet-wrongly',
	'panels-needed',
	'panels-end-to-end'
] as const;
export type JudgementCode = (typeof judgementCodes)[number];

/** A call on a plan, as data: which, how grave, about what, on which figures. The sentence is made elsewhere. */
export interface Judgement {
	readonly code: JudgementCode;
	readonly severity: Severity;
	readonly subject: Subject;
	readonly figures: Readonly<Record<string, number>>;
	/** What would cure it, where one choice would. */
	readonly cure?: PlanPatch;
}
