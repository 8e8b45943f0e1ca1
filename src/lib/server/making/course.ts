import { course as say } from '$lib/words/making';
import type { Db } from '$lib/server/db/db';
import type { FirstPassEntry, StripesEntry } from '$lib/entries/types/mat-course';
import type { NoteEntry, WishEntry } from '$lib/entries/types/note';
import type { Booked } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { findMatMade } from './mat-made';
import { matInHand } from './mat-in-hand';

/** Keeps a word on a mat that is being made: the entry itself is all there is to keep. */
async function keepWord(db: Db, mat: string, entryId: number): Promise<SaveResult> {
	const found = await matInHand(db, mat);
	return found.problem === undefined
		? { outcome: 'kept', id: entryId }
		: refuse('mat', found.problem);
}

export const keepNote = (db: Db, { mat }: NoteEntry, { entryId }: Booked) =>
	keepWord(db, mat, entryId);
export const keepWish = (db: Db, { mat }: WishEntry, { entryId }: Booked) =>
	keepWord(db, mat, entryId);

/** Keeps what the first pass of an end of a loom did. */
export async function keepFirstPass(
	db: Db,
	{ mat }: FirstPassEntry,
	{ entryId }: Booked
): Promise<SaveResult> {
	const found = await findMatMade(db, mat, entryId);
	if (found.problem !== undefined) return refuse('mat', found.problem);
	return found.making.look?.loom
		? { outcome: 'kept', id: entryId }
		: refuse('mat', say.isOnNoLoom({ mat }));
}

/** A mat does not grow or shrink by more than this in its rows. */
const mostGrowth = 1.5;

/** Keeps how a mat goes on: the rows that are made stay as they are. */
export async function keepStripes(
	db: Db,
	{ mat, stripes }: StripesEntry,
	{ entryId }: Booked
): Promise<SaveResult> {
	const found = await findMatMade(db, mat, entryId);
	if (found.problem !== undefined) return refuse('mat', found.problem);
	const { rows } = found.making;
	const total = stripes.reduce((sum, one) => sum + one.rows, 0);
	if (rows && rows.parts > 1 && total !== rows.total)
		return refuse('stripes', say.hasRowsInItsS({ mat, total: rows.total, part: rows.part }));
	if (rows && total > rows.total * mostGrowth)
		return refuse('stripes', say.hasRowsIsFarBeyond({ mat, total: rows.total, total2: total }));
	if (total < found.made.near + found.made.far)
		return refuse(
			'stripes',
			say.rowsAreMadeAlreadyThey({ near: found.made.near + found.made.far })
		);
	return { outcome: 'kept', id: entryId };
}
