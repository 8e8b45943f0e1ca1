import { flatten as say } from '$lib/words/common';
import type { ColourName } from '../../core/colour/colours';
import { colourNames } from '../../core/colour/colours';
import type { FormReader } from '../form-reader';
import { actBounds, longest } from '../bounds';
import { entryType } from '../entry-type';

/** Bags of a pile laid flat, one on the other. */
export interface FlattenEntry {
	readonly type: 'flatten';
	readonly kindId: string;
	readonly colour: ColourName;
	readonly bags: number;
	readonly byName: string | null;
}

const readFlatten = (read: FormReader): FlattenEntry => ({
	type: 'flatten',
	kindId: read.uuid('kind'),
	colour: read.word('colour', colourNames),
	bags: read.count('bags', actBounds.bags),
	byName: read.text('by_name', longest['person.name'])
});

export const flattenType = entryType<FlattenEntry>({
	type: 'flatten',
	page: '/prepare',
	done: say.flattenedBags(),
	read: readFlatten,
	facts: ({ byName }) => ({ byName, reason: 'flattened' }),
	words: ({ bags, colour }) => say.bagsLaidFlat({ bags: bags ?? '', colour: colour ?? '' })
});
