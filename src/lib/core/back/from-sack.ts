import type { Bag } from '../bag/measure-bag';
import { cutBag } from '../cut/cut-bag';
import { defaults } from '../defaults';
import { ifInDomain, within } from '../domain-error';
import type { KindVerdict, LikeCut } from '../kinds/like-cut';
import { likeCut } from '../kinds/like-cut';
import { thicknessCv } from '../kinds/mixed-yield';
import { mostAlso } from '../model/limits';
import { pointFor } from '../model/known-for';
import type { Model } from '../model/model';
import { modelPlan } from '../model/model';
import { planProblems } from '../model/plan-problems';
import type { Plan } from '../model/types';
import type { Practice } from '../practice/practice';
import { intentOf } from '../techniques/crochet/hook-intents';
import { nearestHookMm } from '../techniques/crochet/hooks';

/** Sorted bags of one kind in a sack. */
export interface SackKind {
	readonly name: string;
	readonly bag: Bag;
	/** 0 or more. */
	readonly count: number;
}

/** Why a kind of a sack is kept apart. */
export type ApartWhy = 'thicker' | 'thinner' | 'not-cut' | 'too-many-kinds';

export interface SackAnswer {
	/** The plan with all kinds that go together, by their counts; null where no mat can be made of any. */
	readonly plan: Plan | null;
	readonly model: Model | null;
	/** Mats it gives, a begun one as its part. */
	readonly mats: number;
	/** Kinds in it, the plan's own first. */
	readonly together: readonly { readonly name: string; readonly verdict: KindVerdict }[];
	readonly apart: readonly {
		readonly name: string;
		readonly count: number;
		readonly why: ApartWhy;
		/** How much thicker or thinner its strand would be, as a share; 0 where it cannot be cut. */
		readonly by: number;
	}[];
	/** What leaving a kind out would change: mats then, and how evenly thick the strand is, as a spread. */
	readonly without: readonly {
		readonly name: string;
		readonly mats: number;
		readonly thicknessCv: number;
	}[];
	/** The spread of thickness of all of them together. */
	readonly thicknessCv: number;
}

/** Kinds a sack may hold. */
export const sackLimits = {
	kinds: { atLeast: 1, atMost: 12, isWhole: true },
	count: { atLeast: 0, atMost: 1_000_000 }
} as const;

interface Cut extends SackKind {
	readonly like: LikeCut | null;
}

/** Each kind cut so that its strand is like one of a section; null where it cannot be. */
const cutAll = (kinds: readonly SackKind[], plan: Plan, sectionMm2: number): Cut[] =>
	kinds.map((kind) => ({
		...kind,
		like: ifInDomain(() => likeCut(kind.bag, plan.cut, sectionMm2))
	}));

interface Tried {
	readonly plan: Plan;
	readonly model: Model;
	readonly mats: number;
	readonly kinds: readonly (Cut & { readonly like: LikeCut })[];
}

/** The mat of some kinds, by all their bags. */
function tryKinds(
	kinds: readonly (Cut & { readonly like: LikeCut })[],
	plan: Plan,
	practice: Practice
): Tried | null {
	// The kind nearest to the aim stands for all; the others are cut like it.
	const sorted = kinds.toSorted(
		(one, other) =>
			Math.abs(one.like.sectionOff) - Math.abs(other.like.sectionOff) || other.count - one.count
	);
	const [own, ...others] = sorted;
	if (!own) return null;
	const mixed: Plan = {
		...plan,
		bag: own.bag,
		cut: own.like.cut,
		mix:
			others.length > 0
				? {
						by: 'count',
						amount: own.count,
						also: others.map(({ name, bag, count }) => ({ name, bag, amount: count }))
					}
				: undefined
	};
	const hooked = withHook(mixed, practice);
	if (planProblems(hooked).length > 0) return null;
	const model = modelPlan(hooked, pointFor(hooked, practice));
	const ownBags = model.kinds?.[0]?.toPrepare ?? model.toPrepare;
	return { plan: hooked, model, mats: own.count / ownBags, kinds: sorted };
}

