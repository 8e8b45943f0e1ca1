import type { Db } from '$lib/server/db/db';
import type { CutStyle } from '$lib/core/cut/types';
import { lessons } from '$lib/stages/know-how/lessons';
import type { NextAct } from '$lib/stages/know-how/next-act';
import { nextAct } from '$lib/stages/know-how/next-act';
import { practisedKinds } from '$lib/stages/know-how/practice-log';
import { practisedBy } from './practised';

/** What comes next for somebody, and with whom: who sits at that station on the next table day. */
export interface NextFor extends NextAct {
	/** The next table day, as `2026-12-03`; null where none is to come. */
	readonly day: string | null;
	/** Names of who sits there then and knows the work, in the order of the alphabet. */
	readonly beside: readonly string[];
}

interface Sat {
	readonly sat: readonly string[];
	readonly may: readonly string[];
	readonly next: string | null;
	readonly day: string | null;
	readonly dayId: string | null;
}

/** Where somebody sat on days behind, may sit, and sits on the next day: read at once. */
const seatsOf = (db: Db, personId: string, today: string): Promise<Sat> =>
	db.one<Sat>(
		`with next as (
			select d.id, d.day from table_day d
			where d.group_id = $1 and d.called_off_at is null and d.day >= $3::date
			order by d.day, d.id limit 1)
		 select coalesce((select json_agg(station order by day desc, from_minute desc) from (
				select distinct on (t.day, s.station) s.station, t.day, s.from_minute
				from seat s join table_day t on t.group_id = $1 and t.id = s.day_id
				where s.group_id = $1 and s.person_id = $2 and t.day < $3::date and t.called_off_at is null
				order by t.day, s.station, s.from_minute) sat), '[]') as sat,
			coalesce((select json_agg(distinct case when p.seat like 'cut-%' then 'cut' else p.seat end)
				from person_seat p where p.group_id = $1 and p.person_id = $2), '[]') as may,
			(select s.station from seat s where s.group_id = $1 and s.person_id = $2
				and s.day_id = (select id from next) order by s.from_minute limit 1) as next,
			(select to_char(day, 'YYYY-MM-DD') from next) as day,
			(select id from next) as "dayId"`,
		[db.groupId, personId, today]
	);

/** Who sits at a station on a day and is not new to it; a child is asked to teach nobody. */
const besideAt = (db: Db, dayId: string, station: string, personId: string) =>
	db.many<{ name: string }>(
		`select p.name from person p
		 where p.group_id = $1 and p.id <> $4 and p.name is not null and not p.is_child
			and exists (select 1 from seat s where s.group_id = $1 and s.day_id = $2
				and s.person_id = p.id and s.station = $3)
			and not exists (select 1 from person_seat l where l.group_id = $1 and l.person_id = p.id
				and l.level = 'new' and (l.seat = $3 or ($3 = 'cut' and l.seat like 'cut-%')))
		 order by lower(btrim(p.name))`,
		[db.groupId, dayId, station, personId]
	);

/** The act that comes next for somebody by what they did, and who sits there on the next table day. */
export async function nextFor(
	db: Db,
	personId: string,
	cut: CutStyle,
	today: string
): Promise<NextFor | null> {
	const [{ sat, may, next, day, dayId }, answered] = await Promise.all([
		seatsOf(db, personId, today),
		practisedBy(db, personId)
	]);
	const sits = new Set(practisedKinds(answered).flatMap(({ kind, sits }) => (sits ? [kind] : [])));
	const coming = nextAct({ sat, may, next, sits }, cut, (act) => lessons[act].practice);
	if (!coming) return null;
	const beside = dayId === null ? [] : await besideAt(db, dayId, coming.station, personId);
	return { ...coming, day, beside: beside.map(({ name }) => name) };
}
