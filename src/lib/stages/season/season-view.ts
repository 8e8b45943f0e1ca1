import type { SeasonNow } from '$lib/core/season/season';
import { daysBetween } from '$lib/ui/days';

/** Bags that a mat takes where no plan says so. */
export const usualBagsPerMat = 550;

/** What is wanted by a day: by the asks of places up to it. */
export interface SeasonGoal {
	readonly by: string;
	readonly wanted: number;
	/** Of those, what went there already. */
	readonly handedOver: number;
}

/** All that a forecast rests on. Amounts are in mats' worth. */
export interface SeasonBasis {
	readonly today: string;
	readonly goals: readonly SeasonGoal[];
	readonly bagsPerMat: number;
	readonly ready: number;
	readonly inCheck: number;
	readonly mats: readonly { readonly done: number; readonly weeks: readonly number[] }[];
	readonly freeMakers: readonly { readonly weeks: readonly number[] }[];
	readonly strandMats: number;
	readonly bagMats: number;
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

/** A season to be simulated, up to a goal. */
export const simulated = (basis: SeasonBasis, goal: SeasonGoal): SeasonNow => ({
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
	looms: null
});
