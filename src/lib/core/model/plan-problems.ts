import type { Bag } from '../bag/measure-bag';
import { cutBag } from '../cut/cut-bag';
import type { Cut } from '../cut/types';
import type { Bound } from '../domain-error';
import { ifInDomain, isWithin } from '../domain-error';
import { likeCut } from '../kinds/like-cut';
import { isJointFor } from '../cut/joint-for-cut';
import { barePoint } from '../practice/practice';
import type { PlanPath } from './limits';
import { planLimits } from './limits';
import { modelPlan } from './model';
import { planValues } from './plan-values';
import type { Plan } from './types';

/** Why a plan cannot be made, as data: where, what kind, and the numbers a sentence needs. */
export type PlanProblem =
	| {
			readonly code: 'out-of-bounds';
			readonly path: PlanPath;
			readonly value: number;
			readonly bound: Bound;
	  }
	| { readonly code: 'one-of-two'; readonly path: PlanPath }
	| {
			readonly code: 'trims-take-all';
			readonly path: PlanPath;
			readonly bodyMm: number;
			readonly trimsMm: number;
	  }
	| {
			readonly code: 'strip-wider-than-body' | 'spiral-too-wide';
			readonly path: PlanPath;
			readonly stripMm: number;
			readonly usableMm: number;
	  }
	| {
			readonly code: 'strips-too-narrow';
			readonly path: PlanPath;
			readonly stripMm: number;
			readonly leastMm: number;
	  }
	| { readonly code: 'kind-not-cut'; readonly path: 'mix.amount'; readonly nth: number }
	| { readonly code: 'joint-not-for-cut'; readonly path: 'join.kind' }
	| { readonly code: 'no-length-after-joint'; readonly path: 'bag.flat_width_mm' };

/** A ring that a somewhat heavier film would lose in its own knot is no ring to plan on. */
const heavierBags = { ...barePoint, factors: { ...barePoint.factors, bagMass: 1.5 } };

/**
 * Every reason a plan cannot be made; empty for one that can. First each value by itself, then, if
 * those hold, how they fit each other. A plan with no problems never makes `estimatePlan` throw.
 * @example planProblems({ ...startingPlan, target: { widthMm: 50, lengthMm: 1850 } }) // [{ code: 'out-of-bounds', path: 'target.width_mm', value: 50, bound: { atLeast: 100, atMost: 4000 } }]
 */
export function planProblems(plan: Plan): PlanProblem[] {
	const problems: PlanProblem[] = [];
	for (const [key, value] of Object.entries(planValues(plan))) {
		const path = key as PlanPath;
		const bound: Bound = planLimits[path];
		if (value !== undefined && !isWithin(value, bound))
			problems.push({ code: 'out-of-bounds', path, value, bound });
	}
	return problems.length > 0 ? problems : misfits(plan);
}

function misfits(plan: Plan): PlanProblem[] {
	const problems = cutMisfits('cut', plan.cut, plan.bag.bodyMm);
	if (plan.technique.kind === 'peg-loom') {
		problems.push(...cutMisfits('technique.weft_cut', plan.technique.weftCut, plan.bag.bodyMm));
	}
	if (plan.join && !isJointFor(plan.join.kind, plan.cut.style)) {
		problems.push({ code: 'joint-not-for-cut', path: 'join.kind' });
	}
	if (problems.length > 0) return problems;
	for (const [nth, { bag, amount }] of (plan.mix?.also ?? []).entries()) {
		if (!isWithin(amount, planLimits['mix.amount']) || !canBeCut(plan, bag))
			problems.push({ code: 'kind-not-cut', path: 'mix.amount', nth });
	}
	if (problems.length > 0) return problems;
	return ifInDomain(() => modelPlan(plan, heavierBags))
		? []
		: [{ code: 'no-length-after-joint', path: 'bag.flat_width_mm' }];
}

/** Whether a further kind of bag can be cut so that its strand is like that of the plan's own. */
function canBeCut({ bag: own, cut, technique, join }: Plan, bag: Bag): boolean {
	const heavy = { ...bag, massG: bag.massG * heavierBags.factors.bagMass };
	const cuts = technique.kind === 'peg-loom' ? [cut, technique.weftCut] : [cut];
	return cuts.every((like) =>
		ifInDomain(() =>
			likeCut(heavy, like, cutBag(own, like).solidSectionMm2, like === cut ? join : undefined)
		)
	);
}

function cutMisfits(at: 'cut' | 'technique.weft_cut', cut: Cut, bodyMm: number): PlanProblem[] {
	if (cut.style === 'half-bag') return [];
	const isTopCut = cut.style !== 'whole-tube' || cut.handles !== 'kept';
	const trimTopMm = isTopCut ? cut.trimTopMm : 0;
	const trimsMm = cut.trimBottomMm + trimTopMm;
	const usableMm = bodyMm - trimsMm;
	const leastMm = planLimits[`${at}.strip_width_mm`].atLeast;
	if (usableMm < leastMm) {
		const path = trimTopMm > cut.trimBottomMm ? 'trim_top_mm' : 'trim_bottom_mm';
		return [{ code: 'trims-take-all', path: `${at}.${path}`, bodyMm, trimsMm }];
	}
	if (cut.style === 'whole-tube') return [];
	const path = `${at}.strip_width_mm` as const;
	const stripMm = cut.stripWidthMm;
	if (cut.style === 'spiral') {
		if (cut.stripWidthMm * 2 <= usableMm) return [];
		return [{ code: 'spiral-too-wide', path, stripMm: cut.stripWidthMm, usableMm }];
	}
	if ((cut.equalStrips === undefined) === (stripMm === undefined)) {
		return [{ code: 'one-of-two', path }];
	}
	if (stripMm !== undefined && stripMm > usableMm) {
		return [{ code: 'strip-wider-than-body', path, stripMm, usableMm }];
	}
	if (cut.equalStrips !== undefined && usableMm / cut.equalStrips < leastMm) {
		return [
			{
				code: 'strips-too-narrow',
				path: `${at}.equal_strips`,
				stripMm: usableMm / cut.equalStrips,
				leastMm
			}
		];
	}
	return [];
}
