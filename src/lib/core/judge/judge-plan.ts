import { defaults } from '../defaults';
import type { Model } from '../model/model';
import type { Plan } from '../model/types';
import { usualSleeperHeightMm } from '../model/types';
import { judgeCover, judgeHook } from './judge-cover';
import { judgeCut, judgeStack } from './judge-cut';
import { judgeKinds } from './judge-kinds';
import { judgeFrame, judgeLoom } from './judge-loom';
import type { Judgement } from './judgement';

/** Whether the measures of the bag fit each other. */
function judgeBag(model: Model): Judgement[] {
	const filmUm = model.filmThicknessMm * 1000;
	const isThin = filmUm < defaults.plausibleFilmMinUm.value;
	if (!isThin && filmUm <= defaults.plausibleFilmMaxUm.value) return [];
	return [
		{
			code: isThin ? 'film-thin' : 'film-thick',
			severity: 'change',
			subject: 'bag',
			figures: { filmUm }
		}
	];
}

/** Whether the mat is as large as wanted, and as the one who sleeps on it. */
function judgeSize(plan: Plan, { mat }: Model): Judgement[] {
	const judgements: Judgement[] = [];
	const { target, technique } = plan;
	const isOfTool =
		(technique.kind === 'peg-loom' && technique.pegToPegMm !== undefined) ||
		(technique.kind === 'twined' && technique.nails !== undefined);
	const sleeperMm = plan.sleeperHeightMm ?? usualSleeperHeightMm;
	if (mat.lengthMm < sleeperMm) {
		const lengthMm = Math.ceil((target.lengthMm + sleeperMm - mat.lengthMm) / 10 + 2) * 10;
		judgements.push({
			code: 'mat-shorter-than-sleeper',
			severity: 'look',
			subject: 'size',
			figures: { lengthMm: mat.lengthMm, sleeperMm },
			// A tool that stands there makes the length: wanting more of it changes nothing.
			...(!isOfTool && { cure: { target: { ...target, lengthMm } } })
		});
	}
	if (target.widthMm < defaults.matLeastWidth.value) {
		judgements.push({
			code: 'mat-narrow',
			severity: 'look',
			subject: 'size',
			figures: { widthMm: target.widthMm, leastMm: defaults.matLeastWidth.value },
			cure: { target: { ...target, widthMm: defaults.matLeastWidth.value } }
		});
	}
	const missedMm = mat.widthMm - target.widthMm;
	if (Math.abs(missedMm) > defaults.missedWidth.value * target.widthMm) {
		judgements.push({
			code: 'size-missed',
			severity: 'look',
			subject: 'technique',
			figures: { widthMm: mat.widthMm, wantedMm: target.widthMm }
		});
	}
	return judgements;
}

/**
 * The calls a practised hand would make on a plan before the first bag is cut.
 *
 * @source bench default for every limit, or assumed as the table of defaults says
 * @example judgePlan(startingPlan, modelPlan(startingPlan, barePoint)).map(({ code }) => code) // ['cover-fair']
 */
export const judgePlan = (plan: Plan, model: Model): Judgement[] => [
	...judgeBag(model),
	...judgeKinds(model),
	judgeCover(plan, model),
	...judgeHook(plan, model),
	...judgeCut(plan, model),
	...judgeStack(plan),
	...judgeLoom(plan, model),
	...judgeFrame(model),
	...judgeSize(plan, model)
];
