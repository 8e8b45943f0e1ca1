import { within } from '../domain-error';
import type { TechniqueKind } from '../techniques/technique';
import type { FaultKind } from './faults';
import { faults } from './faults';

/** A fault on a mat, and where: along its length and across its width, 0 to 1 each. */
export interface FoundFault {
	readonly kind: FaultKind;
	readonly along: number;
	readonly across: number;
}

/** Places of the fingertip map: five along the mat, three across it, row by row. */
export const mapPlaces = { along: 5, across: 3 } as const;

/** What was seen, felt, measured and weighed of a mat. */
export interface CheckedMat {
	readonly technique: TechniqueKind;
	readonly widthMm: number;
	readonly lengthMm: number;
	/** Null where it was not weighed. */
	readonly massG: number | null;
	/** Whether a fingertip goes through at each place of the map. */
	readonly goesThrough: readonly boolean[];
	readonly faults: readonly FoundFault[];
}

/** What its plan makes of it, mm and g. */
export interface PlannedMat {
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly massG: number;
}

/** What a check comes to. */
export type CheckResult = 'good' | 'mend' | 'apart' | 'other-use';

/** Why a mat is not good as it is. */
export type CheckReason =
	| { readonly why: 'fault'; readonly kind: FaultKind; readonly count: number }
	| { readonly why: 'short' | 'long' | 'narrow' | 'wide'; readonly share: number }
	| { readonly why: 'thin'; readonly share: number }
	| { readonly why: 'goes-through'; readonly places: number };

export interface MatVerdict {
	readonly result: CheckResult;
	readonly reasons: readonly CheckReason[];
	/** Hands to mend it, min. */
	readonly minutes: number;
	/** Film over its area, and over the plan's; null where it was not weighed. */
	readonly gramsPerM2: number | null;
	readonly densityShare: number | null;
}

/** A mat may be so much smaller or larger than its plan, as a share of it. */
export const sizeBand = { least: -0.03, most: 0.05 } as const;
/** Below so much of the plan's grams a square metre a mat is thin. */
export const thinBelow = 0.85;
/** A mat off by more than this is no mat of its plan any more. */
const farOff = 0.12;
/** Who mends longer than this had better take it apart. */
const mostMinutes = 240;
/** Of the fifteen places, so many that go through make a whole mat thin. */
const mostThrough = 8;
/** Rows to add or to take out, min; a place that is beaten or darned, min. */
const [rowsMinutes, placeMinutes] = [40, 8];

/**
 * What a check comes to: good, to mend, to take apart for strand, or for another use; with why, and the
 * minutes it takes to mend.
 *
 * @throws DomainError where a size is not above 0 or the map has not its fifteen places
 * @example judgeMat({ technique: 'crochet', widthMm: 850, lengthMm: 1850, massG: 3000, goesThrough: Array(15).fill(false), faults: [] }, { widthMm: 850, lengthMm: 1850, massG: 3000 }).result // 'good'
 */
export function judgeMat(mat: CheckedMat, plan: PlannedMat): MatVerdict {
	for (const [name, size] of Object.entries({
		widthMm: mat.widthMm,
		lengthMm: mat.lengthMm,
		'plan.widthMm': plan.widthMm,
		'plan.lengthMm': plan.lengthMm,
		'plan.massG': plan.massG
	}))
		within(name, size, { moreThan: 0 });
	const places = mapPlaces.along * mapPlaces.across;
	within('goesThrough.length', mat.goesThrough.length, { atLeast: places, atMost: places });
	const area = (one: { widthMm: number; lengthMm: number }) =>
		(one.widthMm * one.lengthMm) / 1_000_000;
	const gramsPerM2 = mat.massG === null ? null : mat.massG / area(mat);
	const densityShare = gramsPerM2 === null ? null : gramsPerM2 / (plan.massG / area(plan));
	const through = mat.goesThrough.filter(Boolean).length;
	const [length, width] = [mat.lengthMm / plan.lengthMm - 1, mat.widthMm / plan.widthMm - 1];
	const reasons: CheckReason[] = [];
	if (length < sizeBand.least) reasons.push({ why: 'short', share: length });
	if (length > sizeBand.most) reasons.push({ why: 'long', share: length });
	if (width < sizeBand.least) reasons.push({ why: 'narrow', share: width });
	if (width > sizeBand.most) reasons.push({ why: 'wide', share: width });
	if (densityShare !== null && densityShare < thinBelow)
		reasons.push({ why: 'thin', share: densityShare });
	if (through > 0) reasons.push({ why: 'goes-through', places: through });
	for (const kind of new Set(mat.faults.map((one) => one.kind)))
		reasons.push({
			why: 'fault',
			kind,
			count: mat.faults.filter((one) => one.kind === kind).length
		});
	const isOff = (share: number) => share < sizeBand.least || share > sizeBand.most;
	const minutes =
		mat.faults.reduce((sum, { kind }) => sum + faults[kind].minutes, 0) +
		(isOff(length) ? rowsMinutes : 0) +
		through * placeMinutes;
	// Weft is beaten closer and rows are added; a crocheted mat that is thin all over stays thin.
	const isThin = densityShare !== null && densityShare < thinBelow;
	const isThinForGood = isThin && (mat.technique === 'crochet' || through >= mostThrough);
	// Rows are added and taken out along the mat; its width stays as it was made.
	const isNoMat = isOff(width) || Math.abs(length) > farOff;
	const result =
		reasons.length === 0
			? 'good'
			: isThinForGood || minutes > mostMinutes
				? 'apart'
				: isNoMat
					? 'other-use'
					: 'mend';
	return { result, reasons, minutes: result === 'good' ? 0 : minutes, gramsPerM2, densityShare };
}
