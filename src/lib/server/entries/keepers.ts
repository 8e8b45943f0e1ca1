import type { Db } from '../db/db';
import type { Entry, EntryOf, EntryTypeName } from '$lib/entries/registry';
import type { Booked } from '../book/entries';
import type { SaveResult } from '../db/save-result';
import { keepDropOff } from '../gather/drop-offs';
import { keepBagKind } from '../gather/kinds';
import { keepMovement } from '../gather/ledger';
import { keepSameKind } from '../prepare/same-kind';
import { keepSorting } from '../gather/sortings';
import { takeBack } from '../gather/taken-back';
import { keepMeasurement } from '../measures/measurements';
import { keepTimedWork } from '../measures/timed-work';
import { keepBegin, keepHandOn } from '../making/begin';
import { keepIssue } from '../making/issue';
import { keepCheck, keepFinish, keepMended, keepTeaches } from '../check/checks';
import { keepUnwound } from '../check/taken-apart';
import { keepAsk, keepPromise } from '../hand-over/asks';
import { keepPillow } from '../hand-over/pillows';
import { keepDeliver, keepReceived, keepSentBack } from '../hand-over/deliver';
import { keepFirstPass, keepNote, keepStripes, keepWish } from '../making/course';
import { keepMatSize, keepWeighed } from '../making/measured';
import { keepRemind } from '../making/messages';
import { keepRow, keepRows } from '../making/rows';
import { keepPresence } from '../people/presence';
import { keepBall, keepCut, keepFlatten, keepJoin } from '../prepare/pile-actions';
import { keepForetold } from '../season/foretold';
import { keepDayWord, keepWeekNote } from '../season/words-to-people';
import { keepPractised } from '../know-how/practised';
import { keepLoad } from '../prepare/load-loom';
import { keepRecount } from '../prepare/recount';
import { keepScrap } from '../prepare/scrap';
import { keepTap } from '../prepare/taps';
import { keepTool } from '../prepare/tools';

/**
 * Keeps an entry, whole or not at all, in the transaction it is called in.
 *
 * @param booked how it stands in the book already: what follows from it refers to that
 */
export type Keeper<Kept extends Entry = Entry> = (
	db: Db,
	entry: Kept,
	booked: Booked
) => Promise<SaveResult>;

/** The keeper of each type of entry. */
const keepers: { readonly [Type in EntryTypeName]: Keeper<EntryOf<Type>> } = {
	'drop-off': keepDropOff,
	sorting: keepSorting,
	movement: keepMovement,
	correction: takeBack,
	measurement: keepMeasurement,
	'bag-kind': keepBagKind,
	timed: keepTimedWork,
	'same-kind': keepSameKind,
	tool: keepTool,
	flatten: keepFlatten,
	cut: keepCut,
	join: keepJoin,
	ball: keepBall,
	load: keepLoad,
	recount: keepRecount,
	tap: keepTap,
	presence: keepPresence,
	scrap: keepScrap,
	begin: keepBegin,
	'hand-on': keepHandOn,
	row: keepRow,
	rows: keepRows,
	issue: keepIssue,
	note: keepNote,
	wish: keepWish,
	'mat-size': keepMatSize,
	weighed: keepWeighed,
	stripes: keepStripes,
	'first-pass': keepFirstPass,
	remind: keepRemind,
	finish: keepFinish,
	check: keepCheck,
	mended: keepMended,
	deliver: keepDeliver,
	received: keepReceived,
	'sent-back': keepSentBack,
	asked: keepAsk,
	promised: keepPromise,
	foretold: keepForetold,
	'week-note': keepWeekNote,
	'day-word': keepDayWord,
	pillow: keepPillow,
	unwound: keepUnwound,
	teaches: keepTeaches,
	practised: keepPractised
};

export const keeperOf = ({ type }: Entry): Keeper => keepers[type] as Keeper;
