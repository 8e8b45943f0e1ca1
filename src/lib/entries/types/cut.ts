import { cut as say } from '$lib/words/common';
import type { ColourName } from '../../core/colour/colours';
import { colourNames } from '../../core/colour/colours';
import type { PieceUse } from '../../core/prepare/cuts-of-plan';
import { pieceUses } from '../../core/prepare/cuts-of-plan';
import type { FormReader } from '../form-reader';
import { actBounds, longest } from '../bounds';
import { entryType } from '../entry-type';

/** Flat bags cut into pieces as a version of a plan has it. */
export interface CutEntry {
	readonly type: 'cut';
	readonly kindId: string;
	readonly colour: ColourName;
	readonly bags: number;
	readonly planId: string;
	readonly planVersion: number;
	readonly use: PieceUse;
	/** Of the pieces, from 0 to 1: what this sitting spoils. */
	readonly spoiledShare: number;
	readonly byName: string | null;
}

const readCut = (read: FormReader): CutEntry => ({
	type: 'cut',
	kindId: read.uuid('kind'),
	colour: read.word('colour', colourNames),
	bags: read.count('bags', actBounds.bags),
	planId: read.uuid('plan'),
	planVersion: read.count('plan_version', actBounds.planVersion),
	use: read.word('use', pieceUses),
	spoiledShare: read.number('spoiled', actBounds.spoiled) / 100,
	byName: read.text('by_name', longest['person.name'])
});

export const cutType = entryType<CutEntry>({
	type: 'cut',
	page: '/prepare',
	done: say.cutBags(),
	read: readCut,
	facts: ({ byName }) => ({ byName, reason: 'cut' }),
	words: ({ bags, colour }) => say.bagsCut({ bags: bags ?? '', colour: colour ?? '' })
});
