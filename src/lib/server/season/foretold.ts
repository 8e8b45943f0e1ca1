import { foretold as say } from '$lib/words/season';
import type { Db } from '$lib/server/db/db';
import type { ForetoldEntry } from '$lib/entries/types/foretold';
import type { Foretold } from '$lib/stages/season/foretold';
import type { HallDay } from '$lib/ui/reader';
import type { Booked } from '$lib/server/book/entries';
import { findGroup } from '$lib/server/db/groups';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { usualZone } from '$lib/ui/reader';
import { todayIn } from '$lib/ui/days';
import { forecastFor, nothingAsked } from './forecasts';
import { seasonNow } from './season-now';

/** Keeps what is foretold by a day: reckoned here, by the season as it stood on the day that it was asked for. */
export async function keepForetold(
	db: Db,
	{ byDay }: ForetoldEntry,
	{ entryId, at }: Booked
): Promise<SaveResult> {
	const { timeZone } = await findGroup(db);
	const zone = timeZone ?? usualZone;
	const basis = await seasonNow(db, { today: todayIn(zone, at), timeZone: zone });
	const goal = basis.hasRhythm && basis.goals.find(({ by }) => by === byDay);
	if (!goal) return refuse('by', say.nothingIsAskedForBy());
	const { low, expected, high, chance } = await forecastFor(basis, goal, nothingAsked);
	await db.execute(
		`insert into season_forecast (group_id, entry_id, by_day, wanted, there, low, expected, high, chance)
		 values ($1, $2, $3, $4, $5, $6, $7, $8, $9)`,
		[
			db.groupId,
			entryId,
			byDay,
			goal.wanted,
			goal.handedOver + basis.ready,
			low,
			expected,
			high,
			chance
		]
	);
	return { outcome: 'kept', id: entryId };
}

/**
 * The forecasts of a group, the newest first. What came by the day of one is what was there, and every
 * mat that passed its check from then until that day was over; one that passes anew counts once.
 */
export const listForetold = (db: Db, { today, timeZone }: HallDay): Promise<Foretold[]> =>
	db.many<Foretold>(
		`select f.entry_id as id, e.typed_at as at, to_char(f.by_day, 'YYYY-MM-DD') as "byDay", f.wanted, f.there,
			f.low, f.expected, f.high, f.chance,
			case when f.by_day < $2::date then f.there + (
				select count(distinct v.thing_id)::integer from standing_thing_event v
				join entry g on g.group_id = $1 and g.id = v.entry_id
				where v.group_id = $1 and v.what = 'good' and v.entry_id > f.entry_id
					and (g.typed_at at time zone $3)::date <= f.by_day
					and not exists (select 1 from standing_thing_event x where x.group_id = $1 and x.thing_id = v.thing_id
						and x.what = 'good' and x.entry_id < f.entry_id)) end as came
		 from standing_season_forecast f join entry e on e.group_id = $1 and e.id = f.entry_id
		 where f.group_id = $1
		 order by f.entry_id desc limit 200`,
		[db.groupId, today, timeZone]
	);
