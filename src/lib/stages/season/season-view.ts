import type { MatKind } from '$lib/core/season/exchange';
import type { LeverCounts } from '$lib/core/season/forecast';
import type { SeasonNow } from '$lib/core/season/season';
import { asBefore } from '$lib/core/season/season';
import { daysBetween } from '$lib/ui/days';
import type { SeasonOrder } from './season-said';

/** Bags that a mat takes, and hours its maker works at it, where no plan says so. */
export const usualMat: MatKind = { bags: 550, makingSeconds: 60 * 3600 };

/** What is wanted by a day: by the asks of places up to it. */
export interface SeasonGoal {
	readonly by: string;
	readonly wanted: number;
	/** Of those, what went there already. */
	readonly handedOver: number;
}

/** What a mat is on while it is made. */
export type MatTool = 'loom' | 'frame';

/** A plan that mats could be begun by. */
export interface SeasonPlan extends MatKind {
	readonly id: string;
	readonly name: string;
	readonly matsWanted: number;
	readonly tool: MatTool | null;
}

/** All that a forecast rests on. Amounts are in mats' worth. */
export interface SeasonBasis {
	readonly today: string;
	readonly goals: readonly SeasonGoal[];
	/** The mats that are begun as things stand: those of the wanted plans, on average, and what they are on. */
	readonly newMat: MatKind & { readonly tool: MatTool | null };
	readonly plans: readonly SeasonPlan[];
	/** How many of each stand there; null where none is known, so that nobody can count on any. */
	readonly tools: Readonly<Record<MatTool, number | null>>;
	readonly ready: number;
	readonly inCheck: number;
	readonly mats: SeasonNow['mats'];
	readonly freeMakers: SeasonNow['freeMakers'];
	readonly strandMats: number;
	readonly bagMats: number;
	/** Bags that each place brought of late, and how often. */
	readonly perPlace: readonly {
		readonly place: string;
		readonly bags: number;
		readonly times: number;
	}[];
	/** Full weeks behind, the oldest first. */
	readonly bagsPerWeek: readonly number[];
	readonly tableDays: readonly {
		readonly day: string;
		/** Days from today. */
		readonly ahead: number;
		readonly attendance: number;
	}[];
	readonly perTableDay: readonly number[];
	readonly checks: { readonly good: number; readonly mended: number };
}

/** What is changed of a season: levers that are taken, and another plan for the mats that are begun. */
export interface SeasonAsked {
	readonly levers: LeverCounts;
	readonly other: string | null;
}

/** Mats that can be on their tool at once; null where they need none, or nobody knows. */
const loomsFor = (basis: SeasonBasis, tool: MatTool | null): number | null =>
	tool && basis.tools[tool];

/** A season to be simulated, up to a goal. */
const simulated = (basis: SeasonBasis, goal: SeasonGoal): SeasonNow => ({
	weeks: Math.max(0, Math.floor(daysBetween(basis.today, goal.by) / 7)),
	handedOver: goal.handedOver,
	ready: basis.ready,
	inCheck: basis.inCheck,
	mats: basis.mats,
	freeMakers: basis.freeMakers,
	strandMats: basis.strandMats,
	bagMats: basis.bagMats,
	bagsPerWeek: basis.bagsPerWeek,
	tableDays: basis.tableDays.map(({ ahead, attendance }, stream) => ({
		week: Math.floor(ahead / 7) + 1,
		attendance,
		stream
	})),
	perTableDay: basis.perTableDay.map((made) => ({ made, isShort: false })),
	checks: basis.checks,
	newMat: asBefore,
	looms: loomsFor(basis, basis.newMat.tool)
});

/** A plan as a season can be asked about it. */
const optionOf = (basis: SeasonBasis, { id, bags, makingSeconds, tool }: SeasonPlan) => ({
	id,
	kind: { bags, makingSeconds },
	looms: loomsFor(basis, tool)
});

/** What is asked of a forecast: the same words wherever it is worked out. */
export function orderOf(
	basis: SeasonBasis,
	goal: SeasonGoal,
	{ levers, other }: SeasonAsked
): SeasonOrder {
	const { bags, makingSeconds } = basis.newMat;
	const plan = basis.plans.find(({ id }) => id === other);
	return {
		now: simulated(basis, goal),
		wanted: goal.wanted,
		mat: { bags, makingSeconds },
		levers,
		other: plan ? optionOf(basis, plan) : null
	};
}

/** Each of the plans that could be taken instead. */
export const optionsOf = (basis: SeasonBasis) => basis.plans.map((plan) => optionOf(basis, plan));
