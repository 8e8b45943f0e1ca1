import { planBasis as say } from '$lib/words/measures';
import type { Stitch } from '$lib/core/techniques/crochet/stitches';
import { isWithin } from '$lib/core/domain-error';
import type { FactorName } from '$lib/core/factors/factors';
import { factorBound } from '$lib/core/factors/factors';
import { knownOfMat, matReading } from '$lib/core/calibrate/mat-reading';
import type { PitchName, Readings } from '$lib/core/calibrate/readings';
import {
	chainReadings,
	handfulReadings,
	swatchReadings,
	wovenReadings
} from '$lib/core/calibrate/readings';
import type { Outlier } from '$lib/core/calibrate/outlier';
import { outlierOf } from '$lib/core/calibrate/outlier';
import type { Practice } from '$lib/core/practice/practice';
import { barePoint, barePractice } from '$lib/core/practice/practice';
import type { Model } from '$lib/core/model/model';
import { modelPlan } from '$lib/core/model/model';
import { planProblems } from '$lib/core/model/plan-problems';
import type { Plan } from '$lib/core/model/types';
import { figure, fixed } from '$lib/ui/number-words';
import type { MeasurementEntry } from '$lib/entries/types/measurement';

/** What a plan expects by the standard estimate, for a measurement to be held against. */
export interface PlanBasis {
	readonly bulkDiameterMm: number;
	readonly pieceMm: number;
	readonly stitch: Stitch | null;
	readonly hookMm: number | null;
	/** Of woven rows; null for what is not woven in rows. */
	readonly woven: {
		readonly pitch: PitchName;
		readonly rowPitchMm: number;
		/** Bags that one row takes; unknown in a band, whose warp runs beside it. */
		readonly bagsPerRow?: number | undefined;
		readonly bandMm?: number | undefined;
	} | null;
	/** The plan itself, for a finished mat is held against the whole of it. */
	readonly plan: Plan;
}

function wovenOf({ mat, draws }: Model): PlanBasis['woven'] {
	if (mat.kind === 'crochet') return null;
	if (mat.kind === 'finger-bands')
		return {
			pitch: 'bandPitch',
			rowPitchMm: mat.lengthMm / mat.rowsPerBand,
			bandMm: mat.bandWidthMm
		};
	const weft = draws.find(({ role }) => role === 'weft' || role === 'body');
	return {
		pitch: mat.kind === 'peg-loom' ? 'loomPitch' : 'framePitch',
		rowPitchMm: mat.rowPitchMm,
		bagsPerRow: weft ? weft.bags / mat.rows : undefined
	};
}

export function basisOf(plan: Plan): PlanBasis {
	const model = modelPlan(plan, barePoint);
	const { yield: cut } = model;
	const hooked = plan.technique.kind === 'crochet' ? plan.technique : null;
	return {
		bulkDiameterMm: cut.bulkDiameterMm,
		pieceMm: cut.pieceLengthMm,
		stitch: hooked?.stitch ?? null,
		hookMm: hooked?.hookMm ?? null,
		woven: wovenOf(model),
		plan
	};
}

/** What a measurement says against a plan, or the sentence for why it says nothing. */
export function readingsOf(
	entry: MeasurementEntry,
	basis: PlanBasis
): { readings: Readings; problem?: never } | { readings?: never; problem: string } {
	const length = entry.lengthMm ?? NaN;
	switch (entry.measure) {
		case 'swatch':
			if (basis.stitch === null || basis.hookMm === null)
				return { problem: say.aSwatchBelongsToA() };
			return {
				readings: swatchReadings({
					stitch: basis.stitch,
					hookMm: basis.hookMm,
					bulkDiameterMm: basis.bulkDiameterMm,
					stitches: entry.counted,
					rows: entry.rows ?? NaN,
					widthMm: length,
					heightMm: entry.heightMm ?? NaN,
					strandMm: entry.strandMm ?? undefined
				})
			};
		case 'chain':
			return { readings: chainReadings(entry.counted, length, basis.pieceMm) };
		case 'woven':
			if (!basis.woven) return { problem: say.wovenRowsBelongToA() };
			return {
				readings: wovenReadings({
					pitch: basis.woven.pitch,
					rows: entry.counted,
					lengthMm: length,
					expectedPitchMm: basis.woven.rowPitchMm,
					bags: entry.bagsUsed ?? undefined,
					expectedBagsPerRow: basis.woven.bagsPerRow,
					bandMm: entry.heightMm ?? undefined,
					expectedBandMm: basis.woven.bandMm
				})
			};
		case 'mat': {
			const size = { widthMm: entry.heightMm ?? NaN, lengthMm: length };
			if (planProblems({ ...basis.plan, target: size }).length > 0)
				return { problem: say.aMatOfThatSize() };
			return { readings: { mat: matReading(basis.plan, size, entry.counted) } };
		}
		case 'handful':
			return { readings: handfulReadings(entry.counted, entry.massG ?? NaN, basis.plan.bag) };
	}
}

/** The reading that is odd against what is known, if any is. */
export function oddReading(
	readings: Readings,
	known: Practice = barePractice
): (Outlier & { readonly ratio: number }) | null {
	const { mat, ...single } = readings;
	for (const [name, reading] of Object.entries(single)) {
		const odd = outlierOf(known.factors[name as FactorName], reading);
		if (odd) return { ...odd, ratio: reading.ratio };
	}
	const odd = mat && outlierOf(knownOfMat(known.factors, mat), mat);
	return odd ? { ...odd, ratio: mat.ratio } : null;
}

/**
 * The sentence for a measure that no bag, strand or stitch can have, however sure the one is who
 * typed it; null where it may be. What is kept bounds every plan, so it is refused at the door.
 */
export function impossibleWords({ mat, ...single }: Readings): string | null {
	const ratios = [...Object.values(single).map(({ ratio }) => ratio), ...(mat ? [mat.ratio] : [])];
	const odd = ratios.find((ratio) => !isWithin(ratio, factorBound));
	if (odd === undefined) return null;
	return say.thisComesToTimesWhat({ odd: figure(odd) });
}

const slipWords = {
	'ten-times': say.perhapsADecimalPointSlipped(),
	tenth: say.perhapsADecimalPointSlipped2(),
	'inches-as-cm': say.wasItMeasuredInInches(),
	'cm-as-inches': say.wasItMeasuredInCentimetres()
} as const;

/** The question an odd reading raises. */
export const oddWords = ({ slip, ratio }: Outlier & { readonly ratio: number }): string =>
	say.thisComesToTimesWhat2({
		ratio: fixed(ratio, 2),
		part: slip ? slipWords[slip] : say.pleaseCheckIt()
	});
