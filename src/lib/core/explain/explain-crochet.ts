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
	const wide = own('k_sw', 'our own stitch width, over the craft’s', factors.stitchWidth);
	const high = own('k_rh', 'our own row height, over the craft’s', factors.rowHeight);
	const uptake = own(
		'k_stitch',
		'our own strand a stitch, over the craft’s',
		factors.strandPerStitch
	);
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
			'size hook and strand make together',
			mat.sizeMm,
			'mm',
			written.crochet.sizeMm('h', 'd')
		),
		derived(
			'sw',
			'stitch width',
			mat.stitchWidthMm,
			'mm',
			written.crochet.stitchWidthMm('e', wide.factor)
		),
		derived(
			'rh',
			'row height',
			mat.rowHeightMm,
			'mm',
			written.crochet.rowHeightMm(relations.rowHeight, 'e', high.factor)
		),
		derived(
			'y',
			'strand a stitch',
			mat.strandPerStitchMm,
			'mm',
			written.crochet.strandPerStitchMm(relations.strand, 'sw', uptake.factor)
		),
		derived(
			'stitches',
			'stitches a row',
			mat.stitches,
			'stitches',
			written.count.nearest(along, 'sw')
		),
		derived('rows', 'rows', mat.rows, 'rows', written.count.nearest(across, 'rh')),
		derived(
			'strand',
			'strand in the mat, foundation and turns with it',
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
