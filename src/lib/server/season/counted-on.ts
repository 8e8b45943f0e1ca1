import { countedOn as say } from '$lib/words/season';
import type { Db } from '$lib/server/db/db';
import { keyFor } from '$lib/server/db/part-key';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { findRhythm } from '$lib/server/people/rhythm';
import { addTableDay } from '$lib/server/people/table-days';
import { extraDay } from '$lib/stages/season/season-weeks';
import type { SeasonAsked, SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import { countedOn } from '$lib/stages/season/season-view';

/**
 * Keeps what was tried: table days are added, makers and bags are counted on. The page's key is kept, so that pressing
 * twice keeps once.
 */
export const keepTried = (
	db: Db,
	key: string,
	basis: SeasonBasis,
	goal: SeasonGoal,
	{ levers }: SeasonAsked
): Promise<SaveResult> =>
	db.transaction(async (db): Promise<SaveResult> => {
		const rhythm = await findRhythm(db);
		if (!rhythm) return refuse('rhythm', say.setTheRhythmFirst());
		for (let nth = 0; nth < levers['table-day']; nth++) {
			const day = extraDay(basis, goal, nth);
			const saved = await addTableDay(db, keyFor(key, `table ${nth}`), day, rhythm.place);
			if (saved.outcome === 'kept')
				await db.execute(
					`update table_day set from_minute = $3, to_minute = $4, breaks = $5::integer[], pause_minutes = $6, plan_id = $7
					 where group_id = $1 and id = $2`,
					[
						db.groupId,
						saved.id,
						rhythm.from,
						rhythm.to,
						rhythm.breaks,
						rhythm.breakLength,
						rhythm.planId
					]
				);
		}
		for (const what of countedOn)
			for (let nth = 0; nth < levers[what]; nth++)
				await db.execute(
					'insert into counted_on (group_id, id, what) values ($1, $2, $3) on conflict do nothing',
					[db.groupId, keyFor(key, `${what} ${nth}`), what]
				);
		return { outcome: 'kept', id: key };
	});

/** Counts on something no longer. */
export const dropCounted = (db: Db, id: string): Promise<number> =>
	db.execute('delete from counted_on where group_id = $1 and id = $2', [db.groupId, id]);
