import type { Cut } from '../cut/types';
import { trimsOf } from '../cut/types';
import { DomainError } from '../domain-error';
import { totalSeconds } from '../effort/stations';
import type { Practice } from '../practice/practice';
import { pointFor } from '../model/known-for';
import { modelPlan } from '../model/model';
import type { Plan } from '../model/types';

/** What a plan comes to at one strip width. */
export interface WidthPoint {
	readonly stripWidthMm: number;
	readonly bags: number;
	readonly hours: number;
	readonly cover: number;
}

/**
 * The cut whose width can be varied: a loom's weft, else the plan's own; null where it has none.
 *
 * @example variedCut({ ...startingPlan, cut: { style: 'half-bag' } }) // null
 */
export function variedCut(plan: Plan): Cut | null {
	const cut = plan.technique.kind === 'peg-loom' ? plan.technique.weftCut : plan.cut;
	return cut.style === 'loops' || cut.style === 'spiral' ? cut : null;
}

/**
 * The same plan at another strip width.
 *
 * @example withStripWidth(startingPlan, 60).cut // { style: 'loops', trimBottomMm: 50, trimTopMm: 50, stripWidthMm: 60 }
 */
export function withStripWidth(plan: Plan, stripWidthMm: number): Plan {
	const varied = variedCut(plan);
	if (!varied || (varied.style !== 'loops' && varied.style !== 'spiral')) return plan;
	const trims = trimsOf(varied);
	const cut: Cut =
		varied.style === 'spiral'
			? { ...varied, stripWidthMm }
			: {
					style: 'loops',
					trimBottomMm: trims.trimBottomMm,
					trimTopMm: trims.trimTopMm,
					stripWidthMm
				};
	return plan.technique.kind === 'peg-loom'
		? { ...plan, technique: { ...plan.technique, weftCut: cut } }
		: { ...plan, cut };
}

/**
 * Strip width against work: bags to collect, hours and cover over the widths a bag allows, hook,
 * pegs and all else as they are. Empty where the cut has no width to vary.
 * @example sweepStripWidths(startingPlan, barePractice, 5).length // 5
 */
export function sweepStripWidths(plan: Plan, practice: Practice, points = 60): WidthPoint[] {
	const varied = variedCut(plan);
	if (!varied) return [];
	const { trimBottomMm, trimTopMm } = trimsOf(varied);
	const usableMm = plan.bag.bodyMm - trimBottomMm - trimTopMm;
	const most = Math.min(150, varied.style === 'spiral' ? usableMm / 2 : usableMm);
	const least = Math.min(12, most);
	const middle = pointFor(plan, practice);
	const swept: WidthPoint[] = [];
	for (let point = 0; point < points; point++) {
		const stripWidthMm = least + ((most - least) * point) / (points - 1);
		try {
			const model = modelPlan(withStripWidth(plan, stripWidthMm), middle);
			swept.push({
				stripWidthMm,
				bags: model.toCollect,
				hours: totalSeconds(model.seconds) / 3600,
				cover: model.mat.cover
			});
		} catch (error) {
			if (!(error instanceof DomainError)) throw error;
		}
	}
	return swept;
}
