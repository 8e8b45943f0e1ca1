import { modelPlan } from '../model/model';
import type { Plan } from '../model/types';
import type { Model } from '../model/model';
import { totalSeconds } from '../effort/stations';
import { pointFor } from '../model/known-for';
import type { Practice } from '../practice/practice';
import { DomainError } from '../domain-error';

/** What of a plan can change by itself, in the order it is taken. */
export const planFactors = [
	'size',
	'bag',
	'trim',
	'strip',
	'cut',
	'weft',
	'stitch',
	'hook',
	'pitch',
	'technique',
	'join',
	'finish',
	'work'
] as const;
export type PlanFactor = (typeof planFactors)[number];

/** One factor's share in what moved. */
export interface FigureShift {
	readonly factor: PlanFactor;
	readonly bags: number;
	readonly hours: number;
	readonly rows: number;
	/** How the factor itself went: the strip wider or narrower, the hook larger or smaller; 0 where it has no size. */
	readonly by: number;
}

const isSame = (a: unknown, b: unknown): boolean => JSON.stringify(a) === JSON.stringify(b);

/** Takes one factor of another plan over; null where both have it alike, or where it has no place by itself. */
function takeOver(factor: PlanFactor, now: Plan, to: Plan): Plan | null {
	const put = (changed: Plan): Plan | null => (isSame(changed, now) ? null : changed);
	const { cut, technique } = now;
	const isSameStyle = cut.style === to.cut.style;
	switch (factor) {
		case 'size':
			return put({ ...now, target: to.target });
		case 'bag':
			return put({ ...now, bag: to.bag });
		case 'trim':
			if (!isSameStyle || cut.style === 'half-bag' || to.cut.style === 'half-bag') return null;
			return put({
				...now,
				cut: { ...cut, trimBottomMm: to.cut.trimBottomMm, trimTopMm: to.cut.trimTopMm }
			});
		case 'strip':
			return isSameStyle ? put({ ...now, cut: to.cut }) : null;
		case 'cut':
			return put({ ...now, cut: to.cut, join: isSameStyle ? now.join : to.join });
		case 'weft':
			if (technique.kind !== 'peg-loom' || to.technique.kind !== 'peg-loom') return null;
			return put({ ...now, technique: { ...technique, weftCut: to.technique.weftCut } });
		case 'stitch':
			if (technique.kind !== 'crochet' || to.technique.kind !== 'crochet') return null;
			return put({ ...now, technique: { ...technique, stitch: to.technique.stitch } });
		case 'hook':
			if (technique.kind !== 'crochet' || to.technique.kind !== 'crochet') return null;
			return put({ ...now, technique: { ...technique, hookMm: to.technique.hookMm } });
		case 'pitch':
			if (!('pitchMm' in technique) || !('pitchMm' in to.technique)) return null;
			if (technique.kind !== to.technique.kind) return null;
			return put({ ...now, technique: { ...technique, pitchMm: to.technique.pitchMm } });
		case 'technique':
			return put({ ...now, technique: to.technique });
		case 'join':
			return put({ ...now, join: to.join });
		case 'finish':
			return put({ ...now, finish: to.finish });
		case 'work':
			return put({ ...now, work: to.work });
	}
}

/** The size of a factor in a model, so that it can be told whether it grew. */
function sizeOf(factor: PlanFactor, plan: Plan, model: Model): number {
	switch (factor) {
		case 'size':
			return plan.target.widthMm * plan.target.lengthMm;
		case 'bag':
			return plan.bag.massG;
		case 'trim':
			return plan.cut.style === 'half-bag' ? 0 : plan.cut.trimBottomMm + plan.cut.trimTopMm;
		case 'strip':
		case 'cut':
			return model.yield.stripWidthMm;
		case 'weft':
			return model.weftYield?.stripWidthMm ?? 0;
		case 'hook':
			return plan.technique.kind === 'crochet' ? plan.technique.hookMm : 0;
		case 'pitch':
			return 'pitchMm' in plan.technique ? plan.technique.pitchMm : 0;
		default:
			return 0;
	}
}

/**
 * Why the figures of one plan are not those of another: every changed factor taken over one after the
 * other, with what bags to collect, hours and rows moved at it. The shares sum to the whole
 * difference. A factor that makes no mat by itself is counted with the one after it.
 *
 * @param from the plan measured against
 * @param to the plan that stands
 * @param practice whose measures both are worked out by
 * @throws DomainError where either plan cannot be made
 * @example whyMoved(startingPlan, { ...startingPlan, target: { widthMm: 900, lengthMm: 1850 } }, barePractice).map(({ factor, bags }) => [factor, Math.round(bags)]) // [['size', 35]]
 */
export function whyMoved(from: Plan, to: Plan, practice: Practice): FigureShift[] {
	const figures = (plan: Plan) => {
		const model = modelPlan(plan, pointFor(plan, practice));
		return {
			model,
			bags: model.toCollect,
			hours: totalSeconds(model.seconds) / 3600,
			rows: model.mat.rows
		};
	};
	const moves: FigureShift[] = [];
	let now = from;
	let before = figures(from);
	let stood = from;
	for (const factor of planFactors) {
		const next = takeOver(factor, now, to);
		if (!next) continue;
		now = next;
		try {
			const after = figures(now);
			moves.push({
				factor,
				bags: after.bags - before.bags,
				hours: after.hours - before.hours,
				rows: after.rows - before.rows,
				by: Math.sign(sizeOf(factor, now, after.model) - sizeOf(factor, stood, before.model))
			});
			before = after;
			stood = now;
		} catch (error) {
			if (!(error instanceof DomainError)) throw error;
		}
	}
	return moves;
}
