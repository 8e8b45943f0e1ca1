import { farWords as say } from '$lib/words/prepare';
import type { TablePlan } from './table-view';
import { capital, wholeNumber } from '$lib/ui/number-words';

const nth = (mat: number): string =>
	['first', 'second', 'third', 'fourth', 'fifth', 'sixth'][mat - 1] ?? `${wholeNumber(mat)}th`;

/** How far the balls go for a plan: what can begin, and what the next mat still lacks. Null where none is wanted. */
export function farWords({
	far,
	matsWanted
}: Pick<TablePlan, 'far' | 'matsWanted'>): string | null {
	if (matsWanted === 0) return null;
	const lacking = Object.entries(far.lacking);
	const can =
		far.mats === 0
			? ''
			: far.mats === 1
				? say.oneMatCanBeginWith()
				: say.matsCanBeginWithThe({ mats: wholeNumber(far.mats) });
	if (lacking.length === 0) return say.thatIsAllThatAre({ can }).trim();
	const balls = lacking.map(([colour, count]) =>
		say.moreCount2PluralOneOther({
			count: wholeNumber(count),
			part: colour === 'any' ? '' : `${colour} `,
			count2: count
		})
	);
	const list =
		balls.length > 1
			? say.and({ balls: balls.slice(0, -1).join(', '), balls2: balls.at(-1) ?? '' })
			: (balls[0] ?? '');
	return say.andTheMatCanBegin({ can, list: capital(list), nth: nth(far.mats + 1) });
}
