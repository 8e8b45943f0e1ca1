import type { Mat } from '../techniques/technique';
import type { Model } from './model';
import type { Plan } from './types';
import { usualWorkSetup } from './types';
import type { Ball, LaidBalls, Rows } from '../colour/lay-balls';
import { layBalls } from '../colour/lay-balls';

/**
 * How the balls' strand lies in a mat; bands count as rows, each with its share of all the strand.
 *
 * @example rowsOfMat(modelPlan(startingPlan, barePoint).mat).rows // 211
 */
export function rowsOfMat(mat: Mat): Rows {
	switch (mat.kind) {
		case 'crochet':
			return {
				beginningMm: mat.foundationMm,
				rowMm: mat.strandPerRowMm + mat.turnMm,
				rows: mat.rows
			};
		case 'peg-loom':
		case 'twined':
			return { beginningMm: 0, rowMm: mat.strandPerRowMm, rows: mat.rows };
		case 'finger-bands':
			return { beginningMm: 0, rowMm: mat.strandMm / mat.bands, rows: mat.bands };
	}
}

/**
 * Strand on one ball, mm: what its bags gave by the measures the model rests on.
 *
 * @example ballStrandMm(startingPlan, modelPlan(startingPlan, barePoint)) // 35142
 */
export function ballStrandMm(plan: Plan, model: Model): number {
	const worked = model.draws.find(({ role }) => role === 'body' || role === 'weft');
	const perBagMm = worked ? worked.strandMm / worked.bags : model.yield.strandPerBagMm;
	return (plan.work ?? usualWorkSetup).bagsPerBall * perBagMm;
}

/**
 * The balls a plan's mat is worked from: its colours in order, begun again until the mat is done.
 *
 * @example ballsOfPlan({ ...startingPlan, colours: ['blue', 'white'] }, modelPlan(startingPlan, barePoint)).length // 25
 */
export function ballsOfPlan(plan: Plan, model: Model): Ball[] {
	const { beginningMm, rowMm, rows } = rowsOfMat(model.mat);
	const strandMm = ballStrandMm(plan, model);
	const colours = plan.colours?.length ? plan.colours : (['mixed'] as const);
	const count = Math.ceil((beginningMm + rowMm * rows) / strandMm - 1e-9);
	return Array.from({ length: count }, (_, ball) => ({
		colour: colours[ball % colours.length] ?? 'mixed',
		strandMm
	}));
}

/**
 * Where each ball of a plan runs out in its mat.
 *
 * @example layPlanBalls(startingPlan, modelPlan(startingPlan, barePoint)).missingMm // 0
 */
export const layPlanBalls = (plan: Plan, model: Model): LaidBalls =>
	layBalls(ballsOfPlan(plan, model), rowsOfMat(model.mat));
