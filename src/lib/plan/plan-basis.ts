import type { Stitch } from '../core/crochet/stitches';
import type { FactorName } from '../core/know/factors';
import type { Readings } from '../core/measure/readings';
import {
	chainReadings,
	handfulReadings,
	swatchReadings,
	wovenReadings
} from '../core/measure/readings';
import type { Outlier } from '../core/measure/outlier';
import { outlierOf } from '../core/measure/outlier';
import type { Practice } from '../core/know/practice';
import { barePractice } from '../core/know/practice';
import { modelPlan } from '../core/plan/model';
import type { Plan } from '../core/plan/types';
import type { MeasurementEntry } from '../gather/entries';

/** What a plan expects by the craft alone, for a measurement to be held against. */
export interface PlanBasis {
	readonly bulkDiameterMm: number;
	readonly pieceMm: number;
	readonly bagMassG: number;
	readonly stitch: Stitch | null;
	readonly hookMm: number | null;
	/** Of woven rows; null for what is not woven in rows. */
	readonly rowPitchMm: number | null;
}

export function basisOf(plan: Plan): PlanBasis {
	const { mat, yield: cut } = modelPlan(plan);
	const hooked = plan.technique.kind === 'crochet' ? plan.technique : null;
	return {
		bulkDiameterMm: cut.bulkDiameterMm,
		pieceMm: cut.pieceLengthMm,
		bagMassG: plan.bag.massG,
		stitch: hooked?.stitch ?? null,
		hookMm: hooked?.hookMm ?? null,
		rowPitchMm: mat.kind === 'peg-loom' || mat.kind === 'twined' ? mat.rowPitchMm : null
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
				return { problem: 'A swatch belongs to a crocheted plan. Choose one of those.' };
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
			if (basis.rowPitchMm === null)
				return { problem: 'Woven rows belong to a loom or a frame. Choose such a plan.' };
			return { readings: wovenReadings(entry.counted, length, basis.rowPitchMm) };
		case 'handful':
			return { readings: handfulReadings(entry.counted, entry.massG ?? NaN, basis.bagMassG) };
	}
}

/** The reading that is odd against what is known, if any is. */
export function oddReading(
	readings: Readings,
	known: Practice = barePractice
): (Outlier & { readonly factor: FactorName; readonly ratio: number }) | null {
	for (const [name, reading] of Object.entries(readings)) {
		const factor = name as FactorName;
		const odd = outlierOf(known.factors[factor], reading);
		if (odd) return { ...odd, factor, ratio: reading.ratio };
	}
	return null;
}

const slipWords = {
	'ten-times': 'A decimal place may have slipped: it comes to ten times what is known.',
	tenth: 'A decimal place may have slipped: it comes to a tenth of what is known.',
	'inches-as-cm': 'Was it measured in inches and typed in centimetres?',
	'cm-as-inches': 'Was it measured in centimetres and typed in inches?'
} as const;

/** The question an odd reading raises. */
export const oddWords = ({ slip, ratio }: Outlier & { readonly ratio: number }): string =>
	`This comes to ${ratio.toFixed(2)} times what was expected. ${slip ? slipWords[slip] : 'Please look again.'}`;
