import { techniqueWords as say } from '$lib/words/common';
import type { TechniqueKind } from '$lib/core/techniques/technique';

/** What each technique is called. */
export const techniqueWords: Readonly<Record<TechniqueKind, string>> = {
	crochet: say.crochet(),
	'peg-loom': say.pegLoom(),
	twined: say.twinedFrame(),
	'finger-bands': say.fingerBands()
};
