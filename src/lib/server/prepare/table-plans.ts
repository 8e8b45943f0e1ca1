import type { Db } from '$lib/server/db/db';
import { kindOfBag } from '$lib/core/bag/same-bag';
import type { Plan } from '$lib/core/model/types';
import { usualWorkSetup } from '$lib/core/model/types';
import type { Practice } from '$lib/core/practice/practice';
import { pointFor } from '$lib/core/model/known-for';
import type { KindOfPlan } from '$lib/core/prepare/cuts-of-plan';
import { cutsOfPlan, kindsOfPlan } from '$lib/core/prepare/cuts-of-plan';
import type { AskedColour, ByColour } from '$lib/core/prepare/how-far';
import { howFar } from '$lib/core/prepare/how-far';
import { whyUnsuited } from '$lib/core/prepare/suits';
import type { TableCut, TablePlan } from '$lib/stages/prepare/table-view';
import type { KindLine } from '$lib/server/gather/kinds';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { outOfPlans } from '$lib/server/plan/plans-now';
import type { Version } from '$lib/server/plan/version-key';
import { Memo } from '$lib/server/db/cache';
import { cutsOfVersion } from './cuts-known';
import type { BallStock, TableBasis } from './piles';
import type { PlanInWork } from './plans-in-work';
import { ballsOfMat } from './balls-of-mat';
import { warpOf } from './load-loom';

interface Read {
	readonly plan: Plan;
	/** Its kinds of bag, and what part of the bags each is. */
	readonly kinds: readonly KindOfPlan[];
	/** Bags' worth of strand in the balls of one mat, by colour. */
	readonly need: ByColour;
	readonly warp: TablePlan['warp'];
}
const reading = new Memo<Read>();

function readPlan(plan: Plan, practice: Practice): Read {
	const need: Partial<Record<AskedColour, number>> = {};
	for (const { colour, bags } of ballsOfMat(plan, practice))
		need[colour] = (need[colour] ?? 0) + bags;
	const warp = warpOf(plan, practice);
	const kinds = kindsOfPlan(plan, pointFor(plan, practice));
	return { plan, kinds, need, warp: warp && { ...warp, jammed: warp.jammed.length } };
}

/**
 * How the strand in a plan's balls is cut, of its own kind of bag or of a further one: a loom's balls are
 * its weft. Null where the bag is none of the kinds there are, or cannot be cut so.
 */
export function ballCutOf(
	version: Version,
	plan: Plan,
	kinds: readonly KindLine[],
	bag = plan.bag
): TableCut | null {
	const kind = kindOfBag(bag, kinds);
	const asked = plan.technique.kind === 'peg-loom' ? 'weft' : 'strand';
	const cuts = kind ? cutsOfVersion(version, plan, kinds) : [];
	return cuts.find(({ kindId, use }) => kindId === kind?.id && use === asked) ?? null;
}

/** How far the balls go for some plans, one after the other; what one takes is not there for the next. */
function farOf(
	reads: readonly { readonly kept: PlanInWork; readonly read: Read }[],
	kinds: readonly KindLine[],
	stock: readonly BallStock[],
	toBegin: ToBegin
): TablePlan['far'][] {
	const left = stock.map(({ kindId, cut, colours, balls }) => ({
		kindId,
		cut,
		colours: colours.map(({ colour, bags }) => ({ colour, bags: bags * balls }))
	}));
	/** What one kind of a plan gets, in its part of what is needed; a mat takes its part of each. */
	const farOfKind = (
		kept: PlanInWork,
		{ plan, need: whole }: Read,
		{ bag, bagShare }: KindOfPlan
	): TablePlan['far'] => {
		const need = Object.fromEntries(
			Object.entries(whole).map(([colour, bags]) => [colour, bags * bagShare])
		) as ByColour;
		const asked = ballCutOf(kept, plan, kinds, bag);
		const suits = left.filter(
			({ kindId, cut }) => kindId === asked?.kindId && whyUnsuited(cut, asked.cut) === null
		);
		const there: Partial<Record<AskedColour, number>> = {};
		for (const { colours } of suits)
			for (const { colour, bags } of colours) there[colour] = (there[colour] ?? 0) + bags;
		const bagsPerBall = (plan.work ?? usualWorkSetup).bagsPerBall;
		const far = howFar(need, there, bagsPerBall, leftOf(kept, toBegin));
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
	};
	return reads.map(({ kept, read }) => {
		const fars = read.kinds.map((kind) => farOfKind(kept, read, kind));
		const lacking: Partial<Record<AskedColour, number>> = {};
		for (const far of fars)
			for (const [colour, bags] of Object.entries(far.lacking) as [AskedColour, number][])
				lacking[colour] = (lacking[colour] ?? 0) + bags;
		return { mats: Math.min(...fars.map(({ mats }) => mats)), lacking };
	});
}

/** Mats that are to be begun by each plan, by its id. */
export type ToBegin = ReadonlyMap<string, number>;

/** Mats of a plan that are to be begun: for what is asked, and what is wanted beside it. */
export const leftOf = ({ id }: Pick<PlanInWork, 'id'>, toBegin: ToBegin): number =>
	toBegin.get(id) ?? 0;

/** The plans that work is for, as they are reckoned with. */
export async function plansRead(db: Db, asked: Promise<TableBasis>) {
	const [{ kinds, plans: wanted, stock }, practice] = await Promise.all([
		asked,
		practiceOfGroup(db)
	]);
	const known = await outOfPlans(db, wanted, practice, reading, (plan) => readPlan(plan, practice));
	// Deleted between the two questions: it is worked for no more.
	const reads = wanted.flatMap((kept) => {
		const read = known.get(kept.id);
		return read ? [{ kept, read }] : [];
	});
	return { reads, kinds, practice, stock };
}

/** The plans that work is for, as they are reckoned with, and how far the balls go for each. */
export async function tablePlans(db: Db, asked: Promise<TableBasis>, needed: Promise<ToBegin>) {
	const [{ reads, kinds, practice, stock }, toBegin] = await Promise.all([
		plansRead(db, asked),
		needed
	]);
	const fars = farOf(reads, kinds, stock, toBegin);
	const plans = reads.map(({ kept, read: { plan, warp } }, at): TablePlan => ({
		id: kept.id,
		version: kept.version,
		name: kept.name,
		matsWanted: leftOf(kept, toBegin),
		bagsPerBall: (plan.work ?? usualWorkSetup).bagsPerBall,
		uses: cutsOfPlan(plan).map(({ use }) => use),
		warp,
		far: fars[at] ?? { mats: 0, lacking: {} }
	}));
	return { plans, reads, kinds, practice, stock, toBegin };
}
