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
	flatten: 'Flatten',
	'cut-blunt': 'Cut, blunt scissors',
	'cut-sharp': 'Cut, sharp scissors',
	'cut-blade': 'Cut, rolling blade',
	join: 'Join',
	ball: 'Wind balls',
	load: 'Load a loom',
	weave: 'Weave',
	crochet: 'Crochet',
	twine: 'Twine',
	bands: 'Weave bands',
	finish: 'Finish',
	check: 'Check',
	pillows: 'Stuff pillows'
};

/** Where somebody sits on a day: cutting is one station, whatever is cut with. */
export const seatStations: readonly string[] = [
	...new Set(seatNames.map((seat) => (seat.startsWith('cut-') ? 'cut' : seat)))
];

/** How at home somebody is at a seat: what the group's pace is multiplied by, and nobody is ranked by. */
export const levels = ['new', 'usual', 'practised'] as const;
export type Level = (typeof levels)[number];

/** What the table has to mind of a person, beside that they are a child. */
export const needs = ['sitting', 'one-hand', 'low-sight', 'short-spells'] as const;
export type Need = (typeof needs)[number];
export const seatNeedWords: Readonly<Record<Need, string>> = {
	sitting: 'works sitting only',
	'one-hand': 'works with one hand',
	'low-sight': 'sees little',
	'short-spells': 'works in short spells'
};

/** Seats no child takes: blunt scissors at most, never a blade. */
export const bladeSeats: readonly SeatName[] = ['cut-sharp', 'cut-blade'];

/** What stands at a seat, where its hand is. */
export const seatCautions: Partial<Readonly<Record<SeatName, string>>> = {
	'cut-blunt': 'A child cuts with an adult beside them, all the while.',
	'cut-sharp': 'Adults; sharp scissors lie closed when they are put down.',
	'cut-blade':
		'Trained adults only: cut away from the body, gloves on, the blade closed when it is put down.',
	load: 'Rods sit under tension: mind eyes and fingers.',
	weave: 'The same move again and again: a break in every three quarters of an hour.',
	join: 'The same move again and again: change seats before hands hurt.',
	pillows: 'Scrap can suffocate: keep it bagged and away from small children.'
};
