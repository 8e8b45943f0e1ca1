import { begin as say } from '$lib/words/common';
import type { FormReader } from '../form-reader';
import {} from '../form-reader';
import { isUuid } from '$lib/ui/uuid';
import { actBounds } from '../bounds';
import { entryType } from '../entry-type';
import { readCodeField } from './code-field';
import { readMatCode } from './mat-code';

/** A mat begun by a version of a plan. */
export interface BeginEntry {
	readonly type: 'begin';
	readonly planId: string;
	/** Null for the newest. */
	readonly planVersion: number | null;
	/** Who makes it; null where it is made at the table. */
	readonly personId: string | null;
	/** The label it is given; null where it takes the next code. */
	readonly code: string | null;
}

/** A mat passed on: its rows and its history go with it. */
export interface HandOnEntry {
	readonly type: 'hand-on';
	readonly mat: string;
	/** Who has it from then on; null where it lies at the table. */
	readonly personId: string | null;
}

/** A person of the list, or nobody. */
function readPerson(read: FormReader): string | null {
	const id = read.raw('person');
	if (id === '') return null;
	if (isUuid(id)) return id;
	read.problems['person'] = say.chooseOneOfTheList();
	return null;
}

export const beginType = entryType<BeginEntry>({
	type: 'begin',
	page: '/make',
	done: say.startedAMat(),
	read: (read) => ({
		type: 'begin',
		planId: read.uuid('plan'),
		planVersion:
			read.raw('plan_version') === '' ? null : read.count('plan_version', actBounds.planVersion),
		personId: readPerson(read),
		code: readCodeField(read, 'code')
	}),
	words: () => say.aMatBegun()
});

export const handOnType = entryType<HandOnEntry>({
	type: 'hand-on',
	page: null,
	done: say.passedAMatOn(),
	read: (read) => ({ type: 'hand-on', mat: readMatCode(read), personId: readPerson(read) }),
	words: ({ mat }) => say.passedOn({ mat: mat ?? '' })
});
