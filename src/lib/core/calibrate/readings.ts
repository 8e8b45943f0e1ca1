import type { Bag } from '../bag/measure-bag';
import { crochetMat } from '../techniques/crochet/crochet-mat';
import type { Stitch } from '../techniques/crochet/stitches';
import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { FactorName } from '../factors/factors';
import { noFactors } from '../factors/factors';
import type { MatReading } from './mat-reading';
import type { FactorReading } from './update-factor';

/** What a weighed handful says of bags of its kind. */
export interface BagMassReading extends FactorReading {
	/** The bag it was held against: its measures say which kind it is, its mass what was expected. */
	readonly bag: Bag;
}

/** What a measurement says: of factors, one by one, or as a finished mat of several together. */
export type Readings = Partial<Readonly<Record<Exclude<FactorName, 'bagMass'>, FactorReading>>> & {
	readonly bagMass?: BagMassReading;
	readonly mat?: MatReading;
};

/** The factor that rows woven over a length tell of, in each technique that weaves. */
export type PitchName = 'loomPitch' | 'framePitch' | 'bandPitch';

export interface Swatch {
	readonly stitch: Stitch;
	readonly hookMm: number;
	/** Bulk diameter of the strand it was worked in, mm. */
	readonly bulkDiameterMm: number;
	readonly stitches: number;
	readonly rows: number;
	readonly widthMm: number;
	readonly heightMm: number;
	/** Strand used for it, mm; unknown if not given. */
	readonly strandMm?: number | undefined;
}

/**
 * A crocheted swatch: stitches over a measured width give the stitch width, rows over a measured
 * height the row height; strand used gives the strand a stitch.
 *
 * @throws DomainError where a count or a measure is not above 0
 * @example swatchReadings({ stitch: 'sc', hookMm: 8, bulkDiameterMm: 3.2, stitches: 20, rows: 18, widthMm: 200, heightMm: 190, strandMm: 9000 }) // { stitchWidth: { ratio: 1.0253, cv: 0.04 }, rowHeight: { ratio: 1.2272, cv: 0.04 }, strandPerStitch: { ratio: 0.52083, cv: 0.04 } }
 */
export function swatchReadings(swatch: Swatch): Readings {
	const expected = crochetMat(
		{ widthMm: 1000, lengthMm: 1000 },
		{ kind: 'crochet', stitch: swatch.stitch, hookMm: swatch.hookMm },
		swatch.bulkDiameterMm,
		noFactors
	);
	const across = positive('widthMm', swatch.widthMm) / positive('stitches', swatch.stitches);
	const up = positive('heightMm', swatch.heightMm) / positive('rows', swatch.rows);
	const cv = defaults.swatchSpread.value;
	const wide = across / expected.stitchWidthMm;
	const readings: Readings = {
		stitchWidth: { ratio: wide, cv },
		rowHeight: { ratio: up / expected.rowHeightMm, cv }
	};
	if (swatch.strandMm === undefined) return readings;
	const perStitch = positive('strandMm', swatch.strandMm) / (swatch.stitches * swatch.rows);
	// The craft's strand a stitch goes with the stitch's own width, so that is taken out first.
	const ratio = perStitch / (expected.strandPerStitchMm * wide);
	return { ...readings, strandPerStitch: { ratio, cv } };
}

/**
 * A chain of so many joined pieces, measured at rest, against what the cut should give. @throws DomainError
 *
 * @example chainReadings(40, 16000, 430) // { pieceLength: { ratio: 0.93023, cv: 0.01 } }
 */
export function chainReadings(pieces: number, lengthMm: number, expectedPieceMm: number): Readings {
	const ratio =
		positive('lengthMm', lengthMm) /
		(positive('pieces', pieces) * positive('expectedPieceMm', expectedPieceMm));
	return { pieceLength: { ratio, cv: defaults.chainSpread.value / Math.sqrt(pieces / 10) } };
}

/** What was woven, and what the craft expects of it. */
export interface Woven {
	readonly pitch: PitchName;
	readonly rows: number;
	/** Length over the rows, mm. */
	readonly lengthMm: number;
	readonly expectedPitchMm: number;
	/** Bags woven in, and what a row should take of one; unknown where not given. */
	readonly bags?: number | undefined;
	readonly expectedBagsPerRow?: number | undefined;
	/** Width of a finger-woven band, mm, and what it should be. */
	readonly bandMm?: number | undefined;
	readonly expectedBandMm?: number | undefined;
}

/**
 * Rows woven over a measured length, against the row pitch that was expected. Where the bags were
 * counted, they tell the length of a piece; where a band was measured, its gauge.
 *
 * @throws DomainError where a count or a measure is not above 0
 * @example wovenReadings({ pitch: 'bandPitch', rows: 10, lengthMm: 210, expectedPitchMm: 20, bags: 12, expectedBagsPerRow: 1.1, bandMm: 55, expectedBandMm: 50 }) // { bandPitch: { ratio: 1.05, cv: 0.04 }, pieceLength: { ratio: 0.91667, cv: 0.04 }, bandGauge: { ratio: 1.1, cv: 0.04 } }
 */
export function wovenReadings(woven: Woven): Readings {
	const cv = defaults.swatchSpread.value;
	const over = (measured: string, expected: number, value: number) =>
		positive(measured, value) / positive('expected', expected);
	const rows = positive('rows', woven.rows);
	const { bags, expectedBagsPerRow, bandMm, expectedBandMm } = woven;
	return {
		[woven.pitch]: { ratio: over('lengthMm', rows * woven.expectedPitchMm, woven.lengthMm), cv },
		...(bags !== undefined &&
			expectedBagsPerRow !== undefined && {
				// Fewer bags for the same rows: longer pieces.
				pieceLength: { ratio: 1 / over('bags', rows * expectedBagsPerRow, bags), cv }
			}),
		...(bandMm !== undefined &&
			expectedBandMm !== undefined && {
				bandGauge: { ratio: over('bandMm', expectedBandMm, bandMm), cv }
			})
	};
}

/**
 * A handful weighed against the mass its kind of bag is planned with. @throws DomainError
 *
 * @example handfulReadings(10, 55, bagPresets[0].bag).bagMass // { ratio: 1.0577, cv: 0.018974, bag: { flatWidthMm: 300, gussetMm: 80, bodyMm: 385, handleMm: 150, massG: 5.2 } }
 */
export function handfulReadings(bags: number, massG: number, bag: Bag): Readings {
	const ratio =
		positive('massG', massG) / (positive('bags', bags) * positive('bag.massG', bag.massG));
	return { bagMass: { ratio, cv: defaults.bagMass.cv / Math.sqrt(bags), bag } };
}
