import type { ColourName } from '../../core/colour/colours';
import { colourNames } from '../../core/colour/colours';
import type { FormReader } from '../form-reader';
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
	const drying = read.count('drying', 0, 100_000, 0);
	const entry: SortingEntry = {
		type: 'sorting',
		place: read.needed('place', 120),
		kindId: read.uuid('kind'),
		colour: read.word('colour', colourNames),
		strand: read.count('strand', 0, 100_000, 0),
		stuffing: read.count('stuffing', 0, 100_000, 0),
		drying,
		rejected: read.count('rejected', 0, 100_000, 0),
		lookAgainHours: drying > 0 ? read.count('look_again', 1, 240, 2) : null,
		driedFrom: read.raw('dried') === '' ? null : read.count('dried', 1, 999_999_999),
		byName: read.text('by_name', 120),
		isSure: read.isSure
	};
	const all = entry.strand + entry.stuffing + drying + entry.rejected;
	if (read.isGood && all === 0) read.problems.strand = 'Count at least one bag.';
	return entry;
}

export const sortingType = entryType<SortingEntry>({
	type: 'sorting',
	page: '/gather/sort',
	read: readSorting,
	words: ({ strand, colour }) => `${strand || 0} ${colour} bags for strand`
});
