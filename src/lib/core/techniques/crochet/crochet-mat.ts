import { defaults } from '../../defaults';
import { positive } from '../../domain-error';
import type { Factors } from '../../factors/factors';
import type { MadeMat, Target } from '../../mat/made-mat';
import type { Rounding } from '../../factors/rounding';
import { whole } from '../../factors/rounding';
import { countRelations } from '../../factors/count-relations';
import { crochetRelations as relations } from './crochet-relations';
import type { Stitch } from './stitches';
import { stitches } from './stitches';

export interface CrochetTechnique {
	readonly kind: 'crochet';
	readonly stitch: Stitch;
	readonly hookMm: number;
	/** Hooks that are there, mm: what is advised is one of them; any in common use if not given. */
	readonly hooksMm?: readonly number[] | undefined;
	/** Rows of the short side (across), or rows as long as the sleeper (lengthwise). Across if not given. */
	readonly direction?: 'across' | 'lengthwise' | undefined;
}

export interface CrochetMat extends MadeMat {
	readonly kind: 'crochet';
	readonly isLengthwise: boolean;
	/** Size that hook and strand make together, mm. */
	readonly sizeMm: number;
	readonly stitchWidthMm: number;
	readonly rowHeightMm: number;
	/** Stitches in one row. */
	readonly stitches: number;
	/** Chains that turn a row, and that the foundation has beside those for its stitches. */
	readonly turningChains: 1 | 2 | 3;
	/** Strand in one stitch, mm. */
	readonly strandPerStitchMm: number;
	/** Strand in one row of stitches, mm, its turn not counted. */
	readonly strandPerRowMm: number;
	/** Strand in the foundation chain and in the turn of one row, mm. */
	readonly foundationMm: number;
	readonly turnMm: number;
}

/**
 * A crocheted mat: stitches, rows, strand and cover, from the hook and the strand.
 *
 * @param target size wanted, mm, both above 0
 * @param bulkDiameterMm of the working strand, above 0
 * @param factors what the group has measured, as multipliers; one where it has not
 * @param round how counts become whole; identity while spreads are propagated
 * @throws DomainError
 * @source bench default for every coefficient
 * @example crochetMat({ widthMm: 850, lengthMm: 1850 }, { kind: 'crochet', stitch: 'sc', hookMm: 8 }, 3.2, noFactors).rows // 215
 */
export function crochetMat(
	target: Target,
	technique: CrochetTechnique,
	bulkDiameterMm: number,
	factors: Factors,
	round: Rounding = whole
): CrochetMat {
	positive('widthMm', target.widthMm);
	positive('lengthMm', target.lengthMm);
	positive('hookMm', technique.hookMm);
	positive('bulkDiameterMm', bulkDiameterMm);
	const stitch = stitches[technique.stitch];
	const isLengthwise = technique.direction === 'lengthwise';
	const rowLength = isLengthwise ? target.lengthMm : target.widthMm;
	const acrossRows = isLengthwise ? target.widthMm : target.lengthMm;

	const sizeMm = relations.sizeMm(technique.hookMm, bulkDiameterMm);
	const stitchWidthMm = relations.stitchWidthMm(sizeMm, factors.stitchWidth);
	const rowHeightMm = relations.rowHeightMm(stitch.rowHeight, sizeMm, factors.rowHeight);
	const strandPerStitchMm = relations.strandPerStitchMm(
		stitch.strand,
		stitchWidthMm,
		factors.strandPerStitch
	);
	const perRow = countRelations.nearest(rowLength, stitchWidthMm, round);
	const rows = countRelations.nearest(acrossRows, rowHeightMm, round);
	const chains = relations.edgeChains(perRow, rows, stitch.turningChains);
	const edgeMm = relations.edgeMm(stitchWidthMm, chains);
	const alongRow = perRow * stitchWidthMm;
	const alongRows = rows * rowHeightMm;
	return {
		kind: 'crochet',
		isLengthwise,
		sizeMm,
		stitchWidthMm,
		rowHeightMm,
		stitches: perRow,
		turningChains: stitch.turningChains,
		rows,
		strandPerStitchMm,
		strandPerRowMm: perRow * strandPerStitchMm,
		foundationMm: relations.edgeMm(stitchWidthMm, perRow),
		turnMm: relations.edgeMm(stitchWidthMm, stitch.turningChains),
		strandMm: relations.strandMm(perRow, rows, strandPerStitchMm, edgeMm),
		thicknessMm: defaults.matThicknessCrochet.value * bulkDiameterMm,
		makeSeconds: relations.makeSeconds(perRow, rows, stitch.seconds),
		cover: relations.cover(strandPerStitchMm, bulkDiameterMm, stitchWidthMm, rowHeightMm),
		widthMm: isLengthwise ? alongRows : alongRow,
		lengthMm: isLengthwise ? alongRow : alongRows
	};
}
