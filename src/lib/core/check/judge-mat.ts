import { defaults } from '../defaults';
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
	/** A crocheted mat whose rows run along the sleeper: its width can still grow. */
	readonly isLengthwise?: boolean | undefined;
	readonly widthMm: number;
	readonly lengthMm: number;
	/** Null where it was not weighed. */
	readonly massG: number | null;
	/** Whether a fingertip goes through at each place of the map. */
	readonly goesThrough: readonly boolean[];
	readonly faults: readonly FoundFault[];
}

/** What a receiving place accepts, mm; what it does not say is as usual. */
export interface AcceptedSize {
	readonly leastLengthMm?: number | undefined;
	readonly leastWidthMm?: number | undefined;
	readonly mostLengthMm?: number | undefined;
	readonly mostWidthMm?: number | undefined;
}

/** What its plan makes of it, mm and g. */
export interface PlannedMat {
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly massG: number;
	/** How tall its sleeper is, mm; as usual if not given. */
	readonly sleeperMm?: number | undefined;
}

/** A place that receives mats, and what it accepts. */
export interface AcceptingPlace {
	readonly name: string;
	readonly accepts: AcceptedSize;
}

/** What a check comes to. */
export type CheckResult = 'good' | 'mend' | 'apart' | 'other-use';

/** Why a mat is not good as it is. Lengths mm. */
export type CheckReason =
	| { readonly why: 'fault'; readonly kind: FaultKind; readonly count: number }
	| {
			readonly why: 'too-short' | 'too-narrow';
			/** What it lacks, and what it was held against. */
			readonly byMm: number;
			readonly leastMm: number;
	  }
	| {
			readonly why: 'too-long' | 'too-wide';
			readonly byMm: number;
			readonly mostMm: number;
	  }
	| { readonly why: 'goes-through'; readonly places: number };

/** What is to be known of a mat, and never a reason against it. */
export const checkNotes = [
	'narrow',
	'very-wide',
	'very-long',
	'larger',
	'smaller',
	'lighter',
	'weigh-again'
] as const;
export type CheckNote = (typeof checkNotes)[number];

/** What a mat that is too small for a sleeper can be. */
export const otherUses = ['shorter-sleeper', 'child', 'panel', 'seat', 'strand'] as const;
export type OtherUse = (typeof otherUses)[number];

export interface MatVerdict {
	readonly result: CheckResult;
	readonly reasons: readonly CheckReason[];
	readonly notes: readonly CheckNote[];
	/** What else it can be, where it is for another use: all that hold. */
	readonly uses: readonly OtherUse[];
	/** What it was held against, mm. */
	readonly leastLengthMm: number;
	readonly leastWidthMm: number;
	/** Hands to mend it, min. */
	readonly minutes: number;
	/** Film over its area, and over the plan's; null where it was not weighed. */
	readonly gramsPerM2: number | null;
	readonly densityShare: number | null;
	/** Size against the plan's, as a share of it, less one. */
	readonly lengthOff: number;
	readonly widthOff: number;
}

/** A mat may be so much smaller or larger than its plan before that is said, as a share of it. */
export const sizeBand = { least: -0.03, most: 0.05 } as const;
/** Below so much of the plan's grams a square metre a mat is lighter than planned; below the other it is measured and weighed again. */
const [lighterBelow, weighAgainBelow] = [0.85, 0.7];
/** Who mends longer than this had better take it apart. */
const mostMinutes = 240;
/** Of the fifteen places, so many that go through are no single hole any more. */
const mostThrough = 8;
/** Rows to add, min; a place that is beaten or darned, min. */
const [rowsMinutes, placeMinutes] = [40, 8];
/** The more of them, the later: of several results the heaviest holds. */
const heavier: readonly CheckResult[] = ['good', 'mend', 'other-use', 'apart'];

/**
 * What a check comes to: a mat is judged by who lies on it and by what the place accepts, its plan only
 * explains. No fingertip through, long enough, wide enough, sound: good. Larger is good; weight alone
 * condemns no mat.
 *
 * @param accepted by the place it goes to; where it does not say how long, the plan's sleeper does
 * @throws DomainError where a size is not above 0 or the map has not its fifteen places
 * @source bench default
 * @example judgeMat({ technique: 'crochet', widthMm: 910, lengthMm: 1990, massG: 3390, goesThrough: Array(15).fill(false), faults: [] }, { widthMm: 760, lengthMm: 1830, massG: 2600 }).notes // ['larger']
 */
