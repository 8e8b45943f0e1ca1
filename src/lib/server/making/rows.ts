import { rows as say } from '$lib/words/making';
import type { Db } from '$lib/server/db/db';
import type { RowEntry, RowsEntry, Side } from '$lib/entries/types/row';
import { strandOf } from '$lib/stages/making/strand-in-hand';
import { askFarOff } from '$lib/server/book/ask-far-off';
import type { Booked } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { matInHand } from './mat-in-hand';
import type { MatMade } from './mat-made';
import { findMatMade } from './mat-made';
import { learnPace } from './pace';

/** Keeps a row that was tapped. It is never refused for the count: taps come in any order. */
export async function keepRow(
	db: Db,
	{ mat, side, step }: RowEntry,
	booked: Booked
): Promise<SaveResult> {
	const { entryId } = booked;
	const found = await matInHand(db, mat);
	if (found.problem !== undefined) return refuse('mat', found.problem);
	await db.execute(
		'insert into row_mark (group_id, entry_id, thing_id, side, step) values ($1, $2, $3, $4, $5)',
		[db.groupId, entryId, found.id, side, step]
	);
	await learnPace(db, { id: found.id, code: mat }, side, booked);
	return { outcome: 'kept', id: entryId };
}

/** Rows at an end before a number is said, and those among the taps that whoever says it has not seen. */
const beforeSaid = (
	db: Db,
	thingId: number,
	side: Side,
	seen: RowsEntry['seen']
): Promise<{ before: number; unseen: number }> =>
	db.one<{ before: number; unseen: number }>(
		`select coalesce((select made from rows_made where group_id = $1 and thing_id = $2 and side = $3), 0) as before,
			coalesce((select sum(step) from standing_row where group_id = $1 and thing_id = $2 and side = $3
				and sequence > coalesce(($4::jsonb ->> device::text)::bigint, -1)), 0)::integer as unseen`,
		[db.groupId, thingId, side, seen]
	);

/** Rows far beyond the plan's are a slip of the finger; a mat may well grow by half. */
const mostGrowth = 1.5;

/** So few rows more are asked about by nobody: a ball without a label may have been worked. */
const leastJump = 10;

/** Rows that the strand at hand is enough for; null where no ball was given by its label, or nothing says how much a row takes. */
function rowsInHand({ making: { look }, made, said }: MatMade): number | null {
	if (!look || said.issued.length === 0) return null;
	const { left } = strandOf(look, made, said);
	return Math.floor(left.reduce((sum, { inHandM }) => sum + inHandM, 0) / look.rowM);
}

/** Keeps a number of rows that was said, with the taps it has seen. */
export const keepRows = (
	db: Db,
	{ mat, side, to, seen }: RowsEntry,
	{ entryId, isSure }: Booked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const found = await findMatMade(db, mat, entryId);
		if (found.problem !== undefined) return refuse('mat', found.problem);
		const { rows } = found.making;
		if (rows && to > rows.total * mostGrowth)
			return refuse('to', say.itsPlanHasRowsIs({ total: rows.total, to }));
		const { before, unseen } = await beforeSaid(db, found.id, side, seen);
		const lasts = rowsInHand(found);
		const more = to - before;
		const far =
			lasts !== null && more > lasts
				? askFarOff({ isSure }, [
						{
							what: say.rowsMoreWithStrandFor({ more, lasts }),
							value: more,
							expected: Math.max(1, lasts),
							least: leastJump
						}
					])
				: null;
		if (far) return far;
		await db.execute(
			`insert into row_mark (group_id, entry_id, thing_id, side, set_to, seen, jump)
			 values ($1, $2, $3, $4, $5, $6, $7)`,
			[db.groupId, entryId, found.id, side, to, seen, to + unseen - before]
		);
		return { outcome: 'kept', id: entryId };
	});

/** Of each device, the last row of a mat's end that the book has: what is seen by whoever reads it now. */
export const seenOf = (
	db: Db,
	thingId: number
): Promise<{ side: Side; device: string; sequence: number }[]> =>
	db.many<{ side: Side; device: string; sequence: number }>(
		`select side, device::text as device, max(sequence)::float8 as sequence from standing_row
		 where group_id = $1 and thing_id = $2 and device is not null and sequence is not null
		 group by side, device order by side, device`,
		[db.groupId, thingId]
	);
