/** Why a picture cannot be measured, in the order in which it is looked for. */
export const problems = [
	'no-board',
	'dark',
	'blurred',
	'twice',
	'board-cut',
	'not-flat',
	'cut-off',
	'no-contrast'
] as const;
export type Problem = (typeof problems)[number];
