import { readyRuns, weekOf } from '$lib/core/making/ready-on';
import type { CountedMat, CountingMat, CountingState } from '$lib/core/hand-over/chain';
import { chainOf, yarnDayOf } from '$lib/core/hand-over/chain';
import { DomainError } from '$lib/core/domain-error';
import { pointFor } from '$lib/core/model/known-for';
import { modelPlan } from '$lib/core/model/model';
import { Answers, bookTables, Memo } from '$lib/server/db/cache';
import type { Db } from '$lib/server/db/db';
import { asksBy } from '$lib/server/hand-over/asks';
import type { HabitInHand } from '$lib/server/making/mats';
import { readInHand } from '$lib/server/making/mats';
import { practiceOfGroup } from '$lib/server/measures/practice';
import { comingDays } from '$lib/server/people/coming-days';
import { outOfPlans } from '$lib/server/plan/plans-now';
import type { PlanInWork } from '$lib/server/prepare/plans-in-work';
import { plansInWorkText } from '$lib/server/prepare/plans-in-work';
import type { ToBegin } from '$lib/server/prepare/table-plans';
import type { AskLine } from '$lib/stages/hand-over/hand-over-view';
import type { MatLine } from '$lib/stages/making/mat-view';
import { dayAfter } from '$lib/ui/days';
import type { HallDay } from '$lib/ui/reader';

/** What an ask comes to: what counts for it, what is to be begun, by which plan and by when. */
export interface AskNeed {
	readonly id: number;
	readonly placeName: string;
	readonly byDay: string;
	/** Mats that are still to be handed over. */
	readonly open: number;
	readonly counted: readonly CountedMat[];
	readonly maybe: readonly CountedMat[];
	readonly toBegin: number;
	readonly plan: { readonly id: string; readonly name: string } | null;
	/** All plans whose mats it takes. */
	readonly fits: readonly string[];
	/** The latest day to begin a mat that is likely ready in time; null where none is to be begun. */
	readonly beginBy: string | null;
	/** That day is over: what is begun now more likely comes late. */
	readonly isLate: boolean;
	/** The table day whose yarn is in time, and by which the bags are there; null where none is planned. */
	readonly yarnOn: string | null;
}

/** What is to be made by a plan: for asks, and what is wanted beside them. */
export interface PlanNeed {
	readonly id: string;
	readonly name: string;
	readonly fromAsks: number;
	/** Of the number typed on the plan, what nothing is begun for. */
	readonly wish: number;
}

/** What is asked, followed to what is to be begun: read from here by every page that says it. */
export interface Need {
	readonly asks: readonly AskNeed[];
	readonly plans: readonly PlanNeed[];
}

/** Mats that are to be begun by each plan, by its id. */
export const toBeginOf = ({ plans }: Need): ToBegin =>
	new Map(plans.map(({ id, fromAsks, wish }) => [id, fromAsks + wish]));

/** The same, as it stands today. */
export const matsToBegin = (db: Db, now: HallDay): Promise<ToBegin> =>
	readNeed(db, now).then(toBeginOf);

const needs = new Answers<Need>(bookTables);

interface Sized {
	readonly widthMm: number;
	readonly lengthMm: number;
}
/** Finished sizes of plans; null where one cannot be made as it is kept. */
const sizes = new Memo<Sized | null>();

/** A check takes about a week, and one more where a mat is mended. */
const checkDays = 7;
const runs = 400;
/** Weeks, from this one as 0, by whose end a mat is made, in so many runs. */
const madeIn = new Memo<readonly number[]>();
const weeksMade = (done: number, weeks: readonly number[], away: readonly number[]) =>
	madeIn.of(JSON.stringify([done, weeks, away]), () =>
		readyRuns(done, weeks, { seed: 1, runs }, away)
	);

interface WaitingRow {
	readonly code: string;
	readonly planId: string;
	readonly state: CountingState;
	readonly widthMm: number;
	readonly lengthMm: number;
}

/** Mats that are ready, and those that wait for a check or for mending. */
const waitingMats = (db: Db) =>
	db.many<WaitingRow>(
		`select t.code, t.plan_id as "planId", case when s.what = 'good' then 'ready'
				when s.what = 'to-mend' then 'to-mend' else 'to-check' end as state,
			coalesce(c.width_mm, 0) as "widthMm", coalesce(c.length_mm, 0) as "lengthMm"
		 from thing_state s join thing t on t.group_id = $1 and t.id = s.thing_id
		 left join last_check c on c.group_id = $1 and c.thing_id = s.thing_id
		 where s.group_id = $1 and s.sort = 'mat' and t.plan_id is not null
			and s.what in ('good', 'finished', 'mended', 'to-mend', 'sent-back')
		 order by s.at, t.id limit 1000`,
		[db.groupId]
	);

/** Mats by each plan that went to a place since it asked. */
const deliveredForAsks = (db: Db) =>
	db.many<{ planId: string; mats: number }>(
		`select t.plan_id as "planId", count(*)::integer as mats from handed_over h
		 join entry e on e.group_id = h.group_id and e.id = h.entry_id
		 join thing t on t.group_id = h.group_id and t.id = h.thing_id
		 where h.group_id = $1 and t.plan_id is not null and exists (select 1 from standing_ask a
			where a.group_id = h.group_id and a.place_id = h.place_id and a.typed_at <= e.typed_at)
		 group by t.plan_id`,
		[db.groupId]
	);

