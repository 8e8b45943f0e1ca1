import { enter, enteredHere } from '../../src/lib/server/book/entries';
import type { Db } from '../../src/lib/server/db/db';
import { keyFor } from '../../src/lib/server/db/part-key';

/** Forecasts of some days, as it was reckoned then: mats that were there, low, expected, high and the chance. */
const foretold = [
	{ on: '2026-11-05', by: '2026-11-19', wanted: 3, said: [1, 2, 2.6, 4, 0.4] },
	{ on: '2026-11-12', by: '2026-11-26', wanted: 6, said: [2, 2, 3.1, 4, 0.02] }
] as const;

/** Keeps forecasts of days that are behind: nothing of today can reckon them again. */
export async function loadForetold(db: Db): Promise<void> {
	for (const { on, by, wanted, said } of foretold)
		await db.transaction(async (db) => {
			const { entryId } = await enter(db, {
				...enteredHere,
				key: keyFor(`demo ${on}`, by),
				type: 'foretold',
				typed: { by },
				at: new Date(`${on}T18:00:00Z`),
				byName: null,
				reason: null,
				note: null
			});
			await db.execute(
				`insert into season_forecast (group_id, entry_id, by_day, wanted, there, low, expected, high, chance)
				 values ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
				[db.groupId, entryId, by, wanted, ...said]
			);
		});
}
