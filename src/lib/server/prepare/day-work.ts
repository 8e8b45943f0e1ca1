import type { Db } from '$lib/server/db/db';
import { usualJoint } from '$lib/core/cut/joint-for-cut';
import { byStation, usualStack } from '$lib/core/assembly-line/assembly-line';
import { usualWorkSetup } from '$lib/core/model/types';
import { whyUnsuited } from '$lib/core/prepare/suits';
import type { DayWork, PlannedDay } from '$lib/stages/table-day/day-view';
import { defaults } from '$lib/core/defaults';
import type { Plan } from '$lib/core/model/types';
import { barePractice } from '$lib/core/practice/practice';
import type { KindLine } from '$lib/server/gather/kinds';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { outOfPlans } from '$lib/server/plan/plans-now';
import { Memo } from '$lib/server/db/cache';
import type { TableCut, TablePile } from '$lib/stages/prepare/table-view';
import type { PlanInWork } from './plans-in-work';
import type { TableBasis } from './piles';
import { lineBasis } from './piles';
import { ballCutOf } from './table-plans';
import { listTools } from './tools';

/** The plans a day may be for, and what the table makes by the one it is for. */
export interface WorkOfDay {
	readonly plans: readonly { readonly id: string; readonly name: string }[];
	/** Null where there is no plan, or its bags cannot be cut so. */
	readonly work: DayWork | null;
}

/** The same, and how its bags are cut. */
export interface CutWork extends WorkOfDay {
	readonly by: DayCut | null;
}

/** A plan that a day may be for, read. */
interface PlanRead {
	readonly kept: PlanInWork;
	readonly plan: Plan;
}

/** The plan of a day, and how the bags of its kind are cut. */
export interface DayCut extends PlanRead {
	readonly asked: TableCut;
	readonly kind: KindLine;
}

/** The plan that a day is for, or the first of those in work. */
const ofDay = <One extends { readonly id: string }>(
	plans: readonly One[],
	planId: string | null
): One | undefined => plans.find(({ id }) => id === planId) ?? plans[0];

/** How the bags of a plan's kind are cut for it; null where they are none of the kinds there are, or cannot be. */
function dayCut({ kept, plan }: PlanRead, kinds: readonly KindLine[]): DayCut | null {
	const asked = ballCutOf(kept, plan, kinds);
	const kind = asked && kinds.find(({ id }) => id === asked.kindId);
	return asked && kind ? { kept, plan, asked, kind } : null;
}

const reading = new Memo<Plan>();

/** The cut of a day among the plans in work; only the plan it is for is read. */
export async function cutAmong(
	db: Db,
	planId: string | null,
	{ kinds, plans }: Pick<TableBasis, 'kinds' | 'plans'>
): Promise<DayCut | null> {
	const kept = ofDay(plans, planId);
	if (!kept) return null;
	const read = await outOfPlans(db, [kept], barePractice, reading, (plan) => plan);
	const plan = read.get(kept.id);
	return plan ? dayCut({ kept, plan }, kinds) : null;
}

/** The bag of a day, its cut and its joint, as a sheet draws them. */
export function drawnCut({ plan, asked }: DayCut) {
	const { bag, cut, join, technique } = plan;
	return {
		bag,
		cut: technique.kind === 'peg-loom' ? technique.weftCut : cut,
		joint: join?.kind ?? usualJoint(asked.cut.style)
	};
}

/** Whether a pile is of a day's kind of bag; what is cut, whether its cut is known and suits the plan. */
export const liesFor = (
	{ kindId, form, cut }: Pick<TablePile, 'kindId' | 'form' | 'cut'>,
	{ asked, kind }: Pick<DayCut, 'asked' | 'kind'>
): boolean =>
	kindId === kind.id &&
	(form === 'piece' || form === 'strand'
		? cut !== null && whyUnsuited(cut, asked.cut) === null
		: cut === null);

/** What a day works at: its plan, or the first of those in work; what lies there for it; the group's pace. */
export async function workOfDay(
	db: Db,
	{ planId, cutWith }: Pick<PlannedDay, 'planId' | 'cutWith'>
): Promise<CutWork> {
	const [basis, practice, tools] = await Promise.all([
		lineBasis(db),
		practiceOfGroup(db),
		listTools(db)
	]);
	const { piles } = basis;
	const plans = basis.plans.map(({ id, name }) => ({ id, name }));
	const by = await cutAmong(db, planId, basis);
	if (!by) return { plans, by, work: null };
	const { kept, plan, asked, kind } = by;
	const { style, piecesPerBag } = asked.cut;
	const cutTool = style === 'spiral' || style === 'half-bag' ? style : cutWith;
	const there = (forms: readonly string[]) =>
		piles
			.filter((pile) => forms.includes(pile.form) && liesFor(pile, by))
			.reduce((sum, { amount, cut }) => sum + amount / (cut?.piecesPerBag ?? 1), 0);
	const counted = tools.filter(({ tool }) =>
		cutWith === 'rolling-blade'
			? tool.sort === 'rolling-blade'
			: tool.sort === 'sharp-scissors' || tool.sort === 'blunt-scissors'
	);
	return {
		plans,
		by,
		work: {
			planName: kept.name,
			kind: kind.name,
			line: {
				piecesPerBag,
				bagsPerBall: (plan.work ?? usualWorkSetup).bagsPerBall,
				cutTool,
				stack: usualStack(cutTool),
				batch: defaults.batchSize.value
			},
			stock: {
				bags: Math.floor(there(['bag'])),
				flat: Math.floor(there(['flat'])),
				pieces: Math.round(there(['piece']) * piecesPerBag),
				joined: there(['strand']),
				balls: 0
			},
			pace: byStation((station) => 1 / practice.hands[station].mean),
			besidePace: {
				load: 1,
				finish: 1 / practice.hands.finish.mean,
				check: 1 / practice.hands.check.mean,
				pillows: 1
			},
			cutters: counted.length === 0 ? null : counted.reduce((sum, { count }) => sum + count, 0)
		}
	};
}
