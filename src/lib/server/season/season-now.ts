import { pointFor } from '$lib/core/model/known-for';
import type { Practice } from '$lib/core/practice/practice';
import { matDemand } from '$lib/core/store/mat-demand';
import { DomainError } from '$lib/core/domain-error';
import { planOfShape } from '$lib/stages/plan/document/document';
import type { SeasonBasis, SeasonGoal } from '$lib/stages/season/season-view';
import { usualBagsPerMat } from '$lib/stages/season/season-view';
import type { CheckOverview } from '$lib/stages/check/check-view';
import type { AskLine } from '$lib/stages/hand-over/hand-over-view';
import type { MatLine } from '$lib/stages/hand/mat-view';
import { daysBetween } from '$lib/ui/days';
import { checkOverview } from '$lib/server/check/made-mats';
import type { GroupId } from '$lib/server/base/group-id';
import { many, one } from '$lib/server/db/verbs';
import { listWantedPlans } from '$lib/server/gather/wanted';
import { asksBy } from '$lib/server/hand-over/asks';
import { listReady } from '$lib/server/hand-over/deliveries';
import { readInHand } from '$lib/server/hand/mats';
import { practiceOfGroup } from '$lib/server/measures/practice';

/** The day it is in the hall, and where that is. */
interface Today {
	readonly today: string;
	readonly timeZone: string;
}

/** Bags that a mat of the plans that are wanted takes, on average; the craft's where none is. */
async function bagsPerMat(groupId: GroupId, practice: Practice): Promise<number> {
	const plans = (await listWantedPlans(groupId, 6)).map(({ document, matsWanted }) => ({
		plan: planOfShape(document.plan),
		mats: matsWanted
	}));
	const wanted = plans.some(({ mats }) => mats > 0) ? plans.filter(({ mats }) => mats > 0) : plans;
	let [bags, mats] = [0, 0];
	for (const { plan, mats: count } of wanted) {
		try {
			bags += Math.max(1, count) * matDemand(plan, pointFor(plan, practice)).bags;
			mats += Math.max(1, count);
		} catch (error) {
			if (!(error instanceof DomainError)) throw error;
		}
	}
	return mats > 0 ? bags / mats : usualBagsPerMat;
}

/** Bags that lie there: in sacks, flat, in pieces and joined; and bags in balls and chains. */
const storeOf = (groupId: GroupId) =>
	one<{ bags: number; balls: number }>(
		`select coalesce(sum(case when l.form in ('bag', 'flat') then b.amount
				when l.form in ('piece', 'strand') then b.amount / c.pieces_per_bag else 0 end), 0)::double precision as bags,
			(select coalesce(sum((t.content ->> 'bags')::double precision), 0) from lying x
				join thing t on t.group_id = x.group_id and t.id = x.thing_id where x.group_id = $1) as balls
		 from balance b
		 join line l on l.group_id = b.group_id and l.id = b.line_id
		 left join cut c on c.group_id = l.group_id and c.id = l.cut_id
		 where b.group_id = $1 and b.holder = 'store' and b.amount > 0`,
		[groupId]
	);

/** Asks further ahead than this, two years, are none of this season. */
const mostWeeksAhead = 104;

/** Weeks that are looked back on. */
const weeksBack = 12;

/** Bags that were sorted for strand in each full week since the first sorting, the oldest first. */
const sortedByWeek = (groupId: GroupId, { today, timeZone }: Today) =>
	many<{ bags: number }>(
		`with sorted as (select floor(($2::date - 1 - (e.typed_at at time zone $3)::date) / 7.0)::integer as week, s.strand
			from standing_sorting s join entry e on e.group_id = s.group_id and e.id = s.entry_id
			where s.group_id = $1 and (e.typed_at at time zone $3)::date < $2::date
				and (e.typed_at at time zone $3)::date >= $2::date - 7 * $4::integer)
		 select coalesce(sum(x.strand), 0)::double precision as bags
		 from generate_series(0, coalesce((select max(week) from sorted), -1)) as g (week)
		 left join sorted x on x.week = g.week group by g.week order by g.week desc`,
		[groupId, today, timeZone, weeksBack]
	);

/** Table days behind: bags in the balls that were wound there, and whether the bags ran out. */
const pastDays = (groupId: GroupId, { today, timeZone }: Today) =>
	many<{ bags: number }>(
		`select coalesce((select sum((t.content ->> 'bags')::double precision) from thing t
				join entry e on e.group_id = t.group_id and e.id = t.entry_id
				where t.group_id = d.group_id and t.sort in ('ball', 'chain')
					and (e.typed_at at time zone $3)::date = d.day
					and not exists (select 1 from taken_back b where b.group_id = t.group_id and b.entry_id = t.entry_id)), 0) as bags
		 from table_day d where d.group_id = $1 and d.called_off_at is null and d.day < $2::date
		 order by d.day desc limit $4`,
		[groupId, today, timeZone, weeksBack]
	);

