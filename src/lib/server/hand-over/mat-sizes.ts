import type { Db } from '$lib/server/db/db';
import { groupBy } from '$lib/core/group-by';
import { handsOf } from '$lib/core/hand-over/hands';
import type { HandsGiven } from '$lib/core/hand-over/hands';
import type { Sitting } from '$lib/core/making/sitting';
import { timedRows } from '$lib/core/making/sitting';
import { bagsGiven } from '$lib/server/making/given-bags';
import { makingsOf } from '$lib/server/making/makings';
import { practiceOfGroup } from '$lib/server/measures/practice';

/** A mat that goes: its size by its last check, its weight, what lies in it by the labels of its balls, and its hands. */
export interface MatSize extends HandsGiven {
	readonly code: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	/** As it was weighed, else by its plan; null where neither says so. */
	readonly massG: number | null;
	/** Null where no label says so. */
	readonly bags: number | null;
	readonly filmMg: number | null;
}

interface CheckedRow {
	readonly id: number;
	readonly code: string;
	readonly planId: string;
	readonly planVersion: number;
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly massG: number | null;
}

interface TapRow {
	readonly id: number;
	readonly hand: string;
	readonly step: number;
	readonly at: Date;
}

/** Rows of some mats that were timed, by the taps of each device at each end. */
async function timedOf(db: Db, ids: readonly number[]): Promise<(id: number) => Sitting> {
	const taps = await db.many<TapRow>(
		`select m.thing_id as id, concat_ws(' ', m.thing_id, m.side, e.device) as hand, m.step, e.typed_at as at
		 from standing_row_mark m join entry e on e.group_id = m.group_id and e.id = m.entry_id
		 where m.group_id = $1 and m.thing_id = any($2::bigint[]) and m.step is not null and e.device is not null
		 order by e.typed_at, e.id`,
		[db.groupId, ids]
	);
	const hands = groupBy(taps, ({ hand }) => hand);
	const timed = new Map<number, Sitting>();
	for (const own of hands.values()) {
		const id = own[0]?.id ?? 0;
		const { rows, minutes } = timedRows(
			own.map(({ step, at }) => ({ step, atMin: at.getTime() / 60_000 }))
		);
		const before = timed.get(id) ?? { rows: 0, minutes: 0 };
		timed.set(id, { rows: before.rows + rows, minutes: before.minutes + minutes });
	}
	return (id) => timed.get(id) ?? { rows: 0, minutes: 0 };
}

/** What is known of mats that were checked, by their labels. */
export async function matSizes(db: Db, codes: readonly string[]): Promise<Map<string, MatSize>> {
	const given = await bagsGiven(db, codes);
	const found = await db.many<CheckedRow>(
		`select t.id, t.code, t.plan_id as "planId", t.plan_version as "planVersion",
			c.width_mm as "widthMm", c.length_mm as "lengthMm", c.mass_g as "massG"
		 from thing t
		 join last_check c on c.group_id = t.group_id and c.thing_id = t.id
		 where t.group_id = $1 and t.code = any($2::text[]) and t.sort = 'mat'`,
		[db.groupId, codes]
	);
	const timed = await timedOf(
		db,
		found.map(({ id }) => id)
	);
	const planned = await makingsOf(db, found, await practiceOfGroup(db));
	return new Map(
		found.map((row): [string, MatSize] => {
			const { bags = null, filmMg = null } = given.get(row.code) ?? {};
			const { rows, hands, massG } = planned(row);
			const { code, widthMm, lengthMm } = row;
			return [
				code,
				{
					code,
					widthMm,
					lengthMm,
					massG: row.massG ?? (massG > 0 ? massG : null),
					bags,
					filmMg,
					...handsOf(hands, timed(row.id), rows?.total ?? 1)
				}
			];
		})
	);
}
