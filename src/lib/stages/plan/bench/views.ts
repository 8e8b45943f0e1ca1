/** What can stand beside the steps, each with the key that shows it. */
export const views = [
	{ view: 'mat', label: 'The mat', key: 'm' },
	{ view: 'compare', label: 'Compare', key: 'c' },
	{ view: 'make', label: 'What can I make?', key: 'w' },
	{ view: 'schools', label: 'Schools', key: 's' },
	{ view: 'paper', label: 'On paper', key: 'p' }
] as const;
export type ViewName = (typeof views)[number]['view'];
