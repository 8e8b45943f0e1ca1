import { kindOfBag } from '$lib/core/bag/same-bag';
import type { Plan } from '$lib/core/model/types';
import { usualWorkSetup } from '$lib/core/model/types';
import type { Practice } from '$lib/core/practice/practice';
import { cutsOfPlan } from '$lib/core/prepare/cuts-of-plan';
import type { AskedColour, ByColour } from '$lib/core/prepare/how-far';
import { howFar } from '$lib/core/prepare/how-far';
import { whyUnsuited } from '$lib/core/prepare/suits';
import type { TablePlan } from '$lib/stages/prepare/table-view';
import { planOfShape } from '$lib/stages/plan/document/document';
import type { GroupId } from '$lib/server/base/group-id';
import { listBegunMats } from '$lib/server/gather/begun-mats';
import type { KindLine } from '$lib/server/gather/kinds';
import { listKinds } from '$lib/server/gather/kinds';
import type { WantedPlan } from '$lib/server/gather/wanted';
import { listWantedPlans } from '$lib/server/gather/wanted';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { WorkedOut } from '$lib/server/plan/worked-out';
import { cutOfKind } from './asked-cut';
import type { BallStock } from './ball-stock';
import { listBallStock } from './ball-stock';
import { ballsOfMat } from './balls-of-mat';
import { warpOf } from './load-loom';

/** Plans of the table beside those with mats wanted. */
export const otherPlans = 12;

export interface Read {
	readonly plan: Plan;
	/** Bags' worth of strand in the balls of one mat, by colour. */
	readonly need: ByColour;
	readonly warp: TablePlan['warp'];
}
const known = new WorkedOut<Read>();

export function readPlan(kept: WantedPlan, practice: Practice): Read {
	const before = known.get(kept, practice);
	if (before) return before;
	const plan = planOfShape(kept.document.plan);
	const need: Partial<Record<AskedColour, number>> = {};
	for (const { colour, bags } of ballsOfMat(plan, practice))
		need[colour] = (need[colour] ?? 0) + bags;
	const warp = warpOf(plan, practice);
	return known.set(kept, practice, {
		plan,
		need,
		warp: warp && { ...warp, jammed: warp.jammed.length }
	});
}

/** The use whose strand is wound into balls. */
export const ballUse = (plan: Plan) => (plan.technique.kind === 'peg-loom' ? 'weft' : 'strand');

/** How far the balls go for some plans, one after the other; what one takes is not there for the next. */
function farOf(
	reads: readonly { readonly kept: WantedPlan; readonly read: Read; readonly begun: number }[],
	kinds: readonly KindLine[],
	stock: readonly BallStock[]
): TablePlan['far'][] {
	const left = stock.map(({ kindId, cut, colours, balls }) => ({
		kindId,
		cut,
		colours: colours.map(({ colour, bags }) => ({ colour, bags: bags * balls }))
	}));
	return reads.map(({ kept, read: { plan, need }, begun }) => {
		const kind = kindOfBag(plan.bag, kinds);
		const asked = kind && cutOfKind(plan, kind, kinds, ballUse(plan));
		const suits = left.filter(
			({ kindId, cut }) => asked && kindId === kind.id && whyUnsuited(cut, asked.cut) === null
		);
		const there: Partial<Record<AskedColour, number>> = {};
		for (const { colours } of suits)
			for (const { colour, bags } of colours) there[colour] = (there[colour] ?? 0) + bags;
		const bagsPerBall = (plan.work ?? usualWorkSetup).bagsPerBall;
		const far = howFar(need, there, bagsPerBall, Math.max(0, kept.matsWanted - begun));
		// What these mats take is taken: colours first, then whatever there is.
		for (const [colour, bags] of Object.entries(need)) {
			let open = bags * far.mats;
			for (const one of suits.flatMap(({ colours }) => colours)) {
				if (colour !== 'any' && one.colour !== colour) continue;
				const used = Math.min(open, one.bags);
				one.bags -= used;
				open -= used;
			}
		}
		return far;
	});
}

/** The plans that work is for, as they are reckoned with, and how far the balls go for each. */
export async function tablePlans(groupId: GroupId) {
	const [kinds, wanted, begun, practice, stock] = await Promise.all([
		listKinds(groupId),
		listWantedPlans(groupId, otherPlans),
		listBegunMats(groupId),
		practiceOfGroup(groupId),
		listBallStock(groupId)
	]);
	const reads = wanted.map((kept) => ({
		kept,
		read: readPlan(kept, practice),
		begun: begun.filter(({ planId }) => planId === kept.id).length
	}));
	const fars = farOf(reads, kinds, stock);
	const plans = reads.map(({ kept, read: { plan, warp }, begun: count }, at): TablePlan => ({
		id: kept.id,
		version: kept.version,
		name: kept.name,
		matsWanted: Math.max(0, kept.matsWanted - count),
		bagsPerBall: (plan.work ?? usualWorkSetup).bagsPerBall,
		colours: plan.colours ?? [],
		uses: cutsOfPlan(plan).map(({ use }) => use),
		warp,
		far: fars[at] ?? { mats: 0, lacking: {} }
	}));
	return { plans, reads, kinds, practice };
}
