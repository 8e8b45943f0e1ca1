import { movement as say } from '$lib/words/common';
import type { ColourName } from '../../core/colour/colours';
import { colourNames } from '../../core/colour/colours';
import type { Form, MoveReason } from '../../core/store/forms';
import { forms, moveReasons } from '../../core/store/forms';
import { formWords } from '../../ui/store-words';
import type { FormReader } from '../form-reader';
import { longest, movedAtOnce } from '../bounds';
import { entryType } from '../entry-type';

export interface MovementEntry {
	readonly type: 'movement';
	readonly kindId: string;
	readonly colour: ColourName;
	readonly form: Form;
	/** Above zero in, below zero out. */
	readonly amount: number;
	readonly reason: MoveReason;
	readonly note: string | null;
	readonly byName: string | null;
	/** The one who typed it has said that an odd count is right as it stands. */
	readonly isSure: boolean;
}

function readMovement(read: FormReader): MovementEntry {
	const form = read.word('form', forms);
	const isIn = read.word('direction', ['in', 'out']) === 'in';
	const size =
		form === 'scrap'
			? read.grams('amount', 0.001, movedAtOnce.scrapG.atMost)
			: read.count('amount', movedAtOnce.pieces);
	return {
		type: 'movement',
		kindId: read.uuid('kind'),
		colour: read.word('colour', colourNames),
		form,
		amount: isIn ? size : -size,
		reason: read.word('reason', moveReasons),
		note: read.text('note', longest['entry.note']),
		byName: read.text('by_name', longest['person.name']),
		isSure: read.isSure
	};
}

export const movementType = entryType<MovementEntry>({
	type: 'movement',
	page: '/gather/store',
	done: say.movedSomethingInOrOut(),
	read: readMovement,
	facts: ({ byName, reason, note }) => ({ byName, reason, note }),
	words: ({ amount, colour, form, direction }) =>
		`${amount} ${colour} ${formWords[form as Form] ?? ''} ${direction}`
});
