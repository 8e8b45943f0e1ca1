import type { Basis } from '$lib/core/practice/practice';

/** Whose measures figures rest on, as the end of a sentence: `Figures by this group’s own measures.` */
export function basisWords(basis: Basis): string {
	switch (basis.of) {
		case 'craft':
			return 'by the craft alone; nothing measured is in them';
		case 'group':
			return 'by this group’s own measures';
		case 'maker':
			return `by what ${basis.name} has measured`;
	}
}

/** Said where a plan cannot be worked out with what was measured. */
export const unfitWords =
	'With your measures this plan cannot be made, so they are left out here. Look for a slip among them.';
