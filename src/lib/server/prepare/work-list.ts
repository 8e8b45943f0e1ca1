import type { Db } from '$lib/server/db/db';
import { usualJoint } from '$lib/core/cut/joint-for-cut';
import { usualWorkSetup } from '$lib/core/model/types';
import { cuttingStack } from '$lib/core/cut/stack';
import type { BallAsked, Lying } from '$lib/core/prepare/cutting-order';
import { cuttingOrder } from '$lib/core/prepare/cutting-order';
import { whyUnsuited } from '$lib/core/prepare/suits';
import type { ColourName } from '$lib/core/colour/colours';
import type { TablePile } from '$lib/stages/prepare/table-view';
import type { WorkListPlan } from '$lib/server/sheets/work-sheet';
import { ballsOfMat } from './balls-of-mat';
import type { BallStock } from './piles';
import { listPiles, tableBasis } from './piles';
import { ballCutOf, leftOf, tablePlans, type ToBegin } from './table-plans';

/** What lies there for one plan, by colour: what is cut or further only where it suits. */
function lyingFor(
	kindId: string,
	suits: (cut: TablePile['cut']) => boolean,
	piles: readonly TablePile[],
	stock: readonly BallStock[],
	spoiling: number
): Lying[] {
	const by = new Map<ColourName, { done: number; flat: number; bags: number }>();
	const at = (colour: ColourName) => {
		const found = by.get(colour) ?? { done: 0, flat: 0, bags: 0 };
		by.set(colour, found);
		return found;
	};
	for (const { kindId: kind, colour, form, cut, amount } of piles) {
		if (kind !== kindId) continue;
		if (form === 'bag') at(colour).bags += amount;
		else if (form === 'flat') at(colour).flat += amount;
		else if ((form === 'piece' || form === 'strand') && cut && suits(cut))
			at(colour).done += (amount / cut.piecesPerBag) * spoiling;
	}
	for (const { kindId: kind, cut, colours, balls } of stock)
		if (kind === kindId && suits(cut))
			for (const { colour, bags } of colours) at(colour).done += bags * balls * spoiling;
	return [...by].map(([colour, amounts]) => ({ colour, ...amounts }));
}

/**
 * What to cut and join next, for each plan with mats wanted: its next mat's balls in their order. What
 * one plan uses is not there for the next.
 */
export async function workList(db: Db, needed: Promise<ToBegin>): Promise<WorkListPlan[]> {
	const [{ reads, kinds, practice, stock, toBegin }, piles] = await Promise.all([
		tablePlans(db, tableBasis(db), needed),
		listPiles(db)
	]);
	const used = new Map<string, Map<ColourName, Lying>>();
	return reads
		.filter(({ kept }) => leftOf(kept, toBegin) > 0)
		.map(({ kept, read: { plan } }): WorkListPlan => {
			const asked = ballCutOf(kept, plan, kinds);
			const kind = kinds.find(({ id }) => id === asked?.kindId);
			const { bagsPerBall, cuttingTool } = plan.work ?? usualWorkSetup;
			const common = {
				name: kept.name,
				version: kept.version,
				mats: leftOf(kept, toBegin),
				bagsPerBall
			};
			if (!asked || !kind)
				return { ...common, kind: null, cut: null, joint: 'loop', stack: 0, runs: [] };
			const spoiling = 1 / (1 - practice.spoiledShare);
			const before = used.get(kind.id);
			const lying = lyingFor(
				kind.id,
				(cut) => cut !== null && whyUnsuited(cut, asked.cut) === null,
				piles,
				stock,
				spoiling
			).map((one) => {
				// Flat and unflattened bags are the same for every plan: what was dealt out is gone.
				const left = before?.get(one.colour);
				return left ? { ...one, flat: left.flat, bags: left.bags } : one;
			});
			const balls = ballsOfMat(plan, practice).map(({ colour, bags }): BallAsked => ({
				colour,
				bags: bags * spoiling
			}));
			const { runs, left } = cuttingOrder(balls, lying);
			used.set(kind.id, new Map(left.map((one) => [one.colour, one])));
			return {
				...common,
				kind: kind.name,
				cut: asked.cut,
				joint: plan.join?.kind ?? usualJoint(asked.cut.style),
				stack: cuttingStack(plan.bag, plan.cut, cuttingTool, plan.work?.stackBags).bags,
				runs
			};
		});
}
