import { bagPresets } from '$lib/core/bag/presets';
import { kindOfBag } from '$lib/core/bag/same-bag';
import type { Bag } from '$lib/core/bag/measure-bag';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import { techniqueKinds } from '$lib/core/techniques/technique';
import type { Plan } from '$lib/core/model/types';
import { toSnakeKeys } from '../document/case';
import { chooseTechnique, suitedHook } from './choices';
import { fieldsOfPlan, readFields } from './';
import { startingPlan } from '$lib/core/model/starting-plan';

/** Bags there are, with the name a person gave the kind. */
export interface CountedBags {
	readonly kind: string;
	readonly bag: Bag;
	readonly count: number;
}

/** Kinds to count where a group's own are not known. */
const usualKinds: readonly CountedBags[] = bagPresets.map(({ bag }, at) => ({
	kind: ['thin carriers', 'heavier shop bags', 'milk pouches'][at] ?? 'bags',
	bag,
	count: 0
}));

/** The kinds one can count at once: the group's own with what the store has, and the bag on the bench if it is another. */
export function kindsToCount(plan: Plan, own: readonly CountedBags[]): CountedBags[] {
	const kinds = own.length > 0 ? own : usualKinds;
	return kindOfBag(
		plan.bag,
		kinds.map(({ bag }) => bag)
	)
		? [...kinds]
		: [...kinds, { kind: 'the bag on the bench', bag: plan.bag, count: 0 }];
}

/**
 * A usual plan of a technique for a bag and a size: the bench's own where it is of that technique,
 * else what choosing the technique there would start with.
 */
export function usualPlanOf(kind: TechniqueKind, plan: Plan, bag: Bag): Plan {
	if (plan.technique.kind === kind) {
		const { technique } = plan;
		if (technique.kind !== 'crochet') return { ...plan, bag };
		const hookMm = Number(suitedHook({ ...plan, bag }));
		return { ...plan, bag, technique: { ...technique, hookMm } };
	}
	const fields = fieldsOfPlan({ ...startingPlan, bag, target: plan.target }, 'cm');
	const chosen = { ...fields, ...chooseTechnique(kind, fields, 'cm') };
	return readFields(chosen, 'cm').plan ?? { ...startingPlan, bag, target: plan.target };
}

/** The body of a request for the best mix: one usual way for each technique there are tools for. */
export function mixRequest(
	store: readonly CountedBags[],
	plan: Plan,
	tools: Readonly<Record<TechniqueKind, boolean>>,
	goal: 'mats' | 'area',
	hours: number | null
): unknown {
	const methods = techniqueKinds
		.filter((kind) => tools[kind])
		.map((kind) => {
			const { cut, target, technique, join, finish, work } = usualPlanOf(kind, plan, plan.bag);
			return { name: kind, plan: { cut, target, technique, join, finish, work } };
		});
	return toSnakeKeys({ store, methods, goal, hours: hours ?? undefined });
}
