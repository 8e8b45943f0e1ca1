import type { SeasonChainNow } from './season-chain';
import type { SeasonBasis } from './season-view';

/** A table day to come, as far as an aim hangs on it. */
export interface DayToAim {
	readonly id: string;
	readonly day: string;
	readonly planId: string | null;
	readonly balls: number;
	readonly strands: number;
	readonly checks: number;
	readonly pillows: number;
}

/** What a day had better aim at. */
export interface DayAim {
	readonly id: string;
	readonly day: string;
	readonly plan: { readonly id: string; readonly name: string };
	readonly balls: number;
	/** The colour most of them are of. */
	readonly colour: string | null;
	/** Strands for a loom; none where the plan needs no loom. */
	readonly strands: number;
	readonly checks: number;
	readonly pillows: number;
}

/** Days that are looked at, strands that load a loom, pillows that are stuffed where nothing else is to be done. */
const [daysAhead, strandsOfLoom, pillowsOfDay] = [3, 20, 4] as const;
/** A day brings so many balls where none is behind: two. */
const usualBalls = 2;

const meanOf = (amounts: readonly number[]) =>
	amounts.reduce((sum, one) => sum + one, 0) / Math.max(1, amounts.length);

/**
 * What the next table days had better aim at: balls of the plans that mats are to be begun by, as many as a day brings, until
 * no more are lacking; a loom loaded where a plan is woven on one; checks of what waits for them; then pillows. A day that
 * aims at that already is left out.
 */
export function dayAims(
	basis: SeasonBasis,
	{ balls: lacking }: Pick<SeasonChainNow, 'balls'>,
	days: readonly DayToAim[],
	nextPlan: string | null
): DayAim[] {
	const byNeed = basis.plans
		.filter(({ toBegin }) => toBegin > 0)
		.toSorted(
			(one, other) =>
				Number(other.id === nextPlan) - Number(one.id === nextPlan) || other.toBegin - one.toBegin
		);
	const plan = byNeed[0] ?? basis.plans.find(({ id }) => id === nextPlan) ?? basis.plans[0];
	if (!plan) return [];
	const worked = basis.perTableDay.filter((made) => made > 0);
	const aDay = Math.max(
		1,
		worked.length > 0
			? Math.round((meanOf(worked) * basis.newMat.bags) / Math.max(1, plan.bagsPerBall))
			: usualBalls
	);
	const colours = lacking.map(({ colour, balls }) => ({ colour, left: Math.ceil(balls) }));
	let checks = basis.inCheck;
	return days.slice(0, daysAhead).flatMap((day): DayAim[] => {
		const left = colours.reduce((sum, one) => sum + one.left, 0);
		const balls = Math.min(aDay, left);
		const most = colours.toSorted((one, other) => other.left - one.left)[0];
		let taken = balls;
		for (const one of colours.toSorted((one, other) => other.left - one.left)) {
			const some = Math.min(one.left, taken);
			one.left -= some;
			taken -= some;
		}
		const aim: DayAim = {
			id: day.id,
			day: day.day,
			plan: { id: plan.id, name: plan.name },
			balls,
			colour: balls > 0 ? (most?.colour ?? null) : null,
			strands: plan.tool === 'loom' && plan.toBegin > 0 ? strandsOfLoom : 0,
			checks,
			pillows: balls === 0 ? pillowsOfDay : 0
		};
		checks = 0;
		const isSo =
			day.planId === aim.plan.id &&
			day.balls === aim.balls &&
			day.strands === aim.strands &&
			day.checks === aim.checks &&
			day.pillows === aim.pillows;
		return isSo ? [] : [aim];
	});
}
