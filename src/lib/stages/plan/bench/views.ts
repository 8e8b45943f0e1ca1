import { views as say } from '$lib/words/plan';
/** What can stand beside the steps, each with the key that shows it. */
export const views = [
	{ view: 'mat', label: say.theMat(), key: 'm' },
	{ view: 'compare', label: say.compare(), key: 'c' },
	{ view: 'make', label: say.whatCanIMake(), key: 'w' },
	{ view: 'schools', label: say.schools(), key: 's' },
	{ view: 'paper', label: say.print(), key: 'p' }
] as const;
export type ViewName = (typeof views)[number]['view'];
