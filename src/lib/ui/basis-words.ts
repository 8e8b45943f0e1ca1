import { basisWords as say } from '$lib/words/common';
import type { Basis } from '$lib/core/practice/practice';

/** Whose measures figures rest on, as the end of a sentence: `Figures by this group’s own measures.` */
export function basisWords(basis: Basis): string {
	switch (basis.of) {
		case 'craft':
			return say.byTheCraftAloneNothing();
		case 'group':
			return say.byThisGroupsOwnMeasures();
		case 'maker':
			return say.bySOwnMeasures({ name: basis.name });
	}
}

/** Said where a plan cannot be worked out with what was measured. */
export const unfitWords = say.withYourMeasuresThisPlan();
