import { bagKind as say } from '$lib/words/common';
import type { BagSource } from '../../core/hand-over/kept';
import { bagSources } from '../../core/hand-over/kept';
import type { Bag } from '../../core/bag/measure-bag';
import type { FormReader } from '../form-reader';
import { bounds, longest } from '../bounds';
import { entryType } from '../entry-type';

/** A kind of bag the group knows, by its measures; measured again where `kindId` says which. */
export interface BagKindEntry {
	readonly type: 'bag-kind';
	readonly kindId: string | null;
	readonly name: string;
	readonly bag: Bag;
	/** Of how many bags its mass was found. */
	readonly handfulCount: number;
	/** Whether its bags were used before they came. */
	readonly source: BagSource;
	/** Measures that do not fit each other are right as they stand. */
	readonly isSure: boolean;
}

/** The measures of a bag, as ruler and scale give them; bounds are those of the plan's own fields. */
function readBagKind(read: FormReader): BagKindEntry {
	const grams = read.grams('handful', 0.2, 1_000_000);
	const counted = read.count('handful_count', bounds['bag_kind.handful_count']);
	const bag = {
		flatWidthMm: read.millimetres('width', 'bag', bounds['bag_kind.flat_width_mm'].atMost),
		gussetMm: read.millimetres('gusset', 'bag', bounds['bag_kind.gusset_mm'].atMost, 0),
		bodyMm: read.millimetres('body', 'bag', bounds['bag_kind.body_mm'].atMost),
		handleMm: read.millimetres('handle', 'bag', bounds['bag_kind.handle_mm'].atMost, 0),
		massG: grams / counted
	};
	const fields = { width: bag.flatWidthMm, body: bag.bodyMm };
	for (const [field, mm] of Object.entries(fields))
		if (mm < bounds['bag_kind.body_mm'].atLeast)
			read.problems[field] ??= say.thatIsSmallerThanAny();
	const { atLeast, atMost } = bounds['bag_kind.mass_g'];
	if (bag.massG < atLeast || bag.massG > atMost)
		read.problems.handful ??= say.oneBagWouldWeighLess();
	return {
		type: 'bag-kind',
		kindId: read.raw('kind') === '' ? null : read.uuid('kind'),
		name: read.needed('name', longest['bag_kind.name']),
		bag,
		handfulCount: counted,
		// What waited on a device since before the question was asked says nothing of it.
		source: read.raw('source') === '' ? 'unknown' : read.word('source', bagSources),
		isSure: read.isSure
	};
}

export const bagKindType = entryType<BagKindEntry>({
	type: 'bag-kind',
	page: '/gather/kinds',
	done: say.measuredAKindOfBag(),
	read: readBagKind,
	words: ({ name }) => say.theKind({ name: name ?? '' })
});
