import { kindOfBag } from '$lib/core/bag/same-bag';
import type { Drawing, Lack, Stock, Want } from '$lib/core/gather/draw-from-store';
import { drawFromStore, drawnForms, lacksOf } from '$lib/core/gather/draw-from-store';
import { matDemand } from '$lib/core/gather/mat-demand';
import type { Practice } from '$lib/core/know/practice';
import { middleOf } from '$lib/core/know/practice';
import type { StoreLine } from '$lib/gather/store-view';
import { planOfShape } from '$lib/plan/document';
import type { KindLine } from './db/kinds';
import type { WantedPlan } from './db/wanted';

/** A plan of the season: its mats still wanted, what it draws from the store and what it lacks. */
export interface SeasonPlan {
	readonly id: string;
	readonly name: string;
	readonly mats: number;
	readonly kind: string | null;
	readonly drawing: Drawing;
}

export interface SeasonAsks {
	readonly plans: readonly SeasonPlan[];
	readonly lacks: readonly (Omit<Lack, 'kind'> & { readonly kind: string | null })[];
}

/** Deals the store out to the plans of a season, by the names of the kinds. */
export function seasonAsks(
	plans: readonly WantedPlan[],
	kinds: readonly KindLine[],
	balances: readonly StoreLine[],
	practice: Practice
): SeasonAsks {
	const middle = middleOf(practice);
	const wants: Want[] = plans.map(({ document, matsWanted }) => {
		const plan = planOfShape(document.plan);
		return {
			kind: kindOfBag(plan.bag, kinds)?.name ?? null,
			mats: matsWanted,
			demand: matDemand(plan, middle)
		};
	});
	const stock = balances.flatMap(({ kind, colour, form, amount }): Stock[] => {
		const drawn = drawnForms.find((one) => one === form);
		return drawn ? [{ kind, colour, form: drawn, amount }] : [];
	});
	const drawings = drawFromStore(stock, wants);
	return {
		plans: plans.flatMap(({ id, name, matsWanted }, at): SeasonPlan[] => {
			const drawing = drawings[at];
			return drawing
				? [{ id, name, mats: matsWanted, kind: wants[at]?.kind ?? null, drawing }]
				: [];
		}),
		lacks: lacksOf(wants, drawings)
	};
}