/** The plan with a hook that is in use for its strand, where its own is not. */
function withHook(plan: Plan, practice: Practice): Plan {
	const { technique } = plan;
	if (technique.kind !== 'crochet') return plan;
	const model = ifInDomain(() => modelPlan(plan, pointFor(plan, practice)));
	if (!model) return plan;
	const { bulkDiameterMm } = model.yield;
	const serves = intentOf(technique.hookMm, bulkDiameterMm);
	if (serves !== 'drags' && serves !== 'net') return plan;
	const hookMm = nearestHookMm(defaults.hookUsualAim.value * bulkDiameterMm, technique.hooksMm);
	return { ...plan, technique: { ...technique, hookMm } };
}

/**
 * What mats a sack of mixed bags gives: which kinds go together and how each is cut, which are kept apart
 * and why, and what leaving one out would change. The strand aimed at is the plan's own, or the one of a
 * kind in the sack under the plan's cut, whichever gives most mats.
 *
 * @param plan size, technique and cut of the mat that is wanted; its own bag need not be in the sack
 * @throws DomainError where a count or the number of kinds is out of its domain
 * @example fromSack([{ name: 'thin', bag: bagPresets[0].bag, count: 600 }, { name: 'shop', bag: bagPresets[1].bag, count: 150 }], startingPlan, barePractice).together.map(({ name }) => name) // ['thin', 'shop']
 */
export function fromSack(sack: readonly SackKind[], plan: Plan, practice: Practice): SackAnswer {
	within('kinds', sack.length, sackLimits.kinds);
	for (const { count } of sack) within('count', count, sackLimits.count);
	const bare: Plan = { ...plan, mix: undefined };
	const kinds = sack.filter(({ count }) => count > 0);
	const aims = [plan.bag, ...kinds.map(({ bag }) => bag)].flatMap(
		(bag) => ifInDomain(() => cutBag(bag, plan.cut).solidSectionMm2) ?? []
	);
	let best: (Tried & { readonly all: readonly Cut[] }) | null = null;
	for (const aim of aims) {
		const all = cutAll(kinds, bare, aim);
		const together = all
			.filter(
				(one): one is Tried['kinds'][number] =>
					one.like !== null && one.like.verdict !== 'keep-apart'
			)
			.toSorted((one, other) => strandOf(other) - strandOf(one))
			.slice(0, mostAlso + 1);
		const tried = tryKinds(together, bare, practice);
		if (tried && tried.mats > (best?.mats ?? 0) + 1e-9) best = { ...tried, all };
	}
	if (!best)
		return {
			plan: null,
			model: null,
			mats: 0,
			together: [],
			apart: kinds.map(({ name, count }) => ({ name, count, why: 'not-cut' as const, by: 0 })),
			without: [],
			thicknessCv: 0
		};
	const chosen = best;
	const isIn = ({ name }: SackKind) => chosen.kinds.some((one) => one.name === name);
	return {
		plan: chosen.plan,
		model: chosen.model,
		mats: chosen.mats,
		together: chosen.kinds.map(({ name }, at) => ({
			name,
			verdict: chosen.model.kinds?.[at]?.like.verdict ?? 'as-one'
		})),
		apart: chosen.all
			.filter((one) => !isIn(one))
			.map(({ name, count, like }) => ({
				name,
				count,
				why: !like
					? 'not-cut'
					: like.verdict !== 'keep-apart'
						? 'too-many-kinds'
						: like.thicknessOff > 0
							? 'thicker'
							: 'thinner',
				by: Math.abs(like?.thicknessOff ?? 0)
			})),
		without:
			chosen.kinds.length < 2
				? []
				: chosen.kinds.map(({ name }) => {
						const rest = chosen.kinds.filter((one) => one.name !== name);
						const tried = tryKinds(rest, bare, practice);
						return { name, mats: tried?.mats ?? 0, thicknessCv: tried ? cvOf(tried.model) : 0 };
					}),
		thicknessCv: cvOf(chosen.model)
	};
}

const strandOf = ({ count, like }: Tried['kinds'][number]): number =>
	count * like.yield.strandPerBagMm;

/** Spread of the strand's thickness over its kinds. */
const cvOf = ({ kinds, yield: { solidSectionMm2 } }: Model): number =>
	thicknessCv(
		(kinds ?? []).map(({ share, like }) => ({ share, sectionMm2: like.yield.solidSectionMm2 })),
		solidSectionMm2
	);
