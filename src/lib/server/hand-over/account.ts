import type { Db } from '$lib/server/db/db';
import { seasonOf } from '$lib/core/hand-over/season-of';
import type {
	AccountOfPeriod,
	DeliveryAccount,
	HandedMat,
	Period
} from '$lib/stages/hand-over/account-view';
import { addAccounts, barsOf, inPeriod, mostlyLabelled } from '$lib/stages/hand-over/account-view';
import { Answers } from '$lib/server/db/cache';

/** What a mat weighed when it went, where it was weighed, g. */
const weighedText = `(select c.mass_g from standing_check c where c.group_id = $1 and c.thing_id = h.thing_id
	and c.mass_g is not null and c.entry_id < h.entry_id order by c.entry_id desc limit 1)`;

/**
 * What each delivery came to, the newest first: mats that came back are not among them. Pillows count as
 * long as their delivery stands.
 */
const readAccounts = (db: Db): Promise<DeliveryAccount[]> =>
	db.many<DeliveryAccount>(
		`with weighed as materialized (select h.*, ${weighedText} as weighed_g from handed_over h where h.group_id = $1),
		mats as (
			select entry_id, count(*)::integer as mats, sum(width_mm * length_mm) / 1000000 as m2,
				coalesce(sum(bags), 0) as bags, (count(*) filter (where bags is null))::integer as uncounted,
				(count(*) filter (where film_mg < $2::double precision * weighed_g * 1000))::integer as partly,
				(count(*) filter (where film_mg is null and weighed_g is null))::integer as unweighed,
				coalesce(sum(coalesce(weighed_g * 1000, film_mg)), 0)::double precision / 1000000 as film,
				sum(timed_min) / 60 as timed, sum(estimated_min) / 60 as estimated
			from weighed group by entry_id),
		given as (
			select t.id as thing_id,
				sum((b.content ->> 'bags')::double precision) filter (where k.source = 'new') as new_bags,
				sum((b.content ->> 'bags')::double precision) filter (where coalesce(k.source, 'unknown') = 'unknown') as unknown_bags
			from standing_entry e
			join thing b on b.group_id = e.group_id and b.code = label_of(e.typed ->> 'ball')
			join thing t on t.group_id = e.group_id and t.code = label_of(e.typed ->> 'mat')
			left join bag_kind k on k.group_id = e.group_id and k.id::text = b.content ->> 'kindId'
			where e.group_id = $1 and e.type = 'issue' group by t.id),
		sources as (
			select h.entry_id, sum(g.new_bags) as new_bags, sum(g.unknown_bags) as unknown_bags
			from handed_over h join given g on g.thing_id = h.thing_id
			where h.group_id = $1 and h.bags is not null group by h.entry_id),
		pillows as (
			select x.entry_id, count(*)::integer as pillows, sum(x.bags) as bags,
				sum(x.film_mg)::double precision / 1000000 as film
			from standing_delivery d
			join delivery_pillow x on x.group_id = d.group_id and x.entry_id = d.entry_id
			where d.group_id = $1 group by x.entry_id)
		 select d.entry_id as id, t.code, p.name as "placeName", to_char(d.goes_on, 'YYYY-MM-DD') as "goesOn",
			coalesce(m.mats, 0) as mats, coalesce(m.m2, 0) as m2,
			coalesce(m.bags, 0) as "matBags", coalesce(m.uncounted, 0) as "matsUncounted",
			coalesce(s.new_bags, 0) as "newBags", coalesce(s.unknown_bags, 0) as "unknownBags",
			coalesce(m.partly, 0) as "matsPartly", coalesce(m.unweighed, 0) as "matsUnweighed",
			coalesce(q.pillows, 0) as pillows, coalesce(q.bags, 0) as "pillowBags",
			coalesce(m.film, 0) + coalesce(q.film, 0) as "filmKg",
			coalesce(m.timed, 0) as "timedHours", coalesce(m.estimated, 0) as "estimatedHours"
		 from standing_delivery d
		 join thing t on t.group_id = d.group_id and t.id = d.thing_id
		 join place_known p on p.group_id = d.group_id and p.id = d.place_id
		 left join mats m on m.entry_id = d.entry_id
		 left join sources s on s.entry_id = d.entry_id
		 left join pillows q on q.entry_id = d.entry_id
		 where d.group_id = $1 order by d.goes_on desc, d.entry_id desc`,
		[db.groupId, mostlyLabelled]
	);

/** Accounts as they were added up last: thousands of mats are added up once, not for every page. */
const accounts = new Answers<DeliveryAccount[]>([
	'delivery',
	'sent_back',
	'taken_back',
	'place',
	'bag_kind'
]);

/** What each delivery came to, the newest first. */
export const deliveryAccounts = (db: Db): Promise<DeliveryAccount[]> =>
	accounts.of(db, null, () => readAccounts(db));

/** Deliveries that are listed of a period; all of them are in the list as CSV. */
const mostListed = 60;

/** What was handed over in a period came to, and which other periods there are. */
export async function accountIn(db: Db, period: Period): Promise<AccountOfPeriod> {
	const all = await deliveryAccounts(db);
	const own = inPeriod(all, period);
	const newest = (years: readonly number[]) =>
		[...new Set(years)].toSorted((one, other) => other - one).slice(0, 12);
	const seasons = newest(all.map(({ goesOn }) => seasonOf(goesOn)));
	// Of one season alone its months say more than the season as a whole.
	const [only] = seasons;
	const drawn: Period =
		period.of === 'all' && seasons.length === 1 && only !== undefined
			? { of: 'season', begins: only }
			: period;
	return {
		period,
		account: addAccounts(own),
		deliveries: own.slice(0, mostListed),
		more: Math.max(0, own.length - mostListed),
		bars: barsOf(own, drawn),
		seasons,
		years: newest(all.map(({ goesOn }) => Number(goesOn.slice(0, 4)))),
		mats:
			period.of === 'delivery'
				? await listHanded(db, { delivery: period.code, before: null, limit: 200 })
				: []
	};
}

/** Mats that were handed over, the newest first: those of one delivery, or all after one. */
export const listHanded = (
	db: Db,
	{ delivery, before, limit }: { delivery: string | null; before: number | null; limit: number }
): Promise<HandedMat[]> =>
	db.many<HandedMat>(
		`select h.thing_id as id, t.code, v.name as "planName", d.code as delivery, p.name as "placeName",
			to_char(h.goes_on, 'YYYY-MM-DD') as "goesOn", h.width_mm as "widthMm", h.length_mm as "lengthMm",
			h.mass_g as "massG", h.bags,
			coalesce(${weighedText}, h.film_mg::double precision / 1000) as "filmG",
			h.timed_min / 60 as "timedHours", h.estimated_min / 60 as "estimatedHours",
			o.code as pillow
		 from handed_over h
		 join thing t on t.group_id = h.group_id and t.id = h.thing_id
		 join plan_version v on v.group_id = t.group_id and v.plan_id = t.plan_id and v.version = t.plan_version
		 join thing d on d.group_id = h.group_id and d.id = h.delivery_id
		 join place_known p on p.group_id = h.group_id and p.id = h.place_id
		 left join delivery_pillow y on y.group_id = h.group_id and y.entry_id = h.entry_id and y.mat_id = h.thing_id
		 left join thing o on o.group_id = y.group_id and o.id = y.thing_id
		 where h.group_id = $1 and ($2::text is null or d.code = $2)
			and ($3::bigint is null or h.thing_id < $3)
		 order by h.thing_id desc limit $4`,
		[db.groupId, delivery, before, limit]
	);