/** Table days to come, and how many of those who said yes are likely to come, as a share. */
const daysToCome = (groupId: GroupId, { today }: Today) =>
	many<{ day: string; attendance: number }>(
		`select to_char(d.day, 'YYYY-MM-DD') as day, coalesce((select avg((4.0 + c.came) / (5.0 + c.known)) from (
				select count(*) filter (where o.came) as came, count(*) filter (where o.came is not null) as known
				from day_person p
				left join day_person o on o.group_id = p.group_id and o.person_id = p.person_id and o.day_id <> p.day_id
				where p.group_id = d.group_id and p.day_id = d.id group by p.person_id) c), 0.8)::double precision as attendance
		 from table_day d where d.group_id = $1 and d.called_off_at is null and d.day >= $2::date
		 order by d.day, d.id limit 60`,
		[groupId, today]
	);

/** People without a mat who made one before: weeks that their last mats took, the newest mat last. */
const freeMakers = (groupId: GroupId) =>
	many<{ personId: string; weeks: number }>(
		`select h.person_id as "personId",
			greatest(1, ceil(extract(epoch from max(f.typed_at) - min(g.typed_at)) / 604800))::integer as weeks
		 from hand_on h
		 join entry g on g.group_id = h.group_id and g.id = h.entry_id
		 join thing_event v on v.group_id = h.group_id and v.thing_id = h.thing_id and v.what = 'finished'
		 join entry f on f.group_id = v.group_id and f.id = v.entry_id
		 where h.group_id = $1 and h.person_id is not null
			and not exists (select 1 from taken_back b where b.group_id = h.group_id and b.entry_id = h.entry_id)
		 group by h.person_id, h.thing_id order by max(f.typed_at)`,
		[groupId]
	);

/** What a forecast of the season rests on, and what was read for it. */
export interface SeasonRead {
	readonly basis: SeasonBasis;
	readonly mats: readonly MatLine[];
	readonly asks: readonly AskLine[];
	readonly checks: CheckOverview;
}

/** All a forecast of the season rests on, as it stands today. */
export const seasonNow = async (groupId: GroupId, now: Today): Promise<SeasonBasis> =>
	(await readSeason(groupId, now)).basis;

/** The same with the mats, the asks and the checks it was made of: each is read once. */
export async function readSeason(groupId: GroupId, now: Today): Promise<SeasonRead> {
	const readingInHand = readInHand(groupId, now);
	const practice = await practiceOfGroup(groupId);
	const [asks, ready, checks, inHand, store, sorted, past, toCome, free, perMat] =
		await Promise.all([
			asksBy(groupId, now, () => readingInHand.then(({ mats }) => mats)),
			listReady(groupId),
			checkOverview(groupId),
			readingInHand,
			storeOf(groupId),
			sortedByWeek(groupId, now),
			pastDays(groupId, now),
			daysToCome(groupId, now),
			freeMakers(groupId),
			bagsPerMat(groupId, practice)
		]);
	const open = asks.filter(
		({ byDay }) => byDay >= now.today && daysBetween(now.today, byDay) <= 7 * mostWeeksAhead
	);
	const goals = open
		.map(({ byDay }) => byDay)
		.filter((day, at, all) => all.indexOf(day) === at)
		.map((by): SeasonGoal => {
			const own = open.filter(({ byDay }) => byDay <= by);
			return {
				by,
				wanted: own.reduce((sum, { mats }) => sum + mats, 0),
				handedOver: own.reduce((sum, { handed }) => sum + handed, 0)
			};
		});
	const busy = new Set(inHand.habits.map(({ makerId }) => makerId));
	const makers = new Map<string, number[]>();
	for (const { personId, weeks } of free)
		if (!busy.has(personId))
			makers.set(personId, [
				...(makers.get(personId) ?? []),
				...Array.from({ length: weeks }, () => 1 / weeks)
			]);
	const basis: SeasonBasis = {
		today: now.today,
		goals,
		bagsPerMat: perMat,
		ready: ready.length,
		inCheck: checks.mats.length,
		mats: inHand.habits.map(({ done, weeks }) => ({ done, weeks })),
		freeMakers: [...makers.values()].map((weeks) => ({ weeks: weeks.slice(-weeksBack) })),
		strandMats: store.balls / perMat,
		bagMats: store.bags / perMat,
		bagsPerWeek: sorted.map(({ bags }) => bags / perMat),
		tableDays: toCome.map(({ day, attendance }) => ({
			day,
			ahead: daysBetween(now.today, day),
			attendance
		})),
		perTableDay: past.map(({ bags }) => bags / perMat).toReversed(),
		checks: checks.firsts
	};
	return { basis, mats: inHand.mats, asks, checks };
}
