import type { Entry, EntryOf, EntryType } from '$lib/entries/registry';
import type { GroupId } from '../base/group-id';
import type { SaveResult } from '../db/save-result';
import { keepDropOff } from '../gather/drop-offs';
import { keepBagKind } from '../gather/kinds';
import { keepCorrection, keepMovement } from '../gather/ledger';
import { keepSorting } from '../gather/sortings';
import { takeBack } from '../gather/taken-back';
import { keepMeasurement } from '../measures/measurements';
import { keepTimedWork } from '../measures/timed-work';

/**
 * Keeps an entry, whole or not at all, in the transaction it is called in.
 *
 * @param key the idempotency key it was given on its device
 * @param at when it was typed
 */
export type Keeper<Kept extends Entry = Entry> = (
	groupId: GroupId,
	key: string,
	entry: Kept,
	at: Date
) => Promise<SaveResult>;

/** The keeper of each type of entry. */
const keepers: { readonly [Type in EntryType]: Keeper<EntryOf<Type>> } = {
	'drop-off': keepDropOff,
	sorting: keepSorting,
	movement: keepMovement,
	correction: (groupId, key, entry, at) =>
		entry.of === 'movement'
			? keepCorrection(groupId, key, entry, at)
			: takeBack(groupId, key, { ...entry, of: entry.of }, at),
	measurement: keepMeasurement,
	'bag-kind': keepBagKind,
	timed: keepTimedWork
};

export const keeperOf = ({ type }: Entry): Keeper => keepers[type] as Keeper;
