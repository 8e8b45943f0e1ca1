import { kindNearBag, kindOfBag } from '$lib/core/bag/same-bag';
import type { Allocation, Lack, LackedColour, Want } from '$lib/core/store/allocate-store';
import { allocateStore, drawnForms, lacksOf } from '$lib/core/store/allocate-store';
import type { Need } from '$lib/server/need/need';
import { demandLeft } from '$lib/core/store/demand-left';
import type { BegunMat } from '$lib/server/gather/begun-mats';
import type { MatDemand } from '$lib/core/store/mat-demand';
import { matDemand, partOfDemand } from '$lib/core/store/mat-demand';
import type { Bag } from '$lib/core/bag/measure-bag';
import { kindsOfPlan, yieldFor } from '$lib/core/prepare/cuts-of-plan';
import type { Practice } from '$lib/core/practice/practice';
import type { Plan } from '$lib/core/model/types';
import { pointFor } from '$lib/core/model/known-for';
import { planOfShape } from '$lib/stages/plan/document/document';
import type { KindLine } from '$lib/server/gather/kinds';
import type { WantedPlan } from '$lib/server/gather/wanted';
import { cutsOfVersion } from '$lib/server/prepare/cuts-known';
import { ballCutOf } from '$lib/server/prepare/table-plans';
import { whyUnsuited } from '$lib/core/prepare/suits';
import type { CutStock } from './stock';
import { versionKey, type Version } from '$lib/server/plan/version-key';
import { Memo } from '$lib/server/db/cache';

/** A plan of the season: its mats still wanted, what it draws from the store and what it lacks. */
export interface PlanAsked {
	readonly id: string;
	readonly name: string;
	/** The number that was typed on it: a wish beside what places ask for. */
	readonly mats: number;
	readonly begun: number;
	/** Mats still to be begun: for what places ask for, and of the wish. */
	readonly fromAsks: number;
	readonly wish: number;
	readonly kind: string | null;
	/** A kind that its bag nearly fits, where it is of none. */
	readonly near: string | null;
	/** It was removed; what is wanted of it is wanted still. */
	readonly isRemoved: boolean;
	readonly allocation: Allocation;
}

/** What is lacking of a kind in a colour; what of it is to be there by a day, where one presses. */
export interface LackBy extends Lack {
	readonly by: string | null;
	readonly bagsBy: number;
}

/** Balls of a colour to wind for mats that are to be begun, and by when. */
export interface BallsBy {
	readonly colour: LackedColour;
	readonly balls: number;
	readonly by: string | null;
}

export interface SeasonAsks {
	readonly plans: readonly PlanAsked[];
	readonly lacks: readonly LackBy[];
	readonly balls: readonly BallsBy[];
}

interface Read {
	readonly plan: Plan;
	/** What one mat takes of each kind of bag in it, the plan's own first. */
	readonly parts: readonly { readonly bag: Bag; readonly demand: MatDemand }[];
}

const known = new Memo<Read>();
/** A kept plan as it is reckoned with, and what one mat of it takes. */
const readPlan = (
	kept: Pick<WantedPlan, 'id' | 'version' | 'document'>,
	practice: Practice
): Read =>
	known.of(versionKey(kept, practice), () => {
		const plan = planOfShape(kept.document.plan);
		const point = pointFor(plan, practice);
		const demand = matDemand(plan, point);
		const use = plan.technique.kind === 'peg-loom' ? 'weft' : 'strand';
		const parts = kindsOfPlan(plan, point).map(({ bag, bagShare }) => ({
			bag,
			demand: plan.mix
				? partOfDemand(demand, bagShare, yieldFor(plan, bag, use)?.pieces ?? 1)
				: demand
		}));
		return { plan, parts };
	});

/** What several wants of one plan draw and lack, as one. */
const together = (parts: readonly Allocation[]): Allocation => ({
	wanted: parts.reduce((sum, { wanted }) => sum + wanted, 0),
	drawn: parts.reduce((sum, { drawn }) => sum + drawn, 0),
	from: Object.fromEntries(
		drawnForms.map((form) => [form, parts.reduce((sum, { from }) => sum + from[form], 0)])
	) as Allocation['from'],
	lacking: Object.fromEntries(
		[...new Set(parts.flatMap(({ lacking }) => Object.keys(lacking) as LackedColour[]))].map(
			(colour) => [colour, parts.reduce((sum, { lacking }) => sum + (lacking[colour] ?? 0), 0)]
		)
	),
	byColour: {}
});

/**
 * What a plan draws from: bags, what is cut as its own strand is, and for what may be of any colour
 * also what is cut as its warp is. What does not say how it was cut is taken for its own.
 */
function taking(
	version: Version,
	plan: Plan,
	bag: Bag,
	kinds: readonly KindLine[]
): Want<CutStock>['takes'] {
	const worked = ballCutOf(version, plan, kinds, bag);
	const all = worked
		? cutsOfVersion(version, plan, kinds).filter(({ kindId }) => kindId === worked.kindId)
		: [];
	return ({ cut }, colour) =>
		cut === null ||
		(colour === 'any' ? all : all.filter((one) => one === worked)).some(
			(asked) => whyUnsuited(cut, asked.cut) === null
		);
}

/** The earlier of two days, of which null presses least. */
const earlier = (one: string | null, other: string | null): string | null =>
	one === null ? other : other === null ? one : one < other ? one : other;

