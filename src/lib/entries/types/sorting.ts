import { sorting as say } from '$lib/words/common';
import type { ColourName } from '../../core/colour/colours';
import { colourNames } from '../../core/colour/colours';
import type { FormReader } from '../form-reader';
import { bounds, longest } from '../bounds';
import { entryType } from '../entry-type';

export interface SortingEntry {
	readonly type: 'sorting';
	readonly place: string;
	readonly kindId: string;
	readonly colour: ColourName;
	readonly strand: number;
	readonly stuffing: number;
	readonly drying: number;
	readonly rejected: number;
	/** Hours until the drying ones are looked at again; null where none are drying. */
	readonly lookAgainHours: number | null;
	/** The pile they hung in, where they were drying; null for bags that are sorted for the first time. */
	readonly driedFrom: number | null;
	readonly byName: string | null;
	/** The one who typed it has said that an odd count is right as it stands. */
	readonly isSure: boolean;
}

function readSorting(read: FormReader): SortingEntry {
	const drying = read.count('drying', bounds['sorting.drying'], 0);
	const entry: SortingEntry = {
		type: 'sorting',
		place: read.needed('place', longest['place.name']),
		kindId: read.uuid('kind'),
		colour: read.word('colour', colourNames),
		strand: read.count('strand', bounds['sorting.strand'], 0),
		stuffing: read.count('stuffing', bounds['sorting.stuffing'], 0),
		drying,
		rejected: read.count('rejected', bounds['sorting.rejected'], 0),
		lookAgainHours: drying > 0 ? read.count('look_again', { atLeast: 1, atMost: 240 }, 2) : null,
		driedFrom:
			read.raw('dried') === '' ? null : read.count('dried', { atLeast: 1, atMost: 999_999_999 }),
		byName: read.text('by_name', longest['person.name']),
		isSure: read.isSure
	};
	const all = entry.strand + entry.stuffing + drying + entry.rejected;
	if (read.isGood && all === 0) read.problems.strand = say.countAtLeastOneBag();
	return entry;
}

export const sortingType = entryType<SortingEntry>({
	type: 'sorting',
	page: '/gather/sort',
	done: say.sortedBags(),
	read: readSorting,
	facts: ({ byName, place }) => ({ byName, reason: 'sorted', note: say.from({ place }) }),
	words: ({ strand, colour }) => say.bagsForStrand({ strand: strand || 0, colour: colour ?? '' })
});
