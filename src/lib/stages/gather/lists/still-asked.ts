import type { Checked } from './check-list';

/** What becomes of rows that are there already: not said yet, left out, or counted once more. */
export const knownRows = ['ask', 'skip', 'again'] as const;
export type KnownRows = (typeof knownRows)[number];

/** What somebody has said of a list. */
export interface AnsweredInList {
	readonly knownRows: KnownRows;
	/** Its odd counts are right as they stand. */
	readonly areOddRight: boolean;
}

/** Which questions a list still waits for an answer to. */
export const stillAsked = (
	{ knownCount, oddCellCount }: Pick<Checked<unknown>, 'knownCount' | 'oddCellCount'>,
	said: AnsweredInList
): { readonly ofKnown: boolean; readonly ofOdd: boolean } => ({
	ofKnown: knownCount > 0 && said.knownRows === 'ask',
	ofOdd: oddCellCount > 0 && !said.areOddRight
});
