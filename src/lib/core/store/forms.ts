/** The forms the store keeps things in; scrap is weighed, all else counted. */
export const forms = ['bag', 'piece', 'ball', 'stuffing', 'scrap'] as const;
export type Form = (typeof forms)[number];

/** Why something moves, where somebody says so. */
export const moveReasons = ['cut', 'joined', 'made', 'given', 'counted'] as const;
export type MoveReason = (typeof moveReasons)[number];

/** Why a row of a list moves: for a reason somebody gave, by a sorting, or because the list says so. */
export const rowReasons = ['imported', 'sorted', ...moveReasons] as const;

/** Every reason of the ledger. */
export const ledgerReasons = [...rowReasons, 'correction'] as const;
