import type { Db } from '$lib/server/db/db';
import { readSeasonPage } from './season-page';
import { listPeopleNames } from '$lib/server/people/people';
import type { BestOrder } from '$lib/stages/season/best-season';
import { bestOrderOf } from '$lib/stages/season/best-season';
import type { DayAim, DayToAim } from '$lib/stages/season/day-aims';
import { dayAims } from '$lib/stages/season/day-aims';
import type { HallDay } from '$lib/ui/reader';
import { goalOf } from '$lib/server/season/season-asked';

/** Days to come that may aim at something: none that was opened. */
const daysToAim = (db: Db, today: string) =>
	db.many<DayToAim>(
		`select id, to_char(day, 'YYYY-MM-DD') as day, plan_id as "planId", coalesce(balls_wanted, 0) as balls,
			strands_wanted as strands, checks_wanted as checks, pillows_wanted as pillows
		 from table_day where group_id = $1 and called_off_at is null and opened_at is null and day >= $2::date
		 order by day, id limit 3`,
		[db.groupId, today]
	);

/** All that the page of the best plan is drawn from; what is asked of it is null where nothing is asked for. */
export async function readBestPage(db: Db, now: HallDay, by: string | null) {
	const [{ basis, chain }, days, people] = await Promise.all([
		readSeasonPage(db, now),
		daysToAim(db, now.today),
		listPeopleNames(db)
	]);
	const goal = goalOf(basis, by);
	const open = chain.asks.filter(({ open }) => open > 0);
	const fits = basis.plans
		.map(({ id }) => id)
		.filter((id) => open.every((ask) => ask.fits.includes(id)));
	const order: BestOrder | null = goal && bestOrderOf(basis, goal, fits);
	const aims: DayAim[] = dayAims(basis, chain, days, basis.nextPlan);
	return {
		order,
		aims,
		goal: goal && { by: goal.by, wanted: goal.wanted },
		hasRhythm: basis.hasRhythm,
		hasAsks: basis.goals.length > 0,
		isBeginKept: basis.isBeginKept,
		nextPlan: basis.plans.find(({ id }) => id === basis.nextPlan)?.name ?? null,
		planNames: Object.fromEntries(basis.plans.map(({ id, name }) => [id, name])),
		bags: chain.bags.slice(0, 8),
		names: Object.fromEntries(people.map(({ id, name }) => [id, name])),
		today: now.today
	};
}
