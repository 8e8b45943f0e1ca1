import { defaults } from '../../defaults';
import { positive, within } from '../../domain-error';
import type { Factors } from '../../factors/factors';
import type { Rounding } from '../../factors/rounding';
import { whole } from '../../factors/rounding';
import type { MadeMat, Target } from '../../mat/made-mat';
import { countRelations } from '../../factors/count-relations';
import { bandsRelations as relations } from './bands-relations';
import { bulkDiameterMm } from '../../strand/bulk-diameter';

export interface BandsTechnique {
	readonly kind: 'finger-bands';
	/** Strands that run the length of a band: 3 or 4. */
	readonly warpStrands: number;
}

export interface BandsMat extends MadeMat {
	readonly kind: 'finger-bands';
	readonly bands: number;
	readonly warpStrands: number;
	readonly bandWidthMm: number;
	/** Diameter of the strand as loose finger work leaves it, mm. */
	readonly loftyDiameterMm: number;
	readonly warpStrandMm: number;
	readonly weaverStrandMm: number;
	/** Strand in the braided turns between bands, mm. */
	readonly turnStrandMm: number;
	/** Passes of the weaver in one band. */
	readonly rowsPerBand: number;
	readonly strandPerRowMm: number;
}

/**
 * A mat of bands woven with the fingers, each linked into the edge of the one before.
 *
 * @param solidSectionMm2 plastic in the strand, mm², above 0
 * @throws DomainError
 * @source bench default; cover's definition is argued for in docs/model.md
 * @example bandsMat({ widthMm: 850, lengthMm: 1850 }, { kind: 'finger-bands', warpStrands: 3 }, 2.4, noFactors).bands // 26
 */
export function bandsMat(
	target: Target,
	technique: BandsTechnique,
	solidSectionMm2: number,
	factors: Factors,
	round: Rounding = whole
): BandsMat {
	const k = within('warpStrands', technique.warpStrands, { atLeast: 3, atMost: 4, isWhole: true });
	const lengthMm = positive('lengthMm', target.lengthMm);
	const d = bulkDiameterMm(solidSectionMm2, defaults.packingLofty.value);
	const bandWidthMm = relations.bandWidthMm(k, d, factors.bandGauge);
	const bands = countRelations.nearest(positive('widthMm', target.widthMm), bandWidthMm, round);
	const rowPitchMm = relations.rowPitchMm(d, factors.bandPitch);
	const rowsPerBand = relations.rowsPerBand(lengthMm, rowPitchMm);
	const strandPerRowMm = relations.strandPerRowMm(bandWidthMm, d);
	const warpStrandMm = relations.warpStrandMm(k, lengthMm, bands);
	const weaverStrandMm = relations.weaverStrandMm(bands, rowsPerBand, strandPerRowMm);
	const turnStrandMm = relations.turnStrandMm(bands, k, d);
	const strandMm = warpStrandMm + weaverStrandMm + turnStrandMm;
	return {
		kind: 'finger-bands',
		bands,
		warpStrands: k,
		bandWidthMm,
		loftyDiameterMm: d,
		warpStrandMm,
		weaverStrandMm,
		turnStrandMm,
		rowsPerBand,
		strandPerRowMm,
		strandMm,
		widthMm: bands * bandWidthMm,
		lengthMm,
		rows: Math.max(1, Math.round(rowsPerBand)),
		cover: relations.cover(warpStrandMm + weaverStrandMm, d, bands, bandWidthMm, lengthMm),
		thicknessMm: defaults.matThicknessWoven.value * d,
		makeSeconds: relations.makeSeconds(bands, rowsPerBand, k)
	};
}
