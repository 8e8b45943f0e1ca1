import type { Db } from '$lib/server/db/db';
import type { ColourRows } from '$lib/core/making/strand-left';
import type { ThingEvent } from '$lib/core/store/forms';
import type { BagsOfPlace, MatStory, StoryDay } from '$lib/stages/hand-over/story-view';
import type { BallContent } from '$lib/stages/prepare/balls';
import { ownMaking } from '$lib/server/making/making';
import { makingsOf } from '$lib/server/making/makings';
import { stripesOfBalls } from '$lib/core/making/stripes-of-balls';
import { mostlyLabelled } from '$lib/stages/hand-over/account-view';
import { practiceOfGroup } from '$lib/server/measures/practice';

interface MatRow {
	readonly id: number;
	readonly planId: string;
	readonly planVersion: number;
	readonly planName: string;
	readonly stripes: ColourRows[] | null;
	readonly state: ThingEvent;
	readonly widthMm: number | null;
	readonly lengthMm: number | null;
	readonly massG: number | null;
}

const matText = `select t.id, t.plan_id as "planId", t.plan_version as "planVersion", v.name as "planName",
		t.content -> 'stripes' as stripes, s.what as state,
		c.width_mm as "widthMm", c.length_mm as "lengthMm", c.mass_g as "massG"
	from thing t
	join thing_state s on s.group_id = t.group_id and s.thing_id = t.id
	join plan_version v on v.group_id = t.group_id and v.plan_id = t.plan_id and v.version = t.plan_version
	left join last_check c on c.group_id = t.group_id and c.thing_id = t.id
	where t.group_id = $1 and t.code = $2 and t.sort = 'mat'`;

/** A ball in a mat. */
interface BallOfMat {
	readonly code: string;
	readonly content: BallContent;
}

/** The balls that were given for a mat by their labels. */
const ballsOf = (db: Db, code: string) =>
	db.many<BallOfMat>(
		`select b.code, b.content from standing_entry e
		 join thing b on b.group_id = e.group_id and b.code = label_of(e.typed ->> 'ball')
		 where e.group_id = $1 and e.type = 'issue' and label_of(e.typed ->> 'mat') = $2
		 order by e.id`,
		[db.groupId, code]
	);

/**
 * The places whose bags of a kind and colour had been sorted into the store by a day: they lie there
 * together, so that a place has its share of every ball.
 */
const placesOf = (db: Db, kindId: string, colour: string, by: string) =>
	db.many<{ name: string; bags: number }>(
		`select p.name, sum(m.amount)::double precision as bags
		 from standing_sorting s
		 join place_known p on p.group_id = s.group_id and p.id = s.place_id
		 join movement m on m.group_id = s.group_id and m.entry_id = s.entry_id and m.holder = 'store' and m.amount > 0
		 join entry e on e.group_id = s.group_id and e.id = s.entry_id
		 join line l on l.group_id = m.group_id and l.id = m.line_id and l.form = 'bag'
		 where s.group_id = $1 and l.kind_id = $2 and l.colour = $3 and e.typed_at < $4::date + 1
		 group by p.name order by 2 desc, p.name`,
		[db.groupId, kindId, colour, by]
	);

/**
 * How many people made a mat: whoever had it, whoever is named with its balls, and whoever came or sat at the table on
 * the days these were wound; and of how many balls nobody is known.
 */
const handsOfMat = (db: Db, matId: number, balls: readonly BallOfMat[]) =>
	db.one<{ hands: number; makers: number; unknownBalls: number }>(
		`with makers as (select distinct h.person_id from standing_hand_on h
				where h.group_id = $1 and h.thing_id = $2 and h.person_id is not null),
			wound as (select a.code, a.day, e.person_id
				from unnest($3::text[], $4::date[]) as a (code, day)
				left join thing b on b.group_id = $1 and b.code = a.code
				left join entry e on e.group_id = $1 and e.id = b.entry_id),
			there as (select d.day, p.person_id from table_day d
				join day_person p on p.group_id = $1 and p.day_id = d.id
				where d.group_id = $1 and d.called_off_at is null and d.day = any($4::date[])
					and (p.came or (p.came is null and exists (select 1 from seat s
						where s.group_id = $1 and s.day_id = d.id and s.person_id = p.person_id)))
				union select d.day, s.person_id from table_day d
				join seat s on s.group_id = $1 and s.day_id = d.id
				where d.group_id = $1 and d.called_off_at is null and d.day = any($4::date[])
					and not exists (select 1 from day_person q
						where q.group_id = $1 and q.day_id = d.id and q.person_id = s.person_id and not q.came))
		 select (select count(*)::integer from makers) as makers,
			(select count(*)::integer from wound w where w.person_id is null
				and not exists (select 1 from there t where t.day = w.day)) as "unknownBalls",
			(select count(*)::integer from (select person_id from makers
				union select person_id from wound where person_id is not null
				union select person_id from there) x) as hands`,
		[db.groupId, matId, balls.map(({ code }) => code), balls.map(({ content }) => content.madeOn)]
	);