interface WantBy extends Pick<Want, 'kind' | 'demand'> {
	readonly by: string | null;
	readonly isBegun: boolean;
}

/** What lacks by kind and colour, in the order the wants name them; of it, what the ask of the soonest day lacks. */
const lacksBy = (wants: readonly WantBy[], allocations: readonly Allocation[]): LackBy[] =>
	lacksOf(wants, allocations).map((lack) => {
		const pressing = allocations.flatMap(({ lacking }, at) => {
			const { kind = null, by = null } = wants[at] ?? {};
			const bags = kind === lack.kind ? lacking[lack.colour] : undefined;
			return by !== null && bags !== undefined ? [{ by, bags }] : [];
		});
		// What is asked for the soonest comes first: the first day that is met presses most.
		const by = pressing[0]?.by ?? null;
		const first = pressing.filter((one) => one.by === by);
		return { ...lack, by, bagsBy: first.reduce((sum, { bags }) => sum + bags, 0) };
	});

/** Balls to wind for mats that are to be begun: what is wanted of a colour and in no ball yet. */
function ballsBy(wants: readonly WantBy[], allocations: readonly Allocation[]): BallsBy[] {
	const all: { colour: LackedColour; balls: number; by: string | null }[] = [];
	for (const [at, { byColour }] of allocations.entries()) {
		const want = wants[at];
		if (!want || want.isBegun) continue;
		for (const [colour, { wanted, balled }] of Object.entries(byColour) as [
			LackedColour,
			{ wanted: number; balled: number }
		][]) {
			const balls = (wanted - balled) / want.demand.bagsPerBall;
			if (balls < 1e-6) continue;
			const same = all.find((one) => one.colour === colour);
			if (same) {
				same.balls += balls;
				same.by = earlier(same.by, want.by);
			} else all.push({ colour, balls, by: want.by });
		}
	}
	return all.map((one) => ({ ...one, balls: Math.ceil(one.balls - 1e-6) }));
}

/**
 * Deals the store out to the plans of a season, by the names of the kinds: first to mats that are
 * begun, which ask only for what they lack, then to those that are to be begun for what places ask, the soonest first,
 * then to what is wanted beside.
 */
export function seasonAsks(
	plans: readonly WantedPlan[],
	begun: readonly BegunMat[],
	kinds: readonly KindLine[],
	stock: readonly CutStock[],
	practice: Practice,
	need: Need
): SeasonAsks {
	const reads = plans.map((kept) => readPlan(kept, practice));
	const kindOf = (bag: Bag) => kindOfBag(bag, kinds)?.name ?? null;
	/** Each want beside the plan it belongs to. */
	const asked: (Want<CutStock> & {
		readonly planId: string;
		readonly by: string | null;
		readonly isBegun: boolean;
	})[] = [];
	for (const { planId, version, document, isInHand, given } of begun) {
		if (!isInHand) continue;
		const { plan, parts } = readPlan({ id: planId, version, document }, practice);
		for (const { bag, demand } of parts) {
			const kind = kindOf(bag);
			const takes = taking({ id: planId, version }, plan, bag, kinds);
			const own = given.filter((line) => line.kind === kind);
			asked.push({
				...{ planId, kind, mats: 1, demand: demandLeft(demand, own), takes },
				...{ by: null, isBegun: true }
			});
		}
	}
	const begunOf = (id: string) => begun.filter(({ planId }) => planId === id).length;
	const begin = (id: string, mats: number, by: string | null) => {
		const at = plans.findIndex((plan) => plan.id === id);
		const kept = plans[at];
		if (!kept || mats === 0) return;
		const { plan, parts } = reads[at] as Read;
		for (const { bag, demand } of parts) {
			const takes = taking(kept, plan, bag, kinds);
			asked.push({ planId: id, kind: kindOf(bag), mats, demand, takes, by, isBegun: false });
		}
	};
	const soonest = need.asks.toSorted((one, other) => (one.byDay < other.byDay ? -1 : 1));
	for (const { plan, toBegin, yarnOn, beginBy } of soonest)
		if (plan) begin(plan.id, toBegin, yarnOn ?? beginBy);
	const needOf = (id: string) => need.plans.find((plan) => plan.id === id);
	for (const { id } of plans) begin(id, needOf(id)?.wish ?? 0, null);
	const allocations = allocateStore(stock, asked);
	/** A kind that a bag of the plan nearly fits, where it is of none. */
	const nearOf = (parts: Read['parts']) => {
		const odd = parts.find(({ bag }) => kindOf(bag) === null);
		return (odd && kindNearBag(odd.bag, kinds)?.name) ?? null;
	};
	const namesOf = (parts: Read['parts']) => {
		const names = parts.map(({ bag }) => kindOf(bag));
		return names.includes(null) ? null : names.join(' + ');
	};
	return {
		plans: plans.map(({ id, name, matsWanted, isRemoved }, at): PlanAsked => {
			const { parts } = reads[at] as Read;
			return {
				id,
				name,
				mats: matsWanted,
				isRemoved,
				begun: begunOf(id),
				fromAsks: needOf(id)?.fromAsks ?? 0,
				wish: needOf(id)?.wish ?? 0,
				kind: namesOf(parts),
				near: nearOf(parts),
				allocation: together(allocations.filter((_, nth) => asked[nth]?.planId === id))
			};
		}),
		lacks: lacksBy(asked, allocations),
		balls: ballsBy(asked, allocations)
	};
}
