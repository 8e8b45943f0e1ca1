import { sameKind as say } from '$lib/words/common';
import { entryType } from '../entry-type';

/** Two kinds of bag that are one: what lies in the store of the one is of the other from then on. */
export interface SameKindEntry {
	readonly type: 'same-kind';
	readonly kindId: string;
	readonly asId: string;
}

export const sameKindType = entryType<SameKindEntry>({
	type: 'same-kind',
	page: '/gather/kinds',
	done: say.madeTwoKindsOfBag(),
	isCoordinators: true,
	read: (read) => {
		const [kindId, asId] = [read.uuid('kind'), read.uuid('same_as')];
		if (read.isGood && kindId === asId) read.problems['same_as'] = say.chooseAnotherKind();
		return { type: 'same-kind', kindId, asId };
	},
	facts: () => ({ reason: 'counted' }),
	words: () => say.twoKindsMadeOne()
});
