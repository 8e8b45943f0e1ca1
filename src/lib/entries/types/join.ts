import { join as say } from '$lib/words/common';
import type { ColourName } from '../../core/colour/colours';
import { colourNames } from '../../core/colour/colours';
import type { CutSnapshot } from '../../core/prepare/cut-pile';
import type { FormReader } from '../form-reader';
import { actBounds, longest } from '../bounds';
import { entryType } from '../entry-type';
import { readCutWord } from './cut-word';

/** Pieces of one pile joined into a strand. */
export interface JoinEntry {
	readonly type: 'join';
	readonly kindId: string;
	readonly colour: ColourName;
	readonly cut: CutSnapshot;
	readonly pieces: number;
	readonly byName: string | null;
}

const readJoin = (read: FormReader): JoinEntry => ({
	type: 'join',
	kindId: read.uuid('kind'),
	colour: read.word('colour', colourNames),
	cut: readCutWord(read),
	pieces: read.count('pieces', actBounds.pieces),
	byName: read.text('by_name', longest['person.name'])
});

export const joinType = entryType<JoinEntry>({
	type: 'join',
	page: '/prepare',
	done: say.joinedPieces(),
	read: readJoin,
	facts: ({ byName }) => ({ byName, reason: 'joined' }),
	words: ({ pieces, colour }) => say.piecesJoined({ pieces: pieces ?? '', colour: colour ?? '' })
});
