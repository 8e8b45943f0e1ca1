import { pointFor } from '$lib/core/model/known-for';
import { ballsOfPlan, rowsOfMat } from '$lib/core/model/balls-of-plan';
import { modelPlan } from '$lib/core/model/model';
import type { Plan } from '$lib/core/model/types';
import { usualWorkSetup } from '$lib/core/model/types';
import type { BallAsked } from '$lib/core/prepare/cutting-order';
import type { Practice } from '$lib/core/practice/practice';

/** The balls of one mat in the order they are worked, in bags' worth of strand: the last as far as it is used. */
export function ballsOfMat(plan: Plan, practice: Practice): BallAsked[] {
	const model = modelPlan(plan, pointFor(plan, practice));
	const { bagsPerBall } = plan.work ?? usualWorkSetup;
	const { beginningMm, rowMm, rows } = rowsOfMat(model.mat);
	let leftMm = beginningMm + rowMm * rows;
	return ballsOfPlan(plan, model).map(({ colour, strandMm }) => {
		const usedMm = Math.min(strandMm, leftMm);
		leftMm -= usedMm;
		return {
			colour: plan.colours?.length ? colour : 'any',
			bags: (bagsPerBall * usedMm) / strandMm
		};
	});
}
