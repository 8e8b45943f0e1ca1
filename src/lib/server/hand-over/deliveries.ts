import { rollMat } from '$lib/core/finish/roll';
import type { Account, DeliveryLine, ReadyMat } from '$lib/stages/hand-over/hand-over-view';
import type { GroupId } from '$lib/server/base/group-id';
import { many, one } from '$lib/server/db/verbs';
import { makingsOf } from '$lib/server/hand/makings';
import { practiceOfGroup } from '$lib/server/measures/practice';

interface ReadyRow {
	readonly code: string;
	readonly planId: string;
	readonly planVersion: number;
	readonly planName: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly since: Date;
}

/** Mats that are good and lie there, the longest first. */
export async function listReady(groupId: GroupId): Promise<ReadyMat[]> {
	const [rows, practice] = await Promise.all([
		many<ReadyRow>(
			`select t.code, t.plan_id as "planId", t.plan_version as "planVersion", v.name as "planName",
				c.width_mm as "widthMm", c.length_mm as "lengthMm", state.at as since
			 from thing t
			 join plan_version v on v.group_id = t.group_id and v.plan_id = t.plan_id and v.version = t.plan_version
			 join lateral (select x.what, e.typed_at as at from thing_event x
				join entry e on e.group_id = x.group_id and e.id = x.entry_id
				where x.group_id = t.group_id and x.thing_id = t.id
					and not exists (select 1 from taken_back b where b.group_id = x.group_id and b.entry_id = x.entry_id)
				order by x.id desc limit 1) state on true
			 join lateral (select width_mm, length_mm from standing_check s
				where s.group_id = t.group_id and s.thing_id = t.id order by s.entry_id desc limit 1) c on true
			 where t.group_id = $1 and t.sort = 'mat' and state.what = 'good'
				and not exists (select 1 from taken_back b where b.group_id = t.group_id and b.entry_id = t.entry_id)
			 order by state.at, t.id limit 500`,
			[groupId]
		),
		practiceOfGroup(groupId)
	]);
	const planned = await makingsOf(groupId, rows, practice);
	return rows.map((row): ReadyMat => {
		const { code, planName, widthMm, lengthMm, since } = row;
		const { thicknessMm } = planned(row);
		return {
			code,
			planName,
			widthMm,
			lengthMm,
			rollMm: thicknessMm && rollMat({ widthMm, lengthMm, thicknessMm }).diameterMm,
			since
		};
	});
}

/** What went out, the newest first. */
export const listDeliveries = (groupId: GroupId): Promise<DeliveryLine[]> =>
	many<DeliveryLine>(
		`select t.code, p.name as "placeName", to_char(d.goes_on, 'YYYY-MM-DD') as "goesOn", d.note,
			(select coalesce(json_agg(m.code order by m.id), '[]') from delivery_mat x
				join thing m on m.group_id = x.group_id and m.id = x.thing_id
				where x.group_id = d.group_id and x.entry_id = d.entry_id) as mats,
			(select e.typed_at from thing_event x join entry e on e.group_id = x.group_id and e.id = x.entry_id
				where x.group_id = t.group_id and x.thing_id = t.id and x.what = 'received'
					and not exists (select 1 from taken_back b where b.group_id = x.group_id and b.entry_id = x.entry_id)
				order by x.id desc limit 1) as "receivedAt"
		 from standing_delivery d
		 join thing t on t.group_id = d.group_id and t.id = d.thing_id
		 join place p on p.group_id = d.group_id and p.id = d.place_id
		 where d.group_id = $1 order by d.entry_id desc limit 200`,
		[groupId]
	);

/** What all that was handed over came to: mats that came back are not among them. */
export const accountOf = (groupId: GroupId): Promise<Account> =>
	one<Account>(
		`select count(*)::integer as mats,
			coalesce(sum(m.width_mm * m.length_mm), 0) / 1000000 as m2,
			coalesce(sum(m.bags), 0) as bags,
			(count(*) filter (where m.bags is null))::integer as "matsUncounted",
			coalesce(sum(m.film_mg), 0)::double precision / 1000000 as "filmKg",
			count(distinct d.entry_id)::integer as deliveries,
			count(distinct d.place_id)::integer as places
		 from standing_delivery d
		 join delivery_mat m on m.group_id = d.group_id and m.entry_id = d.entry_id
		 where d.group_id = $1 and not exists (
			select 1 from thing_event x where x.group_id = m.group_id and x.thing_id = m.thing_id
				and x.what = 'sent-back' and x.entry_id > d.entry_id
				and not exists (select 1 from taken_back b where b.group_id = x.group_id and b.entry_id = x.entry_id))`,
		[groupId]
	);
