import { defaults } from '../defaults';
import { positive } from '../domain-error';
import type { Factors } from '../know/factors';
import { noFactors } from '../know/factors';
import type { Rounding } from '../know/rounding';
import { whole } from '../know/rounding';
import type { MadeMat, Target } from '../mat/types';
import type { Panels } from './panels';
import { panelsFor } from './panels';

export interface TwinedTechnique {
	readonly kind: 'twined';
	/** Nail to nail, mm. */
	readonly pitchMm: number;
	/** Cloth strips if not given. */
	readonly warp?: 'cloth' | 'film' | undefined;
	/** Width of the bolt the cloth strips are cut from, mm. */
	readonly clothWidthMm?: number | undefined;
	/** The frame at hand; as large as the mat if not given. */
	readonly frameWidthMm?: number | undefined;
	readonly frameLengthMm?: number | undefined;
}

export interface TwinedMat extends MadeMat {
	readonly kind: 'twined';
	readonly pitchMm: number;
	/** Nails at each end, over all panels. */
	readonly nails: number;
	readonly warpEnds: number;
	/** Continuous warp, tails not counted, mm. */
	readonly warpMm: number;
	/** Cloth to cut the warp from, m; 0 for a film warp. */
	readonly clothM: number;
	readonly rowPitchMm: number;
	readonly strandPerRowMm: number;
	readonly weftStrandMm: number;
	readonly panels: Panels;
	readonly weftDiameterMm: number;
}

/**
 * A mat on a frame with side rods: continuous warp round nails, a pair of weft strands twisting
 * round each warp end and each rod.
 *
 * `N = round(W/p)`, ends `2N`, warp `2N × length`, row pitch `1.75 d`, rows `floor(L / pitch)`,
 * strand a row `2 W × 1.20 + 100`. Panels of a smaller frame are counted together.
 *
 * @param bulkDiameterMm of one weft strand, above 0
 * @throws DomainError
 * @source bench default; cover's definition is argued for in docs/model.md
 */
export function twinedMat(
	target: Target,
	technique: TwinedTechnique,
	bulkDiameterMm: number,
	factors: Factors = noFactors,
	round: Rounding = whole
): TwinedMat {
	const pitchMm = positive('pitchMm', technique.pitchMm);
	const widthMm = positive('widthMm', target.widthMm);
	const lengthMm = positive('lengthMm', target.lengthMm);
	const nails = Math.max(1, round.nearest(widthMm / pitchMm));
	const rowPitchMm =
		defaults.twinedRowPitch.value * positive('bulkDiameterMm', bulkDiameterMm) * factors.framePitch;
	const rows = Math.max(1, round.down(lengthMm / rowPitchMm));
	const panels = panelsFor(target, {
		widthMm: technique.frameWidthMm ?? widthMm,
		lengthMm: technique.frameLengthMm ?? lengthMm
	});
	// Every panel across has row ends of its own.
	const strandPerRowMm =
		2 * widthMm * defaults.twinedTakeUp.value + panels.across * defaults.twinedRowEnds.value;
	const weftStrandMm = rows * strandPerRowMm;
	const warpMm = 2 * nails * lengthMm;
	const isFilm = technique.warp === 'film';
	const clothUsedMm =
		(technique.clothWidthMm ?? defaults.clothWidth.value) - defaults.slitJointTakeUp.value;
	return {
		kind: 'twined',
		pitchMm,
		nails,
		warpEnds: 2 * nails,
		warpMm,
		clothM: isFilm
			? 0
			: ((warpMm / positive('clothWidthMm', clothUsedMm)) * defaults.clothStrip.value) / 1000,
		rowPitchMm,
		strandPerRowMm,
		weftStrandMm,
		panels,
		weftDiameterMm: bulkDiameterMm,
		strandMm: weftStrandMm + (isFilm ? warpMm : 0),
		widthMm,
		lengthMm: rows * rowPitchMm,
		rows,
		cover: (2 * defaults.twinedTakeUp.value * bulkDiameterMm) / rowPitchMm,
		thicknessMm: defaults.matThicknessWoven.value * bulkDiameterMm,
		makeSeconds: rows * 2 * (nails + panels.across) * defaults.twinedCrossing.value
	};
}
