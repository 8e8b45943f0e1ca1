import { Memo } from '$lib/server/db/cache';
import type { Db } from '$lib/server/db/db';
import type { Task } from '$lib/core/effort/tasks';
import { rejectRate } from '$lib/core/gather/reject-rate';
import type { Basis, Practice } from '$lib/core/practice/practice';
import { practiceOf } from '$lib/core/calibrate/practice-of';
import type { Readings } from '$lib/core/calibrate/readings';

interface Measured {
	readonly readings: readonly Readings[];
	readonly timed: readonly {
		readonly work: Task;
		readonly units: number;
		readonly personSeconds: number;
		readonly defaultSeconds: number;
	}[];
	readonly sorted: number;
	readonly rejected: number;
}

/** The makers whose measures are kept by name, in the order of the alphabet and no other. */
export const listMakers = async (db: Db): Promise<string[]> =>
	(
		await db.many<{ maker: string }>(
			`select p.name as maker from person p
			 where p.group_id = $1 and p.name is not null and (
				exists (select 1 from standing_measurement m where m.group_id = $1 and m.maker_id = p.id)
				or exists (select 1 from standing_timed_work w where w.group_id = $1 and w.maker_id = p.id))
			 order by lower(btrim(p.name))`,
			[db.groupId]
		)
	).map(({ maker }) => maker);

const makerAsked =
	'(select id from person where group_id = $1 and lower(btrim(name)) = lower(btrim($2)))';

const remembered = new Memo<{ readonly measured: string; readonly practice: Practice }>(500);

/** The practice of what was measured: the same object for as long as the measures are the same. */
function remember(basis: Basis, key: string, measured: string): Practice {
	const before = remembered.get(key);
	if (before?.measured === measured) return before.practice;
	const { readings, timed, sorted, rejected } = JSON.parse(measured) as Measured;
	const practice = practiceOf({
		basis,
		readings,
		timed,
		rejectedShare: sorted > 0 ? rejectRate({ sorted, rejected }) : undefined
	});
	return remembered.set(key, { measured, practice }).practice;
}

/**
 * What a group knows from everything it has measured and not left out; one question, because every
 * plan asks it. With a maker's name, what that maker's own measures say.
 */
export async function practiceOfGroup(db: Db, maker: string | null = null): Promise<Practice> {
	const { measured } = await db.one<{ measured: string }>(
		`select json_build_object(
			'readings', (select coalesce(json_agg(readings order by measured_on, id), '[]')
				from standing_measurement where group_id = $1 and not is_left_out
				and ($2::text is null or maker_id = ${makerAsked})),
			'timed', (select coalesce(json_agg(json_build_object('work', work, 'units', units,
				'personSeconds', people * minutes * 60, 'defaultSeconds', default_seconds) order by id), '[]')
				from standing_timed_work where group_id = $1 and not is_left_out
				and ($2::text is null or maker_id = ${makerAsked})),
			'sorted', coalesce(sum(sorted), 0), 'rejected', coalesce(sum(rejected), 0))::text as measured
		 from place_tally where group_id = $1`,
		[db.groupId, maker]
	);
	const basis: Basis = maker === null ? { of: 'group' } : { of: 'maker', name: maker };
	return remember(basis, JSON.stringify([db.groupId, maker]), measured);
}
