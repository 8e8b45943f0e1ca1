/** The forms the store keeps things in; scrap is weighed, all else counted. */
export const forms = ['bag', 'piece', 'ball', 'stuffing', 'scrap'] as const;
export type Form = (typeof forms)[number];

/** Every form that can lie in a pile: what the store lists, and what the table makes on the way. */
export const lineForms = [...forms, 'flat', 'strand', 'chain'] as const;
export type LineForm = (typeof lineForms)[number];

/** Where film can be: beside the store and the mats it is outside, or a difference that was counted. */
export const holders = ['store', 'mat', 'outside', 'difference'] as const;

/** Things that carry a label. */
export const thingSorts = [
	'batch',
	'ball',
	'chain',
	'warp',
	'mat',
	'pillow',
	'crate',
	'delivery'
] as const;
export type ThingSort = (typeof thingSorts)[number];

/** What happens to a thing. */
export const thingEvents = [
	'made',
	'begun',
	'finished',
	'taken-apart',
	'given',
	'lost',
	'good',
	'to-mend',
	'mended',
	'other-use',
	'delivered',
	'received',
	'sent-back'
] as const;
export type ThingEvent = (typeof thingEvents)[number];

/** Why something moves, where somebody says so. */
export const moveReasons = ['cut', 'joined', 'made', 'given', 'counted'] as const;
export type MoveReason = (typeof moveReasons)[number];

/** Why a row of a list moves: for a reason somebody gave, by a sorting, or because the list says so. */
export const rowReasons = ['imported', 'sorted', ...moveReasons] as const;

/** Why something moves at the table, beside what is cut and joined there. */
export const tableReasons = ['flattened', 'balled', 'loaded'] as const;

/** Every reason of the ledger. */
export const ledgerReasons = [...rowReasons, ...tableReasons, 'correction'] as const;
export type LedgerReason = (typeof ledgerReasons)[number];
