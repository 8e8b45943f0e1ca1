import { defaults } from '../../defaults';
import { positive } from '../../domain-error';
import type { Factors } from '../../factors/factors';
import type { Rounding } from '../../factors/rounding';
import { whole } from '../../factors/rounding';
import type { MadeMat, Target } from '../../mat/made-mat';
import type { Panels } from './panels';
import { panelsFor, panelsOf } from './panels';

export interface TwinedTechnique {
	readonly kind: 'twined';
	/** Nail to nail, mm. */
	readonly pitchMm: number;
	/** Nails at each end of the frame that stands there; as many as the target needs if not given. */
	readonly nails?: number | undefined;
	/** Cloth strips if not given. */
	readonly warp?: 'cloth' | 'film' | undefined;
	/** Width of the bolt the cloth strips are cut from, mm. */
	readonly clothWidthMm?: number | undefined;
	/** The frame at hand; as large as the mat if not given. */
	readonly frameWidthMm?: number | undefined;
	readonly frameLengthMm?: number | undefined;
}

/** One panel as its frame makes it. */
export interface TwinedPanel {
	/** Nails at each end, and how far from each other, mm: evenly over the width. */
	readonly nails: number;
	readonly spacingMm: number;
	readonly rows: number;
	readonly strandPerRowMm: number;
	readonly weftStrandMm: number;
	/** Continuous warp, tails not counted, mm. */
	readonly warpMm: number;
	/** The frame it is made on, mm. */
	readonly frameWidthMm: number;
	readonly frameLengthMm: number;
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
	/** What one panel is made of: the frame is set up by this, panel after panel. */
	readonly panel: TwinedPanel;
	readonly weftDiameterMm: number;
}

/**
 * A mat on a frame with side rods: continuous warp round nails, a pair of weft strands twisting
 * round each warp end and each rod.
 *
 * `N = round(W/p)`, ends `2N`, warp `2N × length`, row pitch `1.75 d`, rows `floor(L / pitch)`,
 * strand a row `2 W × 1.20 + 100`, of each panel; the mat is all of its panels together. A frame that
 * stands there, with its nails, gives the size of a panel: `N × p` by its length.
 *
 * @param bulkDiameterMm of one weft strand, above 0
 * @throws DomainError
 * @source bench default; cover's definition is argued for in docs/model.md
 * @example twinedMat({ widthMm: 850, lengthMm: 1850 }, { kind: 'twined', pitchMm: 14, warp: 'cloth' }, 3.2, noFactors).rows // 330
 */
export function twinedMat(
	target: Target,
	technique: TwinedTechnique,
	bulkDiameterMm: number,
	factors: Factors,
	round: Rounding = whole
): TwinedMat {
	const pitchMm = positive('pitchMm', technique.pitchMm);
	const widthMm = positive('widthMm', target.widthMm);
	const lengthMm = positive('lengthMm', target.lengthMm);
	const rowPitchMm =
		defaults.twinedRowPitch.value * positive('bulkDiameterMm', bulkDiameterMm) * factors.framePitch;
	const { nails: owned } = technique;
	const frame = {
		widthMm: technique.frameWidthMm ?? (owned === undefined ? widthMm : owned * pitchMm),
		lengthMm: technique.frameLengthMm ?? lengthMm
	};
	const panels =
		owned === undefined
			? panelsFor(target, frame)
			: panelsOf(target, { widthMm: owned * pitchMm, lengthMm: frame.lengthMm });
	// All panels are alike, so a mat is what one of them is, so many times.
	const panelNails = owned ?? Math.max(1, round.nearest(panels.widthMm / pitchMm));
	const panelRows = Math.max(1, round.down(panels.lengthMm / rowPitchMm));
	const panelRowMm =
		2 * panels.widthMm * defaults.twinedTakeUp.value + defaults.twinedRowEnds.value;
	const panel: TwinedPanel = {
		nails: panelNails,
		spacingMm: panels.widthMm / panelNails,
		rows: panelRows,
		strandPerRowMm: panelRowMm,
		weftStrandMm: panelRows * panelRowMm,
		warpMm: 2 * panelNails * panels.lengthMm,
		frameWidthMm: frame.widthMm,
		frameLengthMm: frame.lengthMm
	};
	const nails = panelNails * panels.across;
	const rows = panelRows * panels.along;
	const strandPerRowMm = panelRowMm * panels.across;
	const weftStrandMm = rows * strandPerRowMm;
	const warpMm = panel.warpMm * panels.count;
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
		panel,
		weftDiameterMm: bulkDiameterMm,
		strandMm: weftStrandMm + (isFilm ? warpMm : 0),
		widthMm: owned === undefined ? widthMm : panels.widthMm * panels.across,
		lengthMm: rows * rowPitchMm,
		rows,
		cover: (2 * defaults.twinedTakeUp.value * bulkDiameterMm) / rowPitchMm,
		thicknessMm: defaults.matThicknessWoven.value * bulkDiameterMm,
		makeSeconds: rows * 2 * (nails + panels.across) * defaults.twinedCrossing.value
	};
}
