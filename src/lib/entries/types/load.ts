import { load as say } from '$lib/words/common';
import type { PileKey } from '../../core/prepare/piles';
import { pileOfWord } from '../../core/prepare/piles';
import type { FormReader } from '../form-reader';
import {} from '../form-reader';
import { isUuid } from '$lib/ui/uuid';
import { actBounds, longest } from '../bounds';
import { entryType } from '../entry-type';
import { readCodeField } from './code-field';

/** Strands laid from peg to peg on a loom: the first of them begins the mat. */
export interface LoadEntry {
	readonly type: 'load';
	readonly toolId: string;
	readonly planId: string;
	readonly planVersion: number;
	/** Joined already, laid as a chain, or single pieces; null where none of these was chosen. */
	readonly pile: PileKey | null;
	readonly strands: number;
	/** The mat that is on the loom; null where this begins it. */
	readonly mat: string | null;
	readonly byName: string | null;
}

/** What strands are laid from. */
const loadForms: readonly string[] = ['strand', 'chain', 'piece'];

/** The pile a strand is taken from, by its word. */
function readPile(read: FormReader): PileKey | null {
	const pile = pileOfWord(read.raw('pile'));
	if (pile?.cut && loadForms.includes(pile.form) && isUuid(pile.kindId)) return pile;
	read.problems.pile = say.chooseAPileOfPieces();
	return null;
}

const readLoad = (read: FormReader): LoadEntry => ({
	type: 'load',
	toolId: read.uuid('tool'),
	planId: read.uuid('plan'),
	planVersion: read.count('plan_version', actBounds.planVersion),
	pile: readPile(read),
	strands: read.count('strands', actBounds.strands),
	mat: readCodeField(read, 'mat'),
	byName: read.text('by_name', longest['person.name'])
});

export const loadType = entryType<LoadEntry>({
	type: 'load',
	page: '/prepare',
	done: say.putYarnOnALoom(),
	read: readLoad,
	facts: ({ byName }) => ({ byName, reason: 'loaded' }),
	words: ({ strands, pile = '' }) =>
		say.strandsLaidOnTheLoom({ strands: strands ?? '', split: pile.split(' ')[1] ?? '' })
});
