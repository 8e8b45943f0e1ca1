import { usualJoint } from '$lib/core/cut/joint-for-cut';
import { byStation, usualStack } from '$lib/core/line/line';
import { usualWorkSetup } from '$lib/core/model/types';
import { whyUnsuited } from '$lib/core/prepare/suits';
import type { DayWork, PlannedDay } from '$lib/stages/day/day-view';
import { defaults } from '$lib/core/defaults';
import type { TablePile } from '$lib/stages/prepare/table-view';
import type { GroupId } from '$lib/server/base/group-id';
import { listPiles, tableBasis } from './piles';
import { ballCutOf, tablePlans } from './table-plans';
import { listTools } from './tools';

/** The plans a day may be for, and what the table makes by the one it is for. */
export interface WorkOfDay {
	readonly plans: readonly { readonly id: string; readonly name: string }[];
	/** Null where there is no plan, or its bags cannot be cut so. */
	readonly work: DayWork | null;
}

/** The plan that a day works by, and how the bags of its kind are cut: the plan it is for, or the first of those in work. */
export async function cutOfDay(groupId: GroupId, planId: string | null) {
	const { reads, kinds, practice } = await tablePlans(groupId, tableBasis(groupId));
	const plans = reads.map(({ kept: { id, name } }) => ({ id, name }));
	const read = reads.find(({ kept }) => kept.id === planId) ?? reads[0];
	const asked = read && ballCutOf(read.kept, read.read.plan, kinds);
	const kind = asked && kinds.find(({ id }) => id === asked.kindId);
	return { plans, practice, by: read && asked && kind ? { read, asked, kind } : null };
}

/** The plan of a day, and how the bags of its kind are cut. */
export type DayCut = NonNullable<Awaited<ReturnType<typeof cutOfDay>>['by']>;

/** The bag of a day, its cut and its joint, as a sheet draws them. */
export function drawnCut({ read, asked }: DayCut) {
	const { bag, cut, join, technique } = read.read.plan;
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
	groupId: GroupId,
	{ planId, cutWith }: Pick<PlannedDay, 'planId' | 'cutWith'>
): Promise<WorkOfDay> {
	const [{ plans, practice, by }, piles, tools] = await Promise.all([
		cutOfDay(groupId, planId),
		listPiles(groupId),
		listTools(groupId)
	]);
	if (!by) return { plans, work: null };
	const { read, asked, kind } = by;
	const { plan } = read.read;
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
		work: {
			planName: read.kept.name,
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
			cutters: counted.length === 0 ? null : counted.reduce((sum, { count }) => sum + count, 0)
		}
	};
}
