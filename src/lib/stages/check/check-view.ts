import type { Acceptance } from '$lib/core/check/acceptance';
import type { FaultTally } from '$lib/core/check/fault-tallies';
import type {
	CheckNote,
	CheckReason,
	CheckResult,
	FoundFault,
	OtherUse,
	PlannedMat
} from '$lib/core/check/judge-mat';
import type { MatRows } from '$lib/core/making/mat-rows';
import type { MatLook } from '$lib/stages/making/mat-view';

/** Where a mat that is made stands. */
export type MadeState =
	| 'finished'
	| 'to-mend'
	| 'mended'
	| 'good'
	| 'other-use'
	| 'taken-apart'
	| 'delivered'
	| 'received'
	| 'sent-back';

/** A mat to check or to mend, or that was checked lately. */
export interface MadeMatLine {
	readonly id: number;
	readonly code: string;
	readonly planName: string;
	readonly state: MadeState;
	readonly since: Date;
	readonly look: MatLook | null;
	readonly rows: MatRows | null;
	/** What its last check found, where it had one. */
	readonly last: CheckDone | null;
}

/** Why a mat was not good while mats were held against their plans: checks of that time keep it. */
export type PlanReason =
	| { readonly why: 'short' | 'long' | 'narrow' | 'wide'; readonly share: number }
	| { readonly why: 'thin'; readonly share: number };

/** A check as it was done. */
export interface CheckDone {
	readonly id: number;
	readonly at: Date;
	readonly result: CheckResult;
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly massG: number | null;
	readonly goesThrough: readonly boolean[];
	readonly faults: readonly FoundFault[];
	readonly reasons: readonly (CheckReason | PlanReason)[];
	/** What differs from its plan, and what else it can be; checks of before have neither. */
	readonly notes: readonly CheckNote[];
	readonly uses: readonly OtherUse[];
	readonly minutes: number;
	/** Why whoever checked it made something else of it than the figures. */
	readonly why: string | null;
}

/** A mat on the check page. */
export interface MatToCheck extends MadeMatLine {
	readonly planId: string;
	readonly planVersion: number;
	readonly planned: PlannedMat | null;
	/** All its checks, the newest first: its history stays. */
	readonly checks: readonly CheckDone[];
}

export interface CheckOverview {
	/** First checks of late: how many were good, and how many were not. */
	readonly firsts: { readonly good: number; readonly mended: number };
	readonly mats: readonly MadeMatLine[];
	readonly acceptance: Acceptance;
	readonly faults: readonly FaultTally[];
}
