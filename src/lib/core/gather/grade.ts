/** What a sorted bag is good for. */
export const grades = ['strand', 'stuffing', 'drying', 'reject'] as const;
export type Grade = (typeof grades)[number];

/** What the hands and eyes find on one bag. */
export interface BagFindings {
	readonly isHoledInBody?: boolean;
	/** Close to the seam or the handles: that part is trimmed off. */
	readonly isHoledAtEdge?: boolean;
	readonly isDamp?: boolean;
	readonly isBrittle?: boolean;
	readonly isSoiledOrMouldy?: boolean;
	/** What only smells is rinsed and hung. */
	readonly isOnlySmelly?: boolean;
}

export type GradeReason =
	'sound' | 'hole-at-edge' | 'hole-in-body' | 'damp' | 'smells' | 'brittle' | 'soiled';

/**
 * The grade of a bag, worst finding first: brittle and soiled are rejected whatever else is sound;
 * damp ones dry before anything is decided; a hole in the body makes stuffing.
 *
 * @source bench default
 * @example gradeBag({ isDamp: true, isHoledInBody: true }) // { grade: 'drying', reason: 'damp' }
 */
export function gradeBag(findings: BagFindings): { grade: Grade; reason: GradeReason } {
	if (findings.isSoiledOrMouldy) return { grade: 'reject', reason: 'soiled' };
	if (findings.isBrittle) return { grade: 'reject', reason: 'brittle' };
	if (findings.isDamp) return { grade: 'drying', reason: 'damp' };
	if (findings.isOnlySmelly) return { grade: 'drying', reason: 'smells' };
	if (findings.isHoledInBody) return { grade: 'stuffing', reason: 'hole-in-body' };
	return findings.isHoledAtEdge
		? { grade: 'strand', reason: 'hole-at-edge' }
		: { grade: 'strand', reason: 'sound' };
}
