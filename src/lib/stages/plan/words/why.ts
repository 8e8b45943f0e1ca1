import type { Tally } from '$lib/core/estimate/estimate';
import { whyMoved } from '$lib/core/explain/why-moved';
import type { Plan } from '$lib/core/model/types';
import type { Practice } from '$lib/core/practice/practice';
import { whyWords } from './why-words';

const bagsOf = (tally: Tally) => Math.ceil(tally.toCollect.expected - 1e-9);

/** Why a plan's figures are not those of the one it is measured against, in a line. */
export const whyBetween = (
	pinned: { readonly plan: Plan; readonly tally: Tally },
	plan: Plan,
	tally: Tally,
	practice: Practice
): string =>
	whyWords(
		whyMoved(pinned.plan, plan, practice),
		{
			bags: bagsOf(tally) - bagsOf(pinned.tally),
			hours: tally.hours.expected - pinned.tally.hours.expected
		},
		{ bags: bagsOf(tally), hours: tally.hours.expected }
	);
