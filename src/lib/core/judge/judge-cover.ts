import { hookForCoverMm } from '../back/wanted-cover';
import { intentOf } from '../techniques/crochet/hook-intents';
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
	const least = defaults.hookDenseLeast.value * cut.bulkDiameterMm;
	const hookMm = hooksOf(technique.hooksMm).findLast((mm) => mm <= mostMm);
	if (hookMm === undefined || hookMm < least) return null;
	return { cure: { technique: { ...technique, hookMm } }, figures: { closerHookMm: hookMm } };
}

/**
 * What the hook does with the strand, where it is not the usual: no hook is wrong that some hands use, so
 * only one that drags the joints, or makes a net, is worth a look before starting.
 *
 * @example judgeHook({ ...startingPlan, technique: { kind: 'crochet', stitch: 'sc', hookMm: 4 } }, modelPlan({ ...startingPlan, technique: { kind: 'crochet', stitch: 'sc', hookMm: 4 } }, barePoint)).map(({ code }) => code) // ['hook-small']
 */
export function judgeHook(plan: Plan, model: Model): Judgement[] {
	const { technique } = plan;
	if (technique.kind !== 'crochet') return [];
	const { bulkDiameterMm } = model.yield;
	const { hookMm } = technique;
	const serves = intentOf(hookMm, bulkDiameterMm);
	const calls: Judgement[] = [];
	if (serves === 'drags' || serves === 'net') {
		const { near, far } = suitableHookMm(bulkDiameterMm);
		const suggestedMm = nearestHookMm((near + far) / 2, technique.hooksMm);
		calls.push({
			code: serves === 'drags' ? 'hook-small' : 'hook-large',
			severity: 'look',
			subject: 'technique',
			figures: { hookMm, nearMm: near, farMm: far, suggestedMm },
			...(suggestedMm !== hookMm && {
				cure: { technique: { ...technique, hookMm: suggestedMm } }
			})
		});
	} else if (serves !== 'usual') {
		calls.push({
			code: serves === 'dense' ? 'hook-dense' : 'hook-loose',
			severity: 'good',
			subject: 'technique',
			figures: { hookMm, cover: model.mat.cover }
		});
	}
	const { fistHook, crampHook } = defaults;
	if (hookMm >= fistHook.value || hookMm < crampHook.value)
		calls.push({
			code: hookMm < crampHook.value ? 'hook-cramps' : 'hook-in-fist',
			severity: 'good',
			subject: 'technique',
			figures: { hookMm }
		});
	return calls;
}
