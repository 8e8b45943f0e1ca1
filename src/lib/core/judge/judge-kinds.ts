import { defaults } from '../defaults';
import { worstVerdict } from '../kinds/like-cut';
import { sumOf } from '../model/material-use';
import type { Model } from '../model/model';
import type { Judgement } from './judgement';

/**
 * Whether a difference between the kinds of bag will show or weaken, and whether those on hand are enough:
 * the kind that differs most is named by its number, the plan's own being the first.
 *
 * @example judgeKinds(modelPlan(startingPlan, barePoint)) // []
 */
export function judgeKinds({ kinds }: Model): Judgement[] {
	if (!kinds) return [];
	const calls: Judgement[] = [];
	let worst = 0;
	for (const [nth, { like, weft }] of kinds.entries())
		if (offOf({ like, weft }) > offOf(kinds[worst] ?? { like, weft })) worst = nth;
	const { like, weft } = kinds[worst] ?? {};
	const verdict = worstVerdict([like, weft].flatMap((one) => one?.verdict ?? []));
	if (like && verdict !== 'as-one') {
		const told = weft && Math.abs(weft.thicknessOff) > Math.abs(like.thicknessOff) ? weft : like;
		calls.push({
			code: verdict === 'alternate' ? 'kinds-alternate' : 'kinds-apart',
			severity: verdict === 'alternate' ? 'look' : 'change',
			subject: 'bag',
			figures: {
				nth: worst + 1,
				thickerPercent: Math.abs(told.thicknessOff) * 100,
				isThicker: told.thicknessOff > 0 ? 1 : 0,
				widthPercent: Math.abs(told.thicknessOff) * defaults.mixWidth.value * 100
			}
		});
	}
	// Bags on hand answer the shares, so that all kinds lack alike.
	const lacking = sumOf(kinds, ({ short }) => short);
	if (lacking > 0.5)
		calls.push({
			code: 'kinds-short',
			severity: 'look',
			subject: 'bag',
			figures: {
				bags: Math.ceil(lacking),
				percent: (1 - lacking / sumOf(kinds, ({ toPrepare }) => toPrepare)) * 100
			}
		});
	return calls;
}

const offOf = ({ like, weft }: Pick<NonNullable<Model['kinds']>[number], 'like' | 'weft'>) =>
	Math.max(Math.abs(like.sectionOff), Math.abs(weft?.sectionOff ?? 0));
