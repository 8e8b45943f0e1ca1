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
import type { GroupId } from '$lib/server/base/group-id';
import type { SaveResult } from '$lib/server/db/save-result';
import { saveResultOf } from '$lib/server/db/save-result';
import { findPlan } from '$lib/server/plan/plans';
import { many, maybeOne, writing } from '$lib/server/db/verbs';

export const listMeasurements = (groupId: GroupId): Promise<MeasurementLine[]> =>
	many<MeasurementLine>(
		`select id, kind as measure, maker, to_char(measured_on, 'YYYY-MM-DD') as "measuredOn",
			readings, is_left_out as "isLeftOut"
		 from measurement where group_id = $1 order by measured_on desc, id desc limit 500`,
		[groupId]
	);

/** Keeps a measurement with what it says; an odd one only where the user has said that it is right. */
export async function keepMeasurement(
	groupId: GroupId,
	key: string,
	entry: MeasurementEntry
): Promise<SaveResult> {
	const plan = await findPlan(groupId, entry.planId);
	if (!plan)
		return { outcome: 'refused', problems: { plan: 'That plan is not in the list any more.' } };
	const read = readingsOf(entry, basisOf(planOfShape(plan.document.plan)));
	if (read.problem !== undefined) return { outcome: 'refused', problems: { plan: read.problem } };
	const odd = oddReading(read.readings);
	if (odd && !entry.isSure) return { outcome: 'refused', problems: { sure: oddWords(odd) } };
	const impossible = impossibleWords(read.readings);
	if (impossible) return { outcome: 'refused', problems: { counted: impossible } };
	const { measure, maker, measuredOn, ...typed } = entry;
	const kept = await maybeOne<{ id: number }>(
		`insert into measurement (group_id, key, kind, maker, typed, readings, measured_on)
		 values ($1, $2, $3, $4, $5, $6, $7)
		 on conflict (group_id, key) do nothing returning id`,
		[groupId, key, measure, maker, typed, read.readings, measuredOn],
		writing()
	);
	return saveResultOf(kept, 'measurement', groupId, key);
}

/** Leaves a measurement out, or counts it again. */
export const leaveOutMeasurement = (groupId: GroupId, id: number, isLeftOut: boolean) =>
	maybeOne<{ id: number }>(
		'update measurement set is_left_out = $3 where group_id = $1 and id = $2 returning id',
		[groupId, id, isLeftOut],
		writing()
	);
