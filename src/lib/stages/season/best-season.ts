import type { BestPlan } from '$lib/core/season/best/best-plan';
import { bestPlan } from '$lib/core/season/best/best-plan';
import type { HandPlan, HeldSeason, MakerById } from '$lib/core/season/best/held';
import { asHeld, freeAfter, seasonWith } from '$lib/core/season/best/held';
import { meanWorth } from '$lib/core/season/best/weighed';
import type { MatKind } from '$lib/core/season/exchange';
import { withNewMats } from '$lib/core/season/exchange';
import { groupOf, seasonRuns } from '$lib/core/season/season';
import type { SeasonRun } from '$lib/core/season/now';
import { noLevers } from '$lib/core/season/forecast';
import type { GoalAsked, Outlook, SeasonOption } from './season-said';
import { chanceOfSeason, outlookOf } from './season-said';
import type { SeasonBasis, SeasonGoal } from './season-view';
import { countedMakers, optionsOf, orderOf } from './season-view';

/** A season whose best plan is looked for. */
export interface BestOrder {
	readonly held: HeldSeason;
	readonly wanted: number;
	/** Goals before the one that is looked to: they are served first. */
	readonly earlier: readonly GoalAsked[];
	/** The mat that is begun as it is, and plans that could be followed instead. */
	readonly mat: MatKind;
	readonly options: readonly SeasonOption[];
}

/** Another plan for the mats that are begun. */
export interface PlanChosen {
	readonly id: string;
	readonly adds: number;
	readonly moreBags: number;
}

/** The best plan of a season, in acts, with the season as it is beside it. */
export interface BestSaid extends Pick<BestPlan, 'passes' | 'begin' | 'beginAdds'> {
	readonly asIs: Outlook;
	readonly best: Outlook;
	/** Who is free and waits. */
	readonly later: readonly string[];
	readonly plan: PlanChosen | null;
}

/** Another plan is worth a change only where it adds so much of a mat. */
const leastOfPlan = 0.05;
/** An earlier ask counts half a mat more for each mat that is there in time. */
const earlierWorth = 0.5;

/** Somebody who has a mat and is no volunteer any more, or a mat that is made at the table: nothing is given to them. */
const atTable = (mat: string) => `with ${mat}`;

/** What is asked of a best plan up to a goal. */
export function bestOrderOf(
	basis: SeasonBasis,
	goal: SeasonGoal,
	/** Plans whose mats every open ask takes. */
	fits: readonly string[]
): BestOrder {
	const { now, wanted, goals, mat } = orderOf(basis, goal, { levers: noLevers, other: null });
	// Nobody is asked to give up a mat for another's: a mat goes to somebody who has none.
	const holders = new Map<string, MakerById>();
	for (const { id = '', maker, weeks, away = [] } of basis.mats) {
		const key = maker ?? atTable(id);
		if (!holders.has(key))
			holders.set(key, { id: key, weeks, away, takes: maker ? 'yarn' : 'nothing' });
	}
	const free = basis.freeMakers.flatMap(({ id, weeks, away = [], isLater }) =>
		id === undefined ? [] : [{ maker: { id, weeks, away }, isLater }]
	);
	const counted = countedMakers(basis).map((maker): MakerById => ({ ...maker, takes: 'yarn' }));
	return {
		held: {
			// What is known of the makers stays, whoever of them waits.
			season: { ...now, usual: groupOf(now) },
			mats: basis.mats.map(({ id = '', maker, done, isOnLoom }) => ({
				id,
				maker: maker ?? atTable(id),
				done,
				isOnLoom
			})),
			makers: [...holders.values(), ...free.map(({ maker }) => maker), ...counted],
			begin: [
				...free.filter(({ isLater }) => !isLater).map(({ maker }) => maker.id),
				...counted.map(({ id }) => id)
			]
		},
		wanted,
		earlier: goals.filter(({ weeks }) => weeks < now.weeks),
		mat,
		options: optionsOf(basis).filter(({ id }) => fits.includes(id))
	};
}

/** Works out the best plan of a season: the hands first, then which plan the mats that are begun follow, with hands for it. */
export function bestSaid(
	{ held, wanted, earlier, mat, options }: BestOrder,
	progress: (share: number) => void = () => {}
): BestSaid {
	const { season } = held;
	const worth = ({ ready }: SeasonRun) =>
		earlier.reduce(
			(sum, goal) =>
				sum +
				earlierWorth *
					Math.min(
						goal.wanted,
						goal.handedOver +
							(goal.weeks > 0 ? (ready[goal.weeks - 1] ?? 0) - season.handedOver : season.ready)
					),
			ready.at(-1) ?? season.handedOver + season.ready
		);
	const chance = chanceOfSeason(seasonWith(held, asHeld(held)));
	const worthOf = (of: HeldSeason, plan: HandPlan) =>
		meanWorth(seasonRuns(seasonWith(of, plan), chance), worth);
	const handsUnder = (of: HeldSeason, from: number): BestPlan =>
		bestPlan(of, wanted, chance, worth, (share) => progress(from + 0.45 * share));
	const under = ({ kind, looms }: SeasonOption): HeldSeason => ({
		...held,
		season: withNewMats(season, mat, kind, looms)
	});
	const first = handsUnder(held, 0);
	// With yarn as they take it, the likeliest of the plans is the one that brings most in the same hands.
	const [likeliest] = options
		.map((option) => {
			const all = freeAfter(held, first.passes);
			const of = under(option);
			const worths = [first.begin, all, all.toReversed()].map((begin) =>
				worthOf(of, { passes: first.passes, begin })
			);
			return { option, worth: Math.max(...worths) };
		})
		.toSorted((one, other) => other.worth - one.worth);
	const other =
		likeliest && likeliest.worth > first.worth - leastOfPlan
			? handsUnder(under(likeliest.option), 0.5)
			: null;
	const isOther = other !== null && other.worth >= first.worth + leastOfPlan;
	const hands = isOther ? other : first;
	progress(1);
	const begun = new Set(hands.begin);
	const holding = new Set(
		held.mats.map(({ id, maker }) => hands.passes.find(({ mat }) => mat === id)?.to ?? maker)
	);
	return {
		asIs: outlookOf(first.asIs),
		best: outlookOf(hands.best),
		passes: hands.passes,
		begin: hands.begin,
		beginAdds: hands.beginAdds,
		later: held.makers
			.filter(({ id, takes }) => takes !== 'nothing' && !begun.has(id) && !holding.has(id))
			.map(({ id }) => id),
		plan:
			isOther && likeliest
				? {
						id: likeliest.option.id,
						adds: other.worth - worthOf(held, hands),
						moreBags: hands.best.begun * likeliest.option.kind.bags - first.best.begun * mat.bags
					}
				: null
	};
}
