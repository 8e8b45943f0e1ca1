import { defaults } from '../../defaults';
import { positive } from '../../domain-error';
import type { Factors } from '../../factors/factors';
import type { Rounding } from '../../factors/rounding';
import { whole } from '../../factors/rounding';
import type { MadeMat, Target } from '../../mat/made-mat';
import { countRelations } from '../../factors/count-relations';
import { twinedRelations as relations } from './twined-relations';
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
 * The mat is all of its panels together. A frame that stands there, with its nails, gives the size
 * of a panel.
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
	const rowPitchMm = relations.rowPitchMm(
		positive('bulkDiameterMm', bulkDiameterMm),
		factors.framePitch
	);
	const { nails: owned } = technique;
	const frame = {
		widthMm:
			technique.frameWidthMm ??
			(owned === undefined ? widthMm : relations.ownedWidthMm(owned, pitchMm)),
		lengthMm: technique.frameLengthMm ?? lengthMm
	};
	const panels =
		owned === undefined
			? panelsFor(target, frame)
			: panelsOf(target, {
					widthMm: relations.ownedWidthMm(owned, pitchMm),
					lengthMm: frame.lengthMm
				});
	// All panels are alike, so a mat is what one of them is, so many times.
	const panelNails = owned ?? countRelations.nearest(panels.widthMm, pitchMm, round);
	const panelRows = countRelations.within(panels.lengthMm, rowPitchMm, round);
	const panelRowMm = relations.strandPerRowMm(panels.widthMm, 1);
	const panel: TwinedPanel = {
		nails: panelNails,
		spacingMm: panels.widthMm / panelNails,
		rows: panelRows,
		strandPerRowMm: panelRowMm,
		weftStrandMm: relations.weftStrandMm(panelRows, panelRowMm),
		warpMm: relations.warpMm(panelNails, panels.lengthMm),
		frameWidthMm: frame.widthMm,
		frameLengthMm: frame.lengthMm
	};
	const nails = relations.ofPanels(panels.across, panelNails);
	const rows = relations.ofPanels(panels.along, panelRows);
	const strandPerRowMm = relations.ofPanels(panels.across, panelRowMm);
	const weftStrandMm = relations.weftStrandMm(rows, strandPerRowMm);
	const warpMm = panel.warpMm * panels.count;
	const isFilm = technique.warp === 'film';
	const boltMm = technique.clothWidthMm ?? defaults.clothWidth.value;
	if (!isFilm) positive('clothWidthMm', boltMm - defaults.slitJointTakeUp.value);
	return {
		kind: 'twined',
		pitchMm,
		nails,
		warpEnds: 2 * nails,
		warpMm,
		clothM: isFilm ? 0 : relations.clothM(warpMm, boltMm),
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
		cover: relations.cover(bulkDiameterMm, rowPitchMm),
		thicknessMm: defaults.matThicknessWoven.value * bulkDiameterMm,
		makeSeconds: relations.makeSeconds(rows, nails, panels.across)
	};
}
