import type { SeasonAsked, SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import { leversIn } from '$lib/stages/season/season-words';

/** What an address asks of a season: by which day, and what is changed of it; what it does not say is as it stands. */
export function seasonAsked(
	{ searchParams }: Pick<URL, 'searchParams'>,
	basis: SeasonBasis
): { readonly goal: SeasonGoal | null; readonly asked: SeasonAsked } {
	const by = searchParams.get('by');
	const plan = searchParams.get('plan');
	return {
		goal: basis.goals.find((one) => one.by === by) ?? basis.goals.at(-1) ?? null,
		asked: {
			levers: leversIn(searchParams.getAll('with').slice(0, 40)),
			other: basis.plans.some(({ id }) => id === plan) ? plan : null
		}
	};
}
