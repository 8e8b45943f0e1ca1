import { registry as say } from '$lib/words/common';
import type { EntryType as EntryTypeOf } from './entry-type';
import { askType, promiseType } from './types/ask';
import { ballType } from './types/ball';
import { beginType, handOnType } from './types/begin';
import { bagKindType } from './types/bag-kind';
import { checkType, finishType, mendedType } from './types/check';
import { correctionType } from './types/correction';
import { cutType } from './types/cut';
import { deliverType, receivedType, sentBackType } from './types/deliver';
import { dropOffType } from './types/drop-off';
import { flattenType } from './types/flatten';
import { issueType } from './types/issue';
import { dayWordType, foretoldType, weekNoteType } from './types/foretold';
import { practisedType } from './types/practised';
import { joinType } from './types/join';
import { loadType } from './types/load';
import { measurementType } from './types/measurement';
import { firstPassType, remindType, stripesType } from './types/mat-course';
import { matSizeType, weighedType } from './types/mat-measured';
import { movementType } from './types/movement';
import { noteType, wishType } from './types/note';
import { pillowType } from './types/pillow';
import { presenceType } from './types/presence';
import { recountType } from './types/recount';
import { rowType, rowsType } from './types/row';
import { sameKindType } from './types/same-kind';
import { scrapType } from './types/scrap';
import { sortingType } from './types/sorting';
import { teachesType, unwoundType } from './types/taken-apart';
import { tapType } from './types/tap';
import { timedType } from './types/timed';
import { toolType } from './types/tool';

/** Every type of entry there is, by its name. */
export const entryTypes = {
	'drop-off': dropOffType,
	sorting: sortingType,
	movement: movementType,
	correction: correctionType,
	timed: timedType,
	measurement: measurementType,
	'bag-kind': bagKindType,
	'same-kind': sameKindType,
	tool: toolType,
	flatten: flattenType,
	cut: cutType,
	join: joinType,
	ball: ballType,
	load: loadType,
	recount: recountType,
	tap: tapType,
	presence: presenceType,
	scrap: scrapType,
	begin: beginType,
	'hand-on': handOnType,
	row: rowType,
	rows: rowsType,
	issue: issueType,
	note: noteType,
	wish: wishType,
	'mat-size': matSizeType,
	weighed: weighedType,
	stripes: stripesType,
	'first-pass': firstPassType,
	remind: remindType,
	finish: finishType,
	check: checkType,
	mended: mendedType,
	deliver: deliverType,
	received: receivedType,
	'sent-back': sentBackType,
	asked: askType,
	promised: promiseType,
	pillow: pillowType,
	unwound: unwoundType,
	teaches: teachesType,
	foretold: foretoldType,
	'week-note': weekNoteType,
	'day-word': dayWordType,
	practised: practisedType
} as const;
export type EntryTypeName = keyof typeof entryTypes;
export type EntryOf<Type extends EntryTypeName> = ReturnType<(typeof entryTypes)[Type]['read']>;
export type Entry = EntryOf<EntryTypeName>;

/** The type of that name, for names that come from elsewhere. */
export const entryTypeOf = (type: string): EntryTypeOf<Entry> | null =>
	Object.hasOwn(entryTypes, type)
		? (entryTypes[type as EntryTypeName] as EntryTypeOf<Entry>)
		: null;

/** What was kept, as something that was done. */
export const entryWords = (type: string): string => entryTypeOf(type)?.done ?? say.savedA({ type });
