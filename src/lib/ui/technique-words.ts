import type { TechniqueKind } from '$lib/core/techniques/technique';

/** What each technique is called. */
export const techniqueWords: Readonly<Record<TechniqueKind, string>> = {
	crochet: 'crochet',
	'peg-loom': 'peg loom',
	twined: 'twined frame',
	'finger-bands': 'finger bands'
};
