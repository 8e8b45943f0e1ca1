import type { Bound } from '../domain-error';
import { DomainError, isWithin } from '../domain-error';
import type { PlanPath } from './limits';
import { planLimits } from './limits';
import { modelPlan } from './model';
import type { Plan } from './types';
import { usualSleeperHeightMm, usualWork } from './types';

/** Why a plan cannot be made, as data: where, what kind, and the numbers a sentence needs. */
export type PlanProblem =
	| {
			readonly code: 'out-of-bounds';
			readonly path: PlanPath;
			readonly value: number;
			readonly bound: Bound;
	  }
	| { readonly code: 'one-of-two'; readonly path: 'cut.strip_width_mm' }
	| {
			readonly code: 'trims-take-all';
			readonly path: 'cut.trim_bottom_mm' | 'cut.trim_top_mm';
			readonly bodyMm: number;
			readonly trimsMm: number;
	  }
	| {
			readonly code: 'strip-wider-than-body';
			readonly path: 'cut.strip_width_mm';
			readonly stripMm: number;
			readonly usableMm: number;
	  }
	| {
			readonly code: 'strips-too-narrow';
			readonly path: 'cut.equal_strips';
			readonly stripMm: number;
			readonly leastMm: number;
	  }
	| { readonly code: 'no-length-after-joint'; readonly path: 'bag.flat_width_mm' };

/** The values a plan holds at the paths that have limits; undefined where the plan does not use one. */
function valuesOf(plan: Plan): Record<PlanPath, number | undefined> {
	return {
		'bag.flat_width_mm': plan.bag.flatWidthMm,
		'bag.gusset_mm': plan.bag.gussetMm,
		'bag.body_mm': plan.bag.bodyMm,
		'bag.handle_mm': plan.bag.handleMm,
		'bag.mass_g': plan.bag.massG,
		'cut.equal_strips': plan.cut.equalStrips,
		'cut.strip_width_mm': plan.cut.stripWidthMm,
		'cut.trim_bottom_mm': plan.cut.trimBottomMm,
		'cut.trim_top_mm': plan.cut.trimTopMm,
		'target.width_mm': plan.target.widthMm,
		'target.length_mm': plan.target.lengthMm,
		'technique.hook_mm': plan.technique.hookMm,
		'work.bags_per_ball': (plan.work ?? usualWork).bagsPerBall,
		sleeper_height_mm: plan.sleeperHeightMm ?? usualSleeperHeightMm
	};
}

/**
 * Every reason a plan cannot be made; empty for one that can. First each value by itself, then, if
 * those hold, how they fit each other. A plan with no problems never makes `estimatePlan` throw.
 */
export function planProblems(plan: Plan): PlanProblem[] {
	const problems: PlanProblem[] = [];
	const values = valuesOf(plan);
	for (const path of Object.keys(planLimits) as PlanPath[]) {
		const value = values[path];
		const bound = planLimits[path];
		if (value !== undefined && !isWithin(value, bound))
			problems.push({ code: 'out-of-bounds', path, value, bound });
	}
	return problems.length > 0 ? problems : misfits(plan);
}

function misfits(plan: Plan): PlanProblem[] {
	const { cut, bag } = plan;
	if ((cut.equalStrips === undefined) === (cut.stripWidthMm === undefined)) {
		return [{ code: 'one-of-two', path: 'cut.strip_width_mm' }];
	}
	const trimsMm = cut.trimBottomMm + cut.trimTopMm;
	const usableMm = bag.bodyMm - trimsMm;
	const leastMm = planLimits['cut.strip_width_mm'].atLeast;
	if (usableMm < leastMm) {
		const path = cut.trimTopMm > cut.trimBottomMm ? 'cut.trim_top_mm' : 'cut.trim_bottom_mm';
		return [{ code: 'trims-take-all', path, bodyMm: bag.bodyMm, trimsMm }];
	}
	if (cut.stripWidthMm !== undefined && cut.stripWidthMm > usableMm) {
		return [
			{
				code: 'strip-wider-than-body',
				path: 'cut.strip_width_mm',
				stripMm: cut.stripWidthMm,
				usableMm
			}
		];
	}
	if (cut.equalStrips !== undefined && usableMm / cut.equalStrips < leastMm) {
		return [
			{
				code: 'strips-too-narrow',
				path: 'cut.equal_strips',
				stripMm: usableMm / cut.equalStrips,
				leastMm
			}
		];
	}
	try {
		modelPlan(plan);
	} catch (error) {
		if (error instanceof DomainError)
			return [{ code: 'no-length-after-joint', path: 'bag.flat_width_mm' }];
		throw error;
	}
	return [];
}
