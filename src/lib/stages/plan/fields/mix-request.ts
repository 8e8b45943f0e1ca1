import { mixRequest as say } from '$lib/words/plan';
import { bagPresets } from '$lib/core/bag/presets';
import { kindOfBag } from '$lib/core/bag/same-bag';
import type { Bag } from '$lib/core/bag/measure-bag';
import type { TechniqueKind } from '$lib/core/techniques/technique';
import { techniqueKinds } from '$lib/core/techniques/technique';
import { nearestHookMm } from '$lib/core/techniques/crochet/hooks';
import type { ToolLine } from '$lib/stages/prepare/tool-line';
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
	kind: [say.thinCarriers(), say.heavierShopBags(), say.milkPouches()][at] ?? 'bags',
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
		: [...kinds, { kind: say.theBagOnTheBench(), bag: plan.bag, count: 0 }];
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

/** A way to make mats: on a tool that stands there, or by a technique that any tool will do for. */
export interface Way {
	/** One of its kind in a request. */
	readonly name: string;
	readonly kind: TechniqueKind;
	/** The loom or frame it is made on; null where none is named. */
	readonly tool: ToolLine | null;
	/** Hooks that are there, mm; none where any will do. */
	readonly hooksMm: readonly number[];
}

/**
 * The ways that a group's own tools allow: crochet with its hooks, a way for each loom and each frame,
 * and bands, which need none. A group that has named no tool is asked what it has.
 */
export function waysThere(tools: readonly ToolLine[]): Way[] {
	const hooksMm = tools.flatMap(({ tool }) => (tool.sort === 'hook' ? [tool.mm] : []));
	return techniqueKinds.flatMap((kind): Way[] => {
		const sort = kind === 'peg-loom' ? 'loom' : kind === 'twined' ? 'frame' : null;
		const own = tools.filter(({ tool }) => tool.sort === sort);
		if (own.length > 0)
			return own.map((tool) => ({ name: `${kind} ${tool.name}`, kind, tool, hooksMm: [] }));
		return [{ name: kind, kind, tool: null, hooksMm: kind === 'crochet' ? hooksMm : [] }];
	});
}

/** Whether a way can be gone with what is there: a group that named its tools has those and no others. */
export const isWayOpen = ({ kind, tool, hooksMm }: Way, hasTools: boolean): boolean =>
	kind === 'finger-bands' || (hasTools ? tool !== null || hooksMm.length > 0 : kind === 'crochet');

/** The usual plan of a way for a bag: all its figures follow the tool. */
export function planOfWay({ kind, tool, hooksMm }: Way, plan: Plan, bag: Bag): Plan {
	const usual = usualPlanOf(kind, plan, bag);
	const { technique } = usual;
	if (technique.kind === 'crochet' && hooksMm.length > 0)
		return {
			...usual,
			technique: {
				...technique,
				hooksMm,
				hookMm: nearestHookMm(Number(suitedHook(usual)), hooksMm)
			}
		};
	if (technique.kind === 'peg-loom' && tool?.tool.sort === 'loom') {
		const { pegs, pitchMm, pegToPegMm } = tool.tool;
		return { ...usual, technique: { ...technique, pegs, pitchMm, pegToPegMm } };
	}
	if (technique.kind === 'twined' && tool?.tool.sort === 'frame') {
		const { nails, pitchMm, lengthMm } = tool.tool;
		return {
			...usual,
			technique: {
				...technique,
				nails,
				pitchMm,
				frameWidthMm: nails * pitchMm,
				frameLengthMm: lengthMm
			}
		};
	}
	return usual;
}

/** The body of a request for the best mix: the usual plan of each way there is. */
export function mixRequest(
	store: readonly CountedBags[],
	plan: Plan,
	ways: readonly Way[],
	goal: 'mats' | 'area',
	hours: number | null
): unknown {
	const methods = ways.map((way) => {
		const { cut, target, technique, join, finish, work } = planOfWay(way, plan, plan.bag);
		return { name: way.name, plan: { cut, target, technique, join, finish, work } };
	});
	return toSnakeKeys({ store, methods, goal, hours: hours ?? undefined });
}