/** What was read for something else already. */
export interface NeedRead {
	readonly asks: Promise<readonly AskLine[]>;
	readonly inHand: Promise<{
		readonly mats: readonly MatLine[];
		readonly habits: readonly HabitInHand[];
	}>;
}

/** What is to be begun, as it stands today; read anew when anything of it was kept since. */
export const readNeed = (db: Db, { today, timeZone }: HallDay): Promise<Need> => {
	const now = { today, timeZone };
	return needs.of(db, now, () => {
		const inHand = readInHand(db, now);
		return needFrom(db, now, {
			inHand,
			asks: asksBy(db, now, () => inHand.then((read) => read.mats))
		});
	});
};

/** The same by what was read already. */
export async function needFrom(db: Db, { today }: HallDay, read: NeedRead): Promise<Need> {
	const practice = await practiceOfGroup(db);
	const [lines, asks, { mats, habits }, waiting, delivered, days] = await Promise.all([
		db.many<PlanInWork>(plansInWorkText, [db.groupId]),
		read.asks,
		read.inHand,
		waitingMats(db),
		deliveredForAsks(db),
		comingDays(db, today)
	]);
	const sized = await outOfPlans(db, lines, practice, sizes, (plan): Sized | null => {
		try {
			const { widthMm, lengthMm } = modelPlan(plan, pointFor(plan, practice)).mat;
			return { widthMm, lengthMm };
		} catch (error) {
			if (!(error instanceof DomainError)) throw error;
			return null;
		}
	});
	const counting = [
		...waiting.map((mat): CountingMat => ({ ...mat, chanceBy: waitingChance(mat.state, today) })),
		...habits.map(({ code, planId, done, weeks, away }): CountingMat => {
			const look = mats.find((mat) => mat.code === code)?.look;
			return {
				code,
				planId,
				state: 'being-made',
				widthMm: look?.widthMm ?? 0,
				lengthMm: look?.lengthMm ?? 0,
				chanceBy: (day) => {
					const made = weeksMade(Math.min(1, done), weeks, away);
					return (
						made.filter((week) => readyOn(today, week) <= day).length / Math.max(1, made.length)
					);
				}
			};
		})
	];
	const open = asks.filter(({ isDone, byDay }) => !isDone && byDay >= today);
	const chains = chainOf(
		open.map(({ mats: asked, handed, widthMm, lengthMm, byDay }) => ({
			mats: Math.max(0, asked - handed),
			size: widthMm === null || lengthMm === null ? null : { widthMm, lengthMm },
			byDay
		})),
		counting,
		lines.flatMap(({ id, isRemoved, isNext, matsWanted, begun }) => {
			const size = sized.get(id);
			const weight = isNext ? Infinity : matsWanted + begun;
			return size && !isRemoved ? [{ id, ...size, weight }] : [];
		})
	);
	const toBegin = usualWeeks(habits);
	const needed = open.map((ask, at): AskNeed => {
		const chain = chains[at] ?? { counted: [], maybe: [], toBegin: 0, planId: null, fits: [] };
		const beginBy = chain.toBegin > 0 ? dayAfter(ask.byDay, -7 * (toBegin + 1) - checkDays) : null;
		const line = lines.find(({ id }) => id === chain.planId);
		return {
			id: ask.id,
			placeName: ask.placeName,
			byDay: ask.byDay,
			open: Math.max(0, ask.mats - ask.handed),
			counted: chain.counted,
			maybe: chain.maybe,
			toBegin: chain.toBegin,
			plan: line ? { id: line.id, name: line.name } : null,
			fits: chain.fits,
			beginBy,
			isLate: beginBy !== null && beginBy < today,
			yarnOn: beginBy && yarnDayOf(beginBy, days)
		};
	});
	const planOf = new Map(counting.map(({ code, planId }) => [code, planId]));
	const dealt = (id: string) =>
		needed.flatMap(({ counted }) => counted).filter(({ code }) => planOf.get(code) === id).length +
		(delivered.find(({ planId }) => planId === id)?.mats ?? 0);
	return {
		asks: needed,
		plans: lines.map(({ id, name, matsWanted, begun }): PlanNeed => ({
			id,
			name,
			fromAsks: needed
				.filter(({ plan }) => plan?.id === id)
				.reduce((sum, ask) => sum + ask.toBegin, 0),
			// A wish is beside what is asked: mats that count for an ask do not count for it.
			wish: Math.max(0, matsWanted - Math.max(0, begun - dealt(id)))
		}))
	};
}

/** A mat that is made in a week, this one being 0, is ready when its check is over. */
const readyOn = (today: string, week: number): string =>
	Number.isFinite(week) ? dayAfter(today, 7 * (week + 1) + checkDays) : '9999-12-31';

/** What is ready is ready; what waits for its check is so in a week, or in two where it is mended. */
const waitingChance =
	(state: CountingState, today: string) =>
	(day: string): number =>
		state === 'ready' || dayAfter(today, 2 * checkDays) <= day
			? 1
			: state === 'to-check' && dayAfter(today, checkDays) <= day
				? 0.8
				: 0;

/** Weeks, from this one as 0, in which a mat that is begun is made, more likely than not: as the group's makers work. */
function usualWeeks(habits: readonly HabitInHand[]): number {
	const weeks = habits.flatMap((habit) => habit.weeks).slice(0, 60);
	return weekOf(weeksMade(0, weeks, []), 0.5) ?? 26;
}
