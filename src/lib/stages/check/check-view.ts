import type { Acceptance } from '$lib/core/check/acceptance';
import type { FaultKind, WorkStep } from '$lib/core/check/faults';
import type { CheckReason, CheckResult, FoundFault, PlannedMat } from '$lib/core/check/judge-mat';
import type { MatRows } from '$lib/core/hand/mat-rows';
import type { MatInHand, MatLook } from '$lib/stages/hand/mat-view';

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
	readonly reasons: readonly CheckReason[];
	readonly minutes: number;
	/** Why whoever checked it made something else of it than the figures. */
	readonly why: string | null;
}

/** A mat on the check page. */
export interface MadeMat extends MadeMatLine {
	readonly planned: PlannedMat | null;
	/** All its checks, the newest first: its history stays. */
	readonly checks: readonly CheckDone[];
}

/** Which faults come with which step, over the checks of late; no name is among them. */
export interface FaultTally {
	readonly kind: FaultKind;
	readonly step: WorkStep;
	/** Mats that had it, and mats that were checked at all. */
	readonly mats: number;
	readonly of: number;
}

export interface CheckOverview {
	readonly mats: readonly MadeMatLine[];
	readonly acceptance: Acceptance;
	readonly faults: readonly FaultTally[];
}

/** A mat as it is drawn once all of it is made. */
export const wholeOf = ({
	look,
	rows
}: Pick<MadeMatLine, 'look' | 'rows'>): Pick<MatInHand, 'look' | 'rows' | 'made' | 'share'> => ({
	look,
	rows: rows && { ...rows, parts: 1, each: rows.total, ends: 1, part: 'mat' },
	made: { near: rows?.total ?? 0, far: 0 },
	share: 1
});
