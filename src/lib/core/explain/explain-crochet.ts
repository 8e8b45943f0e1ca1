import type { CrochetMat, CrochetTechnique } from '../techniques/crochet/crochet-mat';
import { stitches } from '../techniques/crochet/stitches';
import { defaults } from '../defaults';
import type { Factors } from '../factors/factors';
import { derived, given } from './explain-cut';
import { own } from './own-factor';
import type { Step } from './trail';

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
	const size = mat.stitchWidthMm / defaults.stitchWidthPerSize.value / factors.stitchWidth;
	return [
		given('h', 'hook', technique.hookMm, 'mm'),
		...wide.steps,
		...high.steps,
		...uptake.steps,
		derived('e', 'size hook and strand make together', size, 'mm', '0.75 * h + 0.25 * 2.1 * d'),
		derived('sw', 'stitch width', mat.stitchWidthMm, 'mm', `1.27 * e${wide.times}`),
		derived('rh', 'row height', mat.rowHeightMm, 'mm', `${relations.rowHeight} * e${high.times}`),
		derived(
			'y',
			'strand a stitch',
			mat.strandPerStitchMm,
			'mm',
			`${relations.strand} * sw${uptake.times}`
		),
		derived('stitches', 'stitches a row', mat.stitches, 'stitches', `max(1, round(${along} / sw))`),
		derived('rows', 'rows', mat.rows, 'rows', `max(1, round(${across} / rh))`),
		derived(
			'strand',
			'strand in the mat, foundation and turns with it',
			mat.strandMm,
			'mm',
			`stitches * rows * y + 3.2 * sw * (stitches + rows * ${relations.turningChains})`
		),
		derived('cover', 'cover', mat.cover, '', 'y * d / (sw * rh)'),
		derived('make', 'crochet', mat.makeSeconds, 's', `stitches * rows * ${relations.seconds}`)
	];
}
