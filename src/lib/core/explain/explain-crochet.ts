import type { CrochetMat, CrochetTechnique } from '../techniques/crochet/crochet-mat';
import { stitches } from '../techniques/crochet/stitches';
import type { Factors } from '../factors/factors';
import { derived, given } from './explain-cut';
import { own } from './own-factor';
import type { Step } from './trail';
import { written } from './written';

/**
 * A crocheted mat.
 *
 * @example crochetSteps(startingPlan.technique, crochetMat(startingPlan.target, startingPlan.technique, 3.2, noFactors), noFactors)[0]?.symbol // 'h'
 */
export function crochetSteps(
	technique: CrochetTechnique,
	mat: CrochetMat,
	factors: Factors
): Step[] {
	const relations = stitches[technique.stitch];
	const wide = own('k_sw', 'ourOwnStitchWidthOverTheCrafts', factors.stitchWidth);
	const high = own('k_rh', 'ourOwnRowHeightOverTheCrafts', factors.rowHeight);
	const uptake = own('k_stitch', 'ourOwnStrandAStitchOverThe', factors.strandPerStitch);
	const [along, across] = mat.isLengthwise ? ['length', 'width'] : ['width', 'length'];
	const chains = written.crochet.edgeChains('stitches', 'rows', relations.turningChains);
	const edge = written.crochet.edgeMm('sw', chains);
	return [
		given('h', 'hook', technique.hookMm, 'mm'),
		...wide.steps,
		...high.steps,
		...uptake.steps,
		derived(
			'e',
			'sizeHookAndStrandMakeTogether',
			mat.sizeMm,
			'mm',
			written.crochet.sizeMm('h', 'd')
		),
		derived(
			'sw',
			'stitchWidth',
			mat.stitchWidthMm,
			'mm',
			written.crochet.stitchWidthMm('e', wide.factor)
		),
		derived(
			'rh',
			'rowHeight',
			mat.rowHeightMm,
			'mm',
			written.crochet.rowHeightMm(relations.rowHeight, 'e', high.factor)
		),
		derived(
			'y',
			'strandAStitch',
			mat.strandPerStitchMm,
			'mm',
			written.crochet.strandPerStitchMm(relations.strand, 'sw', uptake.factor)
		),
		derived(
			'stitches',
			'stitchesARow',
			mat.stitches,
			'stitches',
			written.count.nearest(along, 'sw')
		),
		derived('rows', 'rows', mat.rows, 'rows', written.count.nearest(across, 'rh')),
		derived(
			'strand',
			'strandInTheMatFoundationAndTurns',
			mat.strandMm,
			'mm',
			written.crochet.strandMm('stitches', 'rows', 'y', edge)
		),
		derived('cover', 'cover', mat.cover, '', written.crochet.cover('y', 'd', 'sw', 'rh')),
		derived(
			'make',
			'crochet',
			mat.makeSeconds,
			's',
			written.crochet.makeSeconds('stitches', 'rows', relations.seconds)
		)
	];
}
