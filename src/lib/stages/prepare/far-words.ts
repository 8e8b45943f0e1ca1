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
				? 'One mat can begin with the balls there. '
				: `${wholeNumber(far.mats)} mats can begin with the balls there. `;
	if (lacking.length === 0) return `${can}That is all that are wanted.`.trim();
	const balls = lacking.map(
		([colour, count]) =>
			`${wholeNumber(count)} more ${colour === 'any' ? '' : `${colour} `}${count === 1 ? 'ball' : 'balls'}`
	);
	const list =
		balls.length > 1 ? `${balls.slice(0, -1).join(', ')} and ${balls.at(-1)}` : (balls[0] ?? '');
	return `${can}${capital(list)} and the ${nth(far.mats + 1)} mat can begin.`;
}
