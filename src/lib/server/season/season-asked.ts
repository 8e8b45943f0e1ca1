import type { SeasonAsked, SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import { leversIn } from '$lib/stages/season/season-words';

/** The goal that is looked at: the one of a day, else the last. Of a group that did not say how it meets no chance is told. */
export const goalOf = (basis: SeasonBasis, by: string | null = null): SeasonGoal | null =>
	basis.hasRhythm ? (basis.goals.find((one) => one.by === by) ?? basis.goals.at(-1) ?? null) : null;

/** What an address asks of a season: by which day, and what is changed of it; what it does not say is as it stands. */
export function seasonAsked(
	{ searchParams }: Pick<URL, 'searchParams'>,
	basis: SeasonBasis
): { readonly goal: SeasonGoal | null; readonly asked: SeasonAsked } {
	const by = searchParams.get('by');
	const plan = searchParams.get('plan');
	return {
		goal: goalOf(basis, by),
		asked: {
			levers: leversIn(searchParams.getAll('with').slice(0, 40)),
			other: basis.plans.some(({ id }) => id === plan) ? plan : null
		}
	};
}
