import type { CrochetTechnique } from '../techniques/crochet/crochet-mat';
import type { Factors } from '../factors/factors';
import type { Model } from '../model/model';
import type { Plan } from '../model/types';
import { bandSteps } from './explain-bands';
import { crochetSteps } from './explain-crochet';
import { given } from './explain-cut';
import { frameSteps } from './explain-frame';
import { loomSteps } from './explain-loom';
import type { Step } from './trail';

/**
 * From the strand to the mat. The last symbols are `strand` (mm of film strand), `cover` and `make` (s).
 *
 * @example explainMat(startingPlan, modelPlan(startingPlan, barePoint), noFactors).length // 12
 */
export function explainMat(plan: Plan, model: Model, factors: Factors): Step[] {
	const size = [
		given('width', 'widthWanted', plan.target.widthMm, 'mm'),
		given('length', 'lengthWanted', plan.target.lengthMm, 'mm')
	];
	return [...size, ...matSteps(plan, model, factors)];
}

function matSteps(plan: Plan, model: Model, factors: Factors): Step[] {
	const { mat } = model;
	switch (mat.kind) {
		case 'crochet':
			return crochetSteps(plan.technique as CrochetTechnique, mat, factors);
		case 'peg-loom':
			return loomSteps(plan, mat, factors);
		case 'twined':
			return frameSteps(plan, mat, factors);
		case 'finger-bands':
			return bandSteps(model, mat, factors);
	}
}
