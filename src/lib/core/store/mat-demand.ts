import { ballsOfPlan, rowsOfMat } from '../model/balls-of-plan';
import type { ColourName } from '../colour/colours';
import type { PracticePoint } from '../practice/practice';
import { sumOf } from '../model/material-use';
import { modelPlan } from '../model/model';
import type { Plan } from '../model/types';
import { usualWorkSetup } from '../model/types';

/** What one mat of a plan takes from the store, in bags to prepare, spoiled ones among them. */
export interface MatDemand {
	readonly bags: number;
	/** Of `bags`, those that must be of a colour: its balls in the order of the plan. */
	readonly byColour: Partial<Readonly<Record<ColourName, number>>>;
	/** Of `bags`, those of any colour: warp, ties, and all of them where the plan names no colour. */
	readonly ofAnyColour: number;
	/** Bags to prepare that one ball of the plan's own size stands for, and one piece of its own cut. */
	readonly bagsPerBall: number;
	readonly bagsPerPiece: number;
	/** Bags to prepare for one bag's worth of good strand, 1 or more: some is spoiled on the way. */
	readonly bagsPerGood: number;
}

/**
 * The part of a mat's demand that falls to one of several kinds of bag.
 *
 * @param share of the bags, 0 to 1
 * @param pieces a bag of the kind gives
 * @example partOfDemand({ bags: 50, byColour: { blue: 20 }, ofAnyColour: 30, bagsPerBall: 20, bagsPerPiece: 0.25, bagsPerGood: 1.25 }, 0.5, 10) // { bags: 25, byColour: { blue: 10 }, ofAnyColour: 15, bagsPerBall: 20, bagsPerPiece: 0.125, bagsPerGood: 1.25 }
 */
export const partOfDemand = (demand: MatDemand, share: number, pieces: number): MatDemand => ({
	...demand,
	bags: demand.bags * share,
	byColour: Object.fromEntries(
		Object.entries(demand.byColour).map(([colour, bags]) => [colour, bags * share])
	),
	ofAnyColour: demand.ofAnyColour * share,
	bagsPerPiece: demand.bagsPerGood / pieces
});

/**
 * The bags one mat asks of the store, by colour. A colour's share is the strand of its balls, the
 * last ball counted as far as it is used.
 *
 * @throws DomainError where the plan cannot be made
 * @example matDemand(startingPlan, barePoint).ofAnyColour // 548.92
 */
export function matDemand(plan: Plan, middle: PracticePoint): MatDemand {
	const model = modelPlan(plan, middle);
	const spoiling = 1 / (1 - middle.spoiledShare);
	const byColour: Partial<Record<ColourName, number>> = {};
	let coloured = 0;
	if (plan.colours?.length) {
		const worked = model.draws.filter(({ role }) => role === 'body' || role === 'weft');
		coloured = sumOf(worked, ({ bags }) => bags) * spoiling;
		const { beginningMm, rowMm, rows } = rowsOfMat(model.mat);
		const allMm = beginningMm + rowMm * rows;
		let leftMm = allMm;
		for (const { colour, strandMm } of ballsOfPlan(plan, model)) {
			const usedMm = Math.min(strandMm, leftMm);
			leftMm -= usedMm;
			byColour[colour] = (byColour[colour] ?? 0) + (coloured * usedMm) / allMm;
		}
	}
	const cut = model.weftYield ?? model.yield;
	return {
		bags: model.toPrepare,
		byColour,
		ofAnyColour: Math.max(0, model.toPrepare - coloured),
		bagsPerBall: (plan.work ?? usualWorkSetup).bagsPerBall * spoiling,
		bagsPerPiece: spoiling / cut.pieces,
		bagsPerGood: spoiling
	};
}
