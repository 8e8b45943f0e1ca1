import { measurements as say } from '$lib/words/measures';
import type { Db } from '$lib/server/db/db';
import type { MeasurementLine } from '$lib/measures/lines';
import type { MeasurementEntry } from '$lib/entries/types/measurement';
import { planOfShape } from '$lib/stages/plan/document/document';
import {
	basisOf,
	impossibleWords,
	oddReading,
	oddWords,
	readingsOf
} from '$lib/measures/plan-basis';
import type { Booked } from '$lib/server/book/entries';
import { personOf } from '$lib/server/book/persons';
import type { SaveResult } from '$lib/server/db/save-result';
import { findPlan } from '$lib/server/plan/plans';

export const listMeasurements = (db: Db): Promise<MeasurementLine[]> =>
	db.many<MeasurementLine>(
		`select m.id, m.kind as measure, p.name as maker,
			to_char(m.measured_on, 'YYYY-MM-DD') as "measuredOn", m.readings,
			coalesce((m.typed ->> 'isByPhoto')::boolean, false) as "isByPhoto", m.is_left_out as "isLeftOut"
		 from standing_measurement m
		 left join person p on p.group_id = m.group_id and p.id = m.maker_id
		 where m.group_id = $1 order by m.measured_on desc, m.id desc limit 500`,
		[db.groupId]
	);

/** Keeps a measurement with what it says; an odd one only where the user has said that it is right. */
export async function keepMeasurement(
	db: Db,
	entry: MeasurementEntry,
	{ entryId }: Booked
): Promise<SaveResult> {
	const plan = await findPlan(db, entry.planId);
	if (!plan) return { outcome: 'refused', problems: { plan: say.thatPlanIsNotIn() } };
	const read = readingsOf(entry, basisOf(planOfShape(plan.document.plan)));
	if (read.problem !== undefined) return { outcome: 'refused', problems: { plan: read.problem } };
	const odd = oddReading(read.readings);
	if (odd && !entry.isSure) return { outcome: 'refused', problems: { sure: oddWords(odd) } };
	const impossible = impossibleWords(read.readings);
	if (impossible) return { outcome: 'refused', problems: { counted: impossible } };
	const { measure, maker, measuredOn, planId, ...typed } = entry;
	const kept = await db.writer.one<{ id: number }>(
		`insert into measurement (group_id, entry_id, kind, maker_id, typed, readings, measured_on,
			plan_id, plan_version)
		 values ($1, $2, $3, $4, $5, $6, $7, $8, $9) returning id`,
		[
			db.groupId,
			entryId,
			measure,
			await personOf(db, maker),
			typed,
			read.readings,
			measuredOn,
			planId,
			plan.version
		]
	);
	return { outcome: 'kept', id: kept.id };
}

/** Leaves a measurement out, or counts it again. */
export const leaveOutMeasurement = (db: Db, id: number, isLeftOut: boolean) =>
	db.writer.maybeOne<{ id: number }>(
		'update measurement set is_left_out = $3 where group_id = $1 and id = $2 returning id',
		[db.groupId, id, isLeftOut]
	);
