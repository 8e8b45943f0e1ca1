import { kindNearBag, kindOfBag } from '$lib/core/bag/same-bag';
import type { Allocation, Lack, Stock, Want } from '$lib/core/store/allocate-store';
import { allocateStore, drawnForms, lacksOf } from '$lib/core/store/allocate-store';
import type { MatDemand } from '$lib/core/store/mat-demand';
import { matDemand } from '$lib/core/store/mat-demand';
import type { Practice } from '$lib/core/practice/practice';
import type { Plan } from '$lib/core/model/types';
import { pointFor } from '$lib/core/model/known-for';
import type { StoreLine } from '$lib/stages/gather/store-view';
import { planOfShape } from '$lib/stages/plan/document/document';
import type { KindLine } from './kinds';
import type { WantedPlan } from './wanted';
import { WorkedOut } from '$lib/server/plan/worked-out';

/** A plan of the season: its mats still wanted, what it draws from the store and what it lacks. */
export interface SeasonPlan {
	readonly id: string;
	readonly name: string;
	readonly mats: number;
	readonly kind: string | null;
	/** A kind that its bag nearly fits, where it is of none. */
	readonly near: string | null;
	readonly allocation: Allocation;
}

export interface SeasonAsks {
	readonly plans: readonly SeasonPlan[];
	readonly lacks: readonly (Omit<Lack, 'kind'> & { readonly kind: string | null })[];
}

interface Read {
	readonly plan: Plan;
	readonly demand: MatDemand;
}

const known = new WorkedOut<Read>();
/** A kept plan as it is reckoned with, and what one mat of it takes. */
function readPlan(kept: WantedPlan, practice: Practice): Read {
	const before = known.get(kept, practice);
	if (before) return before;
	const plan = planOfShape(kept.document.plan);
	return known.set(kept, practice, { plan, demand: matDemand(plan, pointFor(plan, practice)) });
}

/** Deals the store out to the plans of a season, by the names of the kinds. */
export function seasonAsks(
	plans: readonly WantedPlan[],
	kinds: readonly KindLine[],
	balances: readonly StoreLine[],
	practice: Practice
): SeasonAsks {
	const reads = plans.map((kept) => readPlan(kept, practice));
	const wants = plans.map(({ matsWanted }, at): Want => {
		const { plan, demand } = reads[at] as Read;
		return { kind: kindOfBag(plan.bag, kinds)?.name ?? null, mats: matsWanted, demand };
	});
	const stock = balances.flatMap(({ kind, colour, form, amount }): Stock[] => {
		const drawn = drawnForms.find((one) => one === form);
		return drawn ? [{ kind, colour, form: drawn, amount }] : [];
	});
	const allocations = allocateStore(stock, wants);
	const nearOf = (plan: Plan | undefined) => (plan && kindNearBag(plan.bag, kinds)?.name) ?? null;
	return {
		plans: plans.flatMap(({ id, name, matsWanted }, at): SeasonPlan[] => {
			const allocation = allocations[at];
			return allocation
				? [
						{
							id,
							name,
							mats: matsWanted,
							kind: wants[at]?.kind ?? null,
							near: nearOf(reads[at]?.plan),
							allocation
						}
					]
				: [];
		}),
		lacks: lacksOf(wants, allocations)
	};
}
