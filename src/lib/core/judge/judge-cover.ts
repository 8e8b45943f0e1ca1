import { hookForCoverMm } from '../back/wanted-cover';
import { hooksOf, nearestHookMm, suitableHookMm } from '../techniques/crochet/hooks';
import { defaults } from '../defaults';
import { coverGrade, coverGrades } from '../techniques/cover-grade';
import type { Model } from '../model/model';
import type { Plan } from '../model/types';
import type { Judgement, PlanPatch } from './judgement';

/**
 * Close enough for a fingertip? And where it is not: the one choice that would close it, if there is one.
 *
 * @example judgeCover(startingPlan, modelPlan(startingPlan, barePoint)).code // 'cover-fair'
 */
export function judgeCover(plan: Plan, model: Model): Judgement {
	const { mat } = model;
	const grade = coverGrade(mat.kind, mat.cover);
	const severity = grade === 'close' ? 'good' : grade === 'fair' ? 'look' : 'change';
	const closer = grade === 'close' ? null : closerOf(plan, model);
	return {
		code: `cover-${grade}`,
		severity,
		subject: 'technique',
		figures: { cover: mat.cover, ...coverGrades[mat.kind], ...closer?.figures },
		...(closer && { cure: closer.cure })
	};
}

/** The largest hook that closes a crocheted mat and still suits its strand, or firm beating on a loom. */
function closerOf(
	{ technique }: Plan,
	{ yield: cut }: Model
): { cure: PlanPatch; figures: Record<string, number> } | null {
	if (technique.kind === 'peg-loom' && technique.packing !== 'firm')
		return { cure: { technique: { ...technique, packing: 'firm' } }, figures: {} };
	if (technique.kind !== 'crochet') return null;
	const mostMm = hookForCoverMm(coverGrades.crochet.close, cut.bulkDiameterMm, technique.stitch);
	const least = suitableHookMm(cut.bulkDiameterMm).near * (1 - defaults.hookTolerance.value);
	const hookMm = hooksOf(technique.hooksMm).findLast((mm) => mm <= mostMm);
	if (hookMm === undefined || hookMm < least) return null;
	return { cure: { technique: { ...technique, hookMm } }, figures: { closerHookMm: hookMm } };
}

/**
 * Whether the hook suits the strand, and the hook that would.
 *
 * @example judgeHook({ ...startingPlan, technique: { kind: 'crochet', stitch: 'sc', hookMm: 4 } }, modelPlan({ ...startingPlan, technique: { kind: 'crochet', stitch: 'sc', hookMm: 4 } }, barePoint)).map(({ code }) => code) // ['hook-small']
 */
export function judgeHook(plan: Plan, model: Model): Judgement[] {
	const { technique } = plan;
	if (technique.kind !== 'crochet') return [];
	const { near, far } = suitableHookMm(model.yield.bulkDiameterMm);
	const { hookMm } = technique;
	const suggestedMm = nearestHookMm((near + far) / 2, technique.hooksMm);
	const isSmall = hookMm < near * (1 - defaults.hookTolerance.value);
	const isLarge = hookMm > far * (1 + defaults.hookTolerance.value);
	if (!isSmall && !isLarge) return [];
	return [
		{
			code: isSmall ? 'hook-small' : 'hook-large',
			severity: 'look',
			subject: 'technique',
			figures: { hookMm, nearMm: near, farMm: far, suggestedMm },
			...(suggestedMm !== hookMm && {
				cure: { technique: { ...technique, hookMm: suggestedMm } }
			})
		}
	];
}
