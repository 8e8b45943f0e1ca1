import type { Station } from '$lib/core/effort/stations';
import { rejectRate } from '$lib/core/gather/reject-rate';
import type { Practice } from '$lib/core/know/practice';
import { practiceOf } from '$lib/core/measure/practice-of';
import type { Readings } from '$lib/core/measure/readings';
import type { GroupId } from '../group';
import { one } from './verbs';

interface Measured {
	readonly readings: readonly Readings[];
	readonly timed: readonly {
		readonly station: Station;
		readonly units: number;
		readonly personSeconds: number;
		readonly defaultSeconds: number;
	}[];
	readonly sorted: number;
	readonly rejected: number;
}

/** What a group knows from everything it has measured and not left out; one question, because every plan asks it. */
export async function practiceOfGroup(groupId: GroupId): Promise<Practice> {
	const { readings, timed, sorted, rejected } = await one<Measured>(
		`select
			(select coalesce(json_agg(readings), '[]') from measurement
			 where group_id = $1 and not is_left_out) as readings,
			(select coalesce(json_agg(json_build_object('station', station, 'units', units,
				'personSeconds', people * minutes * 60, 'defaultSeconds', default_seconds)), '[]')
			 from timed_work where group_id = $1 and not is_left_out) as timed,
			(select coalesce(sum(strand + stuffing + rejected), 0) from sorting
			 where group_id = $1) as sorted,
			(select coalesce(sum(stuffing + rejected), 0) from sorting
			 where group_id = $1) as rejected`,
		[groupId]
	);
	return practiceOf({
		readings,
		timed,
		rejectedShare: sorted > 0 ? rejectRate({ sorted, rejected }) : undefined
	});
}
