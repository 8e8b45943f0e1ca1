import type { Cut } from '../cut/types';
import type { Technique } from '../techniques/technique';
import type { PlanPath } from './limits';
import type { Plan } from './types';
import { usualSleeperHeightMm, usualWorkSetup } from './types';

type Values = Partial<Record<PlanPath, number | undefined>>;

function cutValues(at: 'cut' | 'technique.weft_cut', cut: Cut): Values {
	if (cut.style === 'half-bag') return {};
	const trims = {
		[`${at}.trim_bottom_mm`]: cut.trimBottomMm,
		[`${at}.trim_top_mm`]: cut.trimTopMm
	};
	if (cut.style === 'whole-tube') return trims;
	if (cut.style === 'spiral') {
		return {
			...trims,
			[`${at}.strip_width_mm`]: cut.stripWidthMm,
			[`${at}.margin_mm`]: cut.marginMm
		};
	}
	return {
		...trims,
		[`${at}.equal_strips`]: cut.equalStrips,
		[`${at}.strip_width_mm`]: cut.stripWidthMm
	};
}

function techniqueValues(technique: Technique): Values {
	switch (technique.kind) {
		case 'crochet':
			return { 'technique.hook_mm': technique.hookMm };
		case 'peg-loom':
			return {
				'technique.pitch_mm': technique.pitchMm,
				'technique.pegs': technique.pegs,
				'technique.peg_to_peg_mm': technique.pegToPegMm,
				'technique.end_gap_mm': technique.endGapMm,
				...cutValues('technique.weft_cut', technique.weftCut)
			};
		case 'twined':
			return {
				'technique.pitch_mm': technique.pitchMm,
				'technique.nails': technique.nails,
				'technique.cloth_width_mm': technique.clothWidthMm,
				'technique.frame_width_mm': technique.frameWidthMm,
				'technique.frame_length_mm': technique.frameLengthMm
			};
		case 'finger-bands':
			return { 'technique.warp_strands': technique.warpStrands };
	}
}

/**
 * The values a plan holds at the paths that have limits; undefined where the plan does not use one.
 *
 * @example planValues(startingPlan)['technique.hook_mm'] // 8
 */
export const planValues = (plan: Plan): Values => ({
	'bag.flat_width_mm': plan.bag.flatWidthMm,
	'bag.gusset_mm': plan.bag.gussetMm,
	'bag.body_mm': plan.bag.bodyMm,
	'bag.handle_mm': plan.bag.handleMm,
	'bag.mass_g': plan.bag.massG,
	'mix.amount': plan.mix?.amount,
	...cutValues('cut', plan.cut),
	'target.width_mm': plan.target.widthMm,
	'target.length_mm': plan.target.lengthMm,
	...techniqueValues(plan.technique),
	'work.bags_per_ball': (plan.work ?? usualWorkSetup).bagsPerBall,
	'work.stack_bags': plan.work?.stackBags,
	'work.stack_folds': plan.work?.stackFolds,
	'finish.tie_count': plan.finish?.tieCount,
	'finish.tie_length_mm': plan.finish?.tieLengthMm,
	'finish.strap_length_mm': plan.finish?.strapLengthMm,
	sleeper_height_mm: plan.sleeperHeightMm ?? usualSleeperHeightMm
});
