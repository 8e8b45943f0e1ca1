import { kindNearBag, kindOfBag } from '$lib/core/bag/same-bag';
import type {
	Allocation,
	DrawnForm,
	Lack,
	LackedColour,
	Stock,
	Want
} from '$lib/core/store/allocate-store';
import { allocateStore, drawnForms, lacksOf } from '$lib/core/store/allocate-store';
import { demandLeft } from '$lib/core/store/demand-left';
import type { LineForm } from '$lib/core/store/forms';
import type { BegunMat } from './begun-mats';
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
	/** Mats wanted in all, and how many of them are begun. */
	readonly mats: number;
	readonly begun: number;
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

/** What a pile of each form is drawn as: what is flat is a bag still, what is joined is pieces. */
const drawnAs: Partial<Readonly<Record<LineForm, DrawnForm>>> = {
	bag: 'bag',
	flat: 'bag',
	piece: 'piece',
	strand: 'piece',
	chain: 'piece',
	ball: 'ball'
};

const known = new WorkedOut<Read>();
/** A kept plan as it is reckoned with, and what one mat of it takes. */
function readPlan(kept: Pick<WantedPlan, 'id' | 'version' | 'document'>, practice: Practice): Read {
	const before = known.get(kept, practice);
	if (before) return before;
	const plan = planOfShape(kept.document.plan);
	return known.set(kept, practice, { plan, demand: matDemand(plan, pointFor(plan, practice)) });
}

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
	)
});

/**
 * Deals the store out to the plans of a season, by the names of the kinds: first to mats that are
 * begun, which ask only for what they lack, then to those that are wanted still.
 */
export function seasonAsks(
	plans: readonly WantedPlan[],
	begun: readonly BegunMat[],
	kinds: readonly KindLine[],
	balances: readonly StoreLine[],
	practice: Practice
): SeasonAsks {
	const reads = plans.map((kept) => readPlan(kept, practice));
	const kindOf = (plan: Plan) => kindOfBag(plan.bag, kinds)?.name ?? null;
	/** Each want beside the plan it belongs to. */
	const asked: (Want & { readonly planId: string })[] = [];
	for (const { planId, version, document, isInHand, given } of begun) {
		if (!isInHand) continue;
		const { plan, demand } = readPlan({ id: planId, version, document }, practice);
		const kind = kindOf(plan);
		const own = given.filter((line) => line.kind === kind);
		asked.push({ planId, kind, mats: 1, demand: demandLeft(demand, own) });
	}
	const begunOf = (id: string) => begun.filter(({ planId }) => planId === id).length;
	for (const [at, { id, matsWanted }] of plans.entries()) {
		const { plan, demand } = reads[at] as Read;
		const mats = Math.max(0, matsWanted - begunOf(id));
		asked.push({ planId: id, kind: kindOf(plan), mats, demand });
	}
	const stock = balances.flatMap(({ kind, colour, form, amount }): Stock[] => {
		const drawn = drawnAs[form];
		return drawn ? [{ kind, colour, form: drawn, amount }] : [];
	});
	const allocations = allocateStore(stock, asked);
	const nearOf = (plan: Plan | undefined) => (plan && kindNearBag(plan.bag, kinds)?.name) ?? null;
	return {
		plans: plans.map(({ id, name, matsWanted }, at): SeasonPlan => {
			const { plan } = reads[at] as Read;
			return {
				id,
				name,
				mats: matsWanted,
				begun: begunOf(id),
				kind: kindOf(plan),
				near: nearOf(plan),
				allocation: together(allocations.filter((_, nth) => asked[nth]?.planId === id))
			};
		}),
		lacks: lacksOf(asked, allocations)
	};
}