/** What happened to a mat, and the day of the hall it did; what was taken back is left out. */
const daysOfMat = (db: Db, matId: number) =>
	db.many<StoryDay>(
		`select v.what, to_char(e.typed_at at time zone coalesce(g.time_zone, 'UTC'), 'YYYY-MM-DD') as day
		 from standing_thing_event v join entry e on e.group_id = v.group_id and e.id = v.entry_id
		 join volunteer_group g on g.id = v.group_id
		 where v.group_id = $1 and v.thing_id = $2
		 order by v.id`,
		[db.groupId, matId]
	);

/** The delivery a mat went out with last, where that stands. */
const wentWith = (db: Db, matId: number) =>
	db.maybeOne<{ code: string; placeName: string; goesOn: string; pillow: string | null }>(
		`select d.code, p.name as "placeName", to_char(h.goes_on, 'YYYY-MM-DD') as "goesOn", o.code as pillow
		 from handed_over h
		 join thing d on d.group_id = h.group_id and d.id = h.delivery_id
		 join place_known p on p.group_id = h.group_id and p.id = h.place_id
		 left join delivery_pillow y on y.group_id = h.group_id and y.entry_id = h.entry_id and y.mat_id = h.thing_id
		 left join thing o on o.group_id = y.group_id and o.id = y.thing_id
		 where h.group_id = $1 and h.thing_id = $2 order by h.entry_id desc limit 1`,
		[db.groupId, matId]
	);

/** A mat's own page: of which bags it is, how many hands made it, on which days; null where there is none of that label. */
export async function storyOfMat(db: Db, code: string): Promise<MatStory | null> {
	const mat = await db.maybeOne<MatRow>(matText, [db.groupId, code]);
	if (!mat) return null;
	const [balls, days, went, practice] = await Promise.all([
		ballsOf(db, code),
		daysOfMat(db, mat.id),
		wentWith(db, mat.id),
		practiceOfGroup(db)
	]);
	const madeOn = [...new Set(balls.map(({ content }) => content.madeOn))].toSorted();
	const [planned, { hands, makers, unknownBalls }] = await Promise.all([
		makingsOf(db, [mat], practice),
		handsOfMat(db, mat.id, balls)
	]);
	const { look: plannedLook, rows } = ownMaking(planned(mat), null, mat.stripes);
	const filmG = balls.reduce((sum, { content }) => sum + content.filmMg, 0) / 1000;
	const knownFilmG =
		balls.length > 0 && mat.massG !== null && filmG < mostlyLabelled * mat.massG ? filmG : null;
	const ballStripes =
		plannedLook &&
		stripesOfBalls(
			balls.flatMap(({ content }) => content.colours),
			plannedLook.stripes,
			knownFilmG === null || mat.massG === null ? 1 : knownFilmG / mat.massG
		);
	const look = ballStripes ? { ...plannedLook, stripes: ballStripes } : plannedLook;
	/** Bags by kind and colour, and the last day one of their balls was wound. */
	const sorts = new Map<
		string,
		{ kindId: string; kind: string; colour: string; bags: number; by: string }
	>();
	for (const { content } of balls)
		for (const { colour, bags } of content.colours) {
			const key = `${content.kindId} ${colour}`;
			const own = sorts.get(key);
			sorts.set(key, {
				kindId: content.kindId,
				kind: content.kind,
				colour,
				bags: (own?.bags ?? 0) + bags,
				by: own && own.by > content.madeOn ? own.by : content.madeOn
			});
		}
	const places = new Map<string, number>();
	for (const { kindId, colour, bags, by } of sorts.values()) {
		const sorted = await placesOf(db, kindId, colour, by);
		const all = sorted.reduce((sum, one) => sum + one.bags, 0);
		for (const { name, bags: own } of sorted)
			places.set(name, (places.get(name) ?? 0) + (bags * own) / all);
	}
	return {
		code,
		planName: mat.planName,
		state: mat.state,
		look,
		rows,
		size:
			mat.widthMm === null || mat.lengthMm === null
				? null
				: { widthMm: mat.widthMm, lengthMm: mat.lengthMm },
		massG: mat.massG,
		bags: balls.length === 0 ? null : balls.reduce((sum, { content }) => sum + content.bags, 0),
		knownFilmG,
		isByBalls: ballStripes !== null,
		sorts: [...sorts.values()].map(({ kind, colour, bags }) => ({
			kind,
			colour: colour as MatStory['sorts'][number]['colour'],
			bags
		})),
		places: [...places]
			.map(([name, bags]): BagsOfPlace => ({ name, bags }))
			.toSorted((one, other) => other.bags - one.bags),
		hands,
		makers,
		unknownBalls,
		woundOn: madeOn,
		days,
		went
	};
}
