import { readEntry } from '$lib/gather/entries';
import { typedAt } from '$lib/gather/typed-at';
import type { Typed } from '$lib/gather/form-reader';
import type { LengthSystem } from '$lib/core/units/format-length';
import type { Booked } from './db/booked';
import { keepDropOff } from './db/drop-offs';
import { keepBagKind } from './db/kinds';
import { keepCorrection, keepMovement } from './db/ledger';
import { keepSorting } from './db/sortings';
import { takeBack } from './db/taken-back';
import { keepMeasurement } from './db/measurements';
import { keepTimedWork } from './db/timed-work';
import type { GroupId } from './group';

/** An entry as a device sends it: what was typed, under a key made there. */
export interface SentEntry {
	readonly key: string;
	readonly type: string;
	readonly typed: Typed;
	/** When it was typed, by the device's clock. */
	readonly at?: string | undefined;
}

/** Reads an entry and keeps it. The same key again counts once. */
export function takeEntry(
	groupId: GroupId,
	{ key, type, typed, at: said }: SentEntry,
	system: LengthSystem
): Promise<Booked> {
	const { entry, problems } = readEntry(type, typed, system);
	if (!entry) return Promise.resolve({ outcome: 'refused', problems });
	const at = typedAt(said, new Date());
	switch (entry.type) {
		case 'drop-off':
			return keepDropOff(groupId, key, entry);
		case 'sorting':
			return keepSorting(groupId, key, entry, at);
		case 'movement':
			return keepMovement(groupId, key, entry, at);
		case 'correction':
			return entry.of === 'movement'
				? keepCorrection(groupId, key, entry, at)
				: takeBack(groupId, key, { ...entry, of: entry.of }, at);
		case 'measurement':
			return keepMeasurement(groupId, key, entry);
		case 'bag-kind':
			return keepBagKind(groupId, key, entry);
		case 'timed':
			return keepTimedWork(groupId, key, entry);
	}
}
