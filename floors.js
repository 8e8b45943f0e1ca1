// The floors of the house, the lowest first. A file may use what lies on lower floors and in its own
// room; rooms of one floor know nothing of each other. ESLint holds it, `.svelte` files included.
const core = [
	['core', 'core/mat', 'core/units'],
	['core/factors'],
	[
		'core/bag',
		'core/code',
		'core/colour',
		'core/finish',
		'core/joint',
		'core/rhythm',
		'core/size',
		'core/statistics'
	],
	['core/strand', 'core/gather', 'core/photo'],
	['core/cut'],
	['core/kinds'],
	[
		'core/techniques/bands',
		'core/techniques/crochet',
		'core/techniques/peg-loom',
		'core/techniques/twined'
	],
	['core/techniques'],
	['core/tools'],
	['core/effort', 'core/drawing'],
	['core/acts'],
	['core/assembly-line'],
	['core/practice'],
	['core/model'],
	['core/back', 'core/store'],
	['core/judge', 'core/making', 'core/check'],
	['core/hand-over', 'core/season', 'core/know-how'],
	['core/estimate'],
	['core/calibrate', 'core/compare', 'core/explain', 'core/prepare', 'core/simulate']
];
const page = [
	['words'],
	['routes'],
	['ui'],
	['entries', 'sight'],
	['auth'],
	['stages/photo'],
	['measures', 'stages/house', 'stages/know-how/links', 'stages/search'],
	['stages/gather', 'stages/plan/document'],
	['stages/prepare', 'stages/people'],
	['stages/table-day', 'stages/making', 'stages/season'],
	['maker', 'stages/check', 'stages/hand-over'],
	['stages/today'],
	['stages/gather/lists', 'stages/plan/fields', 'stages/plan/school-door'],
	['stages/plan/words'],
	['stages/plan/drawing'],
	['stages/plan/bench', 'stages/know-how/lessons'],
	['stages/know-how'],
	['stages/plan/parts', 'stages/plan/compare'],
	['stages/plan/sack', 'stages/plan/ways'],
	['stages/plan/steps', 'stages/plan/views'],
	['stages/plan']
];
const server = [
	['server/base'],
	['server/db'],
	['server/book'],
	['server/auth'],
	['server/web', 'server/plan', 'server/sheets', 'server/photo'],
	['server/heavy', 'server/measures', 'server/removed'],
	['server/gather'],
	['server/people', 'server/prepare', 'server/making'],
	['server/check', 'server/hand-over', 'server/know-how'],
	['server/need'],
	['server/season', 'server/search'],
	['server/today'],
	['server/asks'],
	['server/bench', 'server/entries', 'server/out'],
	['server/table-day']
];

export const floors = [...core, ...page, ...server];
