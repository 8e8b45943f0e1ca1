import type { Db } from '$lib/server/db/db';
import type { Readings } from '$lib/core/calibrate/readings';
import type { Measure } from '$lib/entries/types/measurement';
import type { Booked } from '$lib/server/book/entries';

/** What an entry taught on its way goes to the measures, as if it had been typed there: it falls with its entry. */
export const keepTaught = (
	db: Db,
	plan: { readonly planId: string | null; readonly planVersion: number | null },
	kind: Measure,
	readings: Readings,
	{ entryId, at }: Pick<Booked, 'entryId' | 'at'>,
	typed: object
): Promise<number> =>
	db.execute(
		`insert into measurement (group_id, entry_id, kind, typed, readings, measured_on, plan_id, plan_version)
		 select $1, $2, $3, $4, $5, ($6::timestamptz at time zone coalesce(g.time_zone, 'UTC'))::date, $7, $8
		 from volunteer_group g where g.id = $1`,
		[db.groupId, entryId, kind, typed, readings, at, plan.planId, plan.planVersion]
	);