export function judgeMat(
	mat: CheckedMat,
	plan: PlannedMat,
	accepted: AcceptedSize = {}
): MatVerdict {
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
	const leastLengthMm = accepted.leastLengthMm ?? plan.sleeperMm ?? defaults.sleeperHeight.value;
	const leastWidthMm = accepted.leastWidthMm ?? defaults.shouldersWidth.value;

	const reasons: CheckReason[] = [];
	let result = 'good' as CheckResult;
	const atLeast = (other: CheckResult) => {
		if (heavier.indexOf(other) > heavier.indexOf(result)) result = other;
	};
	if (through > 0) {
		reasons.push({ why: 'goes-through', places: through });
		atLeast(through >= mostThrough && mat.technique === 'crochet' ? 'apart' : 'mend');
	}
	const tooShort = isUnder(mat.lengthMm, leastLengthMm);
	if (tooShort) {
		const byMm = leastLengthMm - mat.lengthMm;
		reasons.push({ why: 'too-short', byMm, leastMm: leastLengthMm });
		const canGrow = mat.technique === 'crochet' && !mat.isLengthwise;
		atLeast(canGrow && byMm <= defaults.rowsCanAdd.value ? 'mend' : 'other-use');
	}
	const tooNarrow = isUnder(mat.widthMm, leastWidthMm);
	if (tooNarrow) {
		const byMm = leastWidthMm - mat.widthMm;
		reasons.push({ why: 'too-narrow', byMm, leastMm: leastWidthMm });
		const canGrow =
			mat.technique === 'finger-bands' ||
			(mat.technique === 'crochet' && mat.isLengthwise === true);
		atLeast(canGrow && byMm <= defaults.widthCanGrow.value ? 'mend' : 'other-use');
	}
	for (const [why, is, most] of [
		['too-long', mat.lengthMm, accepted.mostLengthMm],
		['too-wide', mat.widthMm, accepted.mostWidthMm]
	] as const) {
		if (most === undefined || !isUnder(most, is)) continue;
		reasons.push({ why, byMm: is - most, mostMm: most });
		atLeast('other-use');
	}
	for (const kind of new Set(mat.faults.map((one) => one.kind)))
		reasons.push({
			why: 'fault',
			kind,
			count: mat.faults.filter((one) => one.kind === kind).length
		});
	if (mat.faults.length > 0) atLeast('mend');
	const minutes =
		mat.faults.reduce((sum, { kind }) => sum + faults[kind].minutes, 0) +
		(tooShort ? rowsMinutes : 0) +
		(tooNarrow ? rowsMinutes : 0) +
		through * placeMinutes;
	if (minutes > mostMinutes) atLeast('apart');
	const sides = {
		lengthOff: mat.lengthMm / plan.lengthMm - 1,
		widthOff: mat.widthMm / plan.widthMm - 1
	};
	return {
		result,
		reasons,
		notes: notesOf(mat, sides, densityShare),
		uses: result === 'other-use' ? usesOf(mat, leastLengthMm, leastWidthMm) : [],
		leastLengthMm,
		leastWidthMm,
		minutes: result === 'good' ? 0 : minutes,
		gramsPerM2,
		densityShare,
		...sides
	};
}

/** Whether a size is under a limit, as a tape tells on a soft mat. */
const isUnder = (sizeMm: number, limitMm: number): boolean =>
	sizeMm < limitMm * (1 - defaults.tapeShare.value) - 1e-6;

function notesOf(
	{ widthMm, lengthMm }: CheckedMat,
	{ lengthOff, widthOff }: { readonly lengthOff: number; readonly widthOff: number },
	densityShare: number | null
): CheckNote[] {
	const { narrowBelow, shouldersWidth, veryWideOver, veryLongOver } = defaults;
	const holds: Readonly<Record<CheckNote, boolean>> = {
		narrow: widthMm < narrowBelow.value && !isUnder(widthMm, shouldersWidth.value),
		'very-wide': widthMm > veryWideOver.value,
		'very-long': lengthMm > veryLongOver.value,
		larger: Math.max(lengthOff, widthOff) > sizeBand.most + 1e-9,
		smaller: Math.min(lengthOff, widthOff) < sizeBand.least - 1e-9,
		lighter: densityShare !== null && densityShare < lighterBelow,
		'weigh-again': densityShare !== null && densityShare < weighAgainBelow
	};
	return checkNotes.filter((note) => holds[note]);
}

function usesOf(
	{ widthMm, lengthMm }: CheckedMat,
	leastLengthMm: number,
	leastWidthMm: number
): OtherUse[] {
	const { shorterSleeperLength, childWidth, childLength, panelWidth, seatSide } = defaults;
	const isLong = !isUnder(lengthMm, leastLengthMm);
	const isWide = !isUnder(widthMm, leastWidthMm);
	const holds: Readonly<Record<Exclude<OtherUse, 'strand'>, boolean>> = {
		'shorter-sleeper': !isLong && lengthMm >= shorterSleeperLength.value && isWide,
		child: widthMm >= childWidth.value && lengthMm >= childLength.value,
		panel: isLong && !isWide && widthMm >= panelWidth.value,
		seat: Math.min(widthMm, lengthMm) >= seatSide.value
	};
	const found = (['shorter-sleeper', 'child', 'panel', 'seat'] as const).filter(
		(use) => holds[use]
	);
	return found.length > 0 ? found : ['strand'];
}

/**
 * What a check comes to where several places receive mats: good for one is good, and the answer names
 * those that take it. Without a place it is judged as usual.
 *
 * @throws DomainError
 * @example judgeForPlaces({ technique: 'twined', widthMm: 640, lengthMm: 1800, massG: null, goesThrough: Array(15).fill(false), faults: [] }, { widthMm: 850, lengthMm: 1850, massG: 3000 }, [{ name: 'a', accepts: {} }, { name: 'b', accepts: { leastWidthMm: 700 } }]).takers // ['a']
 */
export function judgeForPlaces(
	mat: CheckedMat,
	plan: PlannedMat,
	places: readonly AcceptingPlace[]
): MatVerdict & { readonly takers: readonly string[] } {
	const judged = places.map(({ name, accepts }) => ({
		name,
		verdict: judgeMat(mat, plan, accepts)
	}));
	const [best] = judged.toSorted(
		// Of two that come to the same, the place that has less against it.
		({ verdict: one }, { verdict: other }) =>
			heavier.indexOf(one.result) - heavier.indexOf(other.result) ||
			one.reasons.length - other.reasons.length
	);
	const takers = judged.flatMap(({ name, verdict }) =>
		verdict.reasons.some(isOfSize) ? [] : [name]
	);
	return { ...(best?.verdict ?? judgeMat(mat, plan)), takers };
}

const isOfSize = ({ why }: CheckReason): boolean =>
	why === 'too-short' || why === 'too-narrow' || why === 'too-long' || why === 'too-wide';
