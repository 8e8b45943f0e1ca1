import type { MatKind } from '$lib/core/season/exchange';
import type { LeverCounts } from '$lib/core/season/forecast';
import type { SeasonNow } from '$lib/core/season/now';
import { asBefore } from '$lib/core/season/now';
import { daysBetween } from '$lib/ui/days';
import type { DaySpan } from '$lib/core/rhythm/span';
import type { SeasonOrder } from './season-said';

/** Bags that a mat takes, and hours its maker works at it, where no plan says so. */
export const usualMat: MatKind = { bags: 550, makingSeconds: 60 * 3600 };

/** What is wanted by a day: by the asks of places up to it. */
export interface SeasonGoal {
	readonly by: string;
	readonly wanted: number;
	/** Of those, what went there already. */
	readonly handedOver: number;
	/** What is asked for by this very day. */
	readonly asks: readonly { readonly place: string; readonly mats: number }[];
}

/** A table day to come, as a season reckons with it. */
export interface SeasonDay {
	/** Null where it follows from the rule and is too far ahead to have a page. */
	readonly id: string | null;
	readonly day: string;
	/** Days from today. */
	readonly ahead: number;
	/** The share of what such a day makes that those who come will make. */
	readonly attendance: number;
	/** How many said yes, and how many of them are likely to come. */
	readonly said: number;
	readonly likely: number;
}

/** What can be counted on beside what is there, from trying it. */
export const countedOn = ['two-makers', 'bags-300'] as const;
export type CountedOn = (typeof countedOn)[number];

/** What a mat is on while it is made. */
export type MatTool = 'loom' | 'frame';

/** A plan that mats could be begun by. */
export interface SeasonPlan extends MatKind {
	readonly id: string;
	readonly name: string;
	/** Mats that are to be begun by it, for asks and beside them. */
	readonly toBegin: number;
	readonly tool: MatTool | null;
	readonly bagsPerBall: number;
}

/** All that a forecast rests on. Amounts are in mats' worth. */
export interface SeasonBasis {
	readonly today: string;
	/** The group said how it meets: without that no chance is told. */
	readonly hasRhythm: boolean;
	/** The hall is shut, from a day to another. */
	readonly shut: readonly DaySpan[];
	/** What is counted on beside what is there. */
	readonly counted: readonly { readonly id: string; readonly what: CountedOn }[];
	readonly goals: readonly SeasonGoal[];
	/** The mats that are begun as things stand: those of the wanted plans, on average, and what they are on. */
	readonly newMat: MatKind & { readonly tool: MatTool | null; readonly bagsPerBall: number };
	readonly plans: readonly SeasonPlan[];
	/** How many of each stand there; null where none is known, so that nobody can count on any. */
	readonly tools: Readonly<Record<MatTool, number | null>>;
	readonly ready: number;
	readonly inCheck: number;
	readonly mats: readonly (SeasonNow['mats'][number] & {
		/** Who has it; null where it is at the table, or its maker left. */
		readonly maker: string | null;
		readonly isLeft: boolean;
	})[];
	/** In the order they take up yarn. */
	readonly freeMakers: readonly (SeasonNow['freeMakers'][number] & {
		/** They help at the table and take up none for now. */
		readonly isLater?: boolean;
	})[];
	/** Who takes up yarn next was decided. */
	readonly isBeginKept: boolean;
	/** The plan that the next mats follow, where one was chosen. */
	readonly nextPlan: string | null;
	readonly strandMats: number;
	readonly bagMats: number;
	/** Bags that each place brought of late, and how often. */
	readonly perPlace: readonly {
		readonly place: string;
		readonly bags: number;
		readonly times: number;
		/** The day it brought some last. */
		readonly lastOn: string;
	}[];
	/** Full weeks behind, the oldest first. */
	readonly bagsPerWeek: readonly number[];
	readonly tableDays: readonly SeasonDay[];
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

/** How often something is counted on. */
const countOf = ({ counted }: SeasonBasis, what: CountedOn): number =>
	counted.filter((one) => one.what === what).length;

/** Whole weeks up to a goal's day. */
export const weeksTo = ({ today }: Pick<SeasonBasis, 'today'>, { by }: Pick<SeasonGoal, 'by'>) =>
	Math.max(0, Math.floor(daysBetween(today, by) / 7));

/** Makers who are counted on, and not yet there. */
export const countedMakers = (basis: SeasonBasis) =>
	Array.from({ length: 2 * countOf(basis, 'two-makers') }, (_, nth) => ({
		id: `counted on ${nth}`,
		weeks: []
	}));

/** A season to be simulated, up to a goal. */
const simulated = (basis: SeasonBasis, goal: SeasonGoal): SeasonNow => ({
	weeks: weeksTo(basis, goal),
	handedOver: goal.handedOver,
	ready: basis.ready,
	inCheck: basis.inCheck,
	mats: basis.mats,
	freeMakers: [...basis.freeMakers.filter(({ isLater }) => !isLater), ...countedMakers(basis)],
	strandMats: basis.strandMats,
	bagMats: basis.bagMats + (300 * countOf(basis, 'bags-300')) / basis.newMat.bags,
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
		goals: basis.goals.map((one) => ({
			weeks: weeksTo(basis, one),
			wanted: one.wanted,
			handedOver: one.handedOver
		})),
		now: simulated(basis, goal),
		wanted: goal.wanted,
		mat: { bags, makingSeconds },
		levers,
		other: plan ? optionOf(basis, plan) : null
	};
}

/** Each of the plans that could be taken instead. */
export const optionsOf = (basis: SeasonBasis) => basis.plans.map((plan) => optionOf(basis, plan));
