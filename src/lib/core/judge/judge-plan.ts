import { coverGrade } from '../crochet/cover-grade';
import { nearestHookMm, suitableHookMm } from '../crochet/hooks';
import { defaults } from '../defaults';
import type { Model } from '../plan/model';
import type { Plan } from '../plan/types';
import { usualSleeperHeightMm } from '../plan/types';

/** Which step of the plan a judgement is about. */
export type Subject = 'size' | 'bag' | 'cut' | 'join' | 'technique' | 'finish';

/** `good`: say so. `look`: worth a look before starting. `change`: the mat will disappoint as it stands. */
export type Severity = 'good' | 'look' | 'change';

/** A call on a plan, as data: which, how grave, about what, on which figures. The sentence is made elsewhere. */
export interface Judgement {
	readonly code: JudgementCode;
	readonly severity: Severity;
	readonly subject: Subject;
	readonly figures: Readonly<Record<string, number>>;
}

export type JudgementCode =
	| 'cover-close'
	| 'cover-fair'
	| 'cover-gaps'
	| 'hook-small'
	| 'hook-large'
	| 'film-thin'
	| 'film-thick'
	| 'offcut-wasteful'
	| 'short-strip'
	| 'mat-shorter-than-sleeper'
	| 'strip-weak';

/** A strand that holds less than this at a joint snaps at a careless pull, N. */
const carelessPullN = 12;
/** An off-cut above this share of the strip width is worth another width. */
const wastefulShare = 0.4;

/**
 * The calls a practised hand would make on a plan before the first bag is cut.
 *
 * @source bench default for every limit
 */
export function judgePlan(plan: Plan, model: Model): Judgement[] {
	const { yield: cut, mat } = model;
	const judgements: Judgement[] = [];
	const add = (
		code: JudgementCode,
		severity: Severity,
		subject: Subject,
		figures: Record<string, number>
	) => judgements.push({ code, severity, subject, figures });

	const filmUm = model.filmThicknessMm * 1000;
	if (filmUm < defaults.plausibleFilmMinUm.value) add('film-thin', 'change', 'bag', { filmUm });
	if (filmUm > defaults.plausibleFilmMaxUm.value) add('film-thick', 'change', 'bag', { filmUm });

	const grade = coverGrade(mat.cover);
	const severity = grade === 'close' ? 'good' : grade === 'fair' ? 'look' : 'change';
	add(`cover-${grade}`, severity, 'technique', { cover: mat.cover });

	const { near, far } = suitableHookMm(cut.bulkDiameterMm);
	const hookMm = plan.technique.hookMm;
	const figures = {
		hookMm,
		nearMm: near,
		farMm: far,
		suggestedMm: nearestHookMm((near + far) / 2)
	};
	if (hookMm < near * 0.9) add('hook-small', 'look', 'technique', figures);
	if (hookMm > far * 1.1) add('hook-large', 'look', 'technique', figures);

	if (cut.offcutMm > wastefulShare * cut.stripWidthMm) {
		const usableMm = cut.pieces * cut.stripWidthMm + cut.offcutMm;
		add('offcut-wasteful', 'look', 'cut', {
			offcutMm: cut.offcutMm,
			evenWidthMm: usableMm / cut.pieces,
			evenStrips: cut.pieces
		});
	}
	if (cut.shortStripMm !== null) {
		add('short-strip', 'look', 'cut', {
			shortMm: cut.shortStripMm,
			stripWidthMm: cut.stripWidthMm
		});
	}

	const holdsN =
		defaults.filmYieldStress.value * cut.solidSectionMm2 * defaults.jointStrengthShare.value;
	if (holdsN < carelessPullN)
		add('strip-weak', 'look', 'cut', { holdsN, stripWidthMm: cut.stripWidthMm });

	const sleeperMm = plan.sleeperHeightMm ?? usualSleeperHeightMm;
	if (mat.lengthMm < sleeperMm) {
		add('mat-shorter-than-sleeper', 'look', 'size', { lengthMm: mat.lengthMm, sleeperMm });
	}
	return judgements;
}
