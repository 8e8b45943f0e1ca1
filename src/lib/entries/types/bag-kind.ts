import type { Bag } from '../../core/bag/measure-bag';
import type { FormReader } from '../form-reader';
import { entryType } from '../entry-type';

/** A kind of bag the group knows, by its measures; measured again where `kindId` says which. */
export interface BagKindEntry {
	readonly type: 'bag-kind';
	readonly kindId: string | null;
	readonly name: string;
	readonly bag: Bag;
	/** Of how many bags its mass was found. */
	readonly handfulCount: number;
	/** Measures that do not fit each other are right as they stand. */
	readonly isSure: boolean;
}

/** The measures of a bag, as ruler and scale give them; bounds are those of the plan's own fields. */
function readBagKind(read: FormReader): BagKindEntry {
	const grams = read.grams('handful', 0.2, 1_000_000);
	const counted = read.count('handful_count', 1, 1000);
	const bag = {
		flatWidthMm: read.millimetres('width', 'bag', 2000),
		gussetMm: read.millimetres('gusset', 'bag', 500, 0),
		bodyMm: read.millimetres('body', 'bag', 3000),
		handleMm: read.millimetres('handle', 'bag', 600, 0),
		massG: grams / counted
	};
	const fields = { width: bag.flatWidthMm, body: bag.bodyMm };
	for (const [field, mm] of Object.entries(fields))
		if (mm < 40) read.problems[field] ??= 'That is smaller than any bag: less than 4 cm.';
	if (bag.massG < 0.2 || bag.massG > 1000)
		read.problems.handful ??= 'One bag would weigh less than 0.2 g or more than 1 kg. Weigh again.';
	return {
		type: 'bag-kind',
		kindId: read.raw('kind') === '' ? null : read.uuid('kind'),
		name: read.needed('name', 80),
		bag,
		handfulCount: counted,
		isSure: read.isSure
	};
}

export const bagKindType = entryType<BagKindEntry>({
	type: 'bag-kind',
	page: '/gather/kinds',
	read: readBagKind,
	words: ({ name }) => `the kind ${name}`
});
