import { seats as say } from '$lib/words/people';
/** The seats of a table a person may take, in the order of the work. */
export const seatNames = [
	'flatten',
	'cut-blunt',
	'cut-sharp',
	'cut-blade',
	'join',
	'ball',
	'load',
	'weave',
	'crochet',
	'twine',
	'bands',
	'finish',
	'check',
	'pillows'
] as const;
export type SeatName = (typeof seatNames)[number];

export const seatWords: Readonly<Record<SeatName, string>> = {
	flatten: say.flatten(),
	'cut-blunt': say.cutBluntScissors(),
	'cut-sharp': say.cutSharpScissors(),
	'cut-blade': say.cutRollingBlade(),
	join: say.join(),
	ball: say.windBalls(),
	load: say.loadALoom(),
	weave: say.weave(),
	crochet: say.crochet(),
	twine: say.twine(),
	bands: say.weaveBands(),
	finish: say.finish(),
	check: say.check(),
	pillows: say.stuffPillows()
};

/** Where somebody sits on a day: cutting is one station, whatever is cut with. */
export const seatStations: readonly string[] = [
	...new Set(seatNames.map((seat) => (seat.startsWith('cut-') ? 'cut' : seat)))
];

/** How at home somebody is at a seat: what the group's pace is multiplied by, and nobody is ranked by. */
export const levels = ['new', 'usual', 'practised'] as const;
export type Level = (typeof levels)[number];

/** What the table has to mind of a person, beside that they are a child. */
export const needs = ['sitting', 'one-hand', 'low-sight', 'short-spells', 'company'] as const;
export type Need = (typeof needs)[number];
export const seatNeedWords: Readonly<Record<Need, string>> = {
	sitting: say.worksSittingOnly(),
	'one-hand': say.worksWithOneHand(),
	'low-sight': say.hasPoorSight(),
	'short-spells': say.needsShortSpells(),
	company: say.wantsCompany()
};

/** Seats no child takes: blunt scissors at most, never a blade. */
export const bladeSeats: readonly SeatName[] = ['cut-sharp', 'cut-blade'];

/** What stands at a seat, where its hand is. */
export const seatCautions: Partial<Readonly<Record<SeatName, string>>> = {
	'cut-blunt': say.aChildCutsWithAn(),
	'cut-sharp': say.adultsSharpScissorsLieClosed(),
	'cut-blade': say.trainedAdultsOnlyCutAway(),
	load: say.rodsSitUnderTensionMind(),
	weave: say.theSameMoveAgainAnd(),
	join: say.theSameMoveAgainAnd2(),
	pillows: say.scrapCanSuffocateKeepIt()
};
