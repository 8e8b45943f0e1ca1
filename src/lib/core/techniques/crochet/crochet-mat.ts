import { defaults } from '../../defaults';
import { positive } from '../../domain-error';
import type { Factors } from '../../factors/factors';
import type { MadeMat, Target } from '../../mat/made-mat';
import type { Rounding } from '../../factors/rounding';
import { whole } from '../../factors/rounding';
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
 * Size the hook and the strand make together, mm: a hook smaller than the strand does not shrink the stitch in proportion.
 *
 * @example effectiveSizeMm(8, 3.2) // 7.68
 */
export const effectiveSizeMm = (hookMm: number, bulkDiameterMm: number): number =>
	defaults.hookShare.value * hookMm +
	defaults.strandShare.value * defaults.strandSizes.value * bulkDiameterMm;

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
	const relations = stitches[technique.stitch];
	const isLengthwise = technique.direction === 'lengthwise';
	const rowLength = isLengthwise ? target.lengthMm : target.widthMm;
	const acrossRows = isLengthwise ? target.widthMm : target.lengthMm;

	const size = effectiveSizeMm(technique.hookMm, bulkDiameterMm);
	const stitchWidthMm = defaults.stitchWidthPerSize.value * size * factors.stitchWidth;
	const rowHeightMm = relations.rowHeight * size * factors.rowHeight;
	const strandPerStitchMm = stitchWidthMm * relations.strand * factors.strandPerStitch;
	const perRow = Math.max(1, round.nearest(rowLength / stitchWidthMm));
	const rows = Math.max(1, round.nearest(acrossRows / rowHeightMm));
	const foundationMm = defaults.edgeStrand.value * stitchWidthMm * perRow;
	const turnMm = defaults.edgeStrand.value * stitchWidthMm * relations.turningChains;
	const alongRow = perRow * stitchWidthMm;
	const alongRows = rows * rowHeightMm;
	return {
		kind: 'crochet',
		isLengthwise,
		stitchWidthMm,
		rowHeightMm,
		stitches: perRow,
		turningChains: relations.turningChains,
		rows,
		strandPerStitchMm,
		strandPerRowMm: perRow * strandPerStitchMm,
		foundationMm,
		turnMm,
		strandMm: perRow * rows * strandPerStitchMm + foundationMm + rows * turnMm,
		thicknessMm: defaults.matThicknessCrochet.value * bulkDiameterMm,
		makeSeconds: perRow * rows * relations.seconds,
		cover: (strandPerStitchMm * bulkDiameterMm) / (stitchWidthMm * rowHeightMm),
		widthMm: isLengthwise ? alongRows : alongRow,
		lengthMm: isLengthwise ? alongRow : alongRows
	};
}
