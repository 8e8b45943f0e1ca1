import { Memo } from '$lib/server/db/cache';
import type { Db } from '$lib/server/db/db';
import type { HallDay } from '$lib/ui/reader';
import type { DaySpan } from '$lib/core/rhythm/span';
import { weeksInSpans } from '$lib/core/rhythm/span';
import { dayAfter } from '$lib/ui/days';

/** A mat whose log is asked for. While neither count grows, its log is the same. */
interface Logged {
	readonly id: number;
	readonly marks: number;
	readonly corrections: number;
}

/** What the log of a mat comes to. */
export interface MatLog {
	readonly id: number;
	readonly near: number;
	readonly far: number;
	readonly lastAt: Date;
	/** Days of the hall since the last row. */
	readonly lastDays: number;
	/** Rows of past weeks: week 0 ends today. */
	readonly weeks: readonly { readonly week: number; readonly rows: number }[];
}

/** Weeks of log that a forecast rests on: 84 days, as the statement has them. */
export const loggedWeeks = 12;

/** The logs of some mats; of one without a row, none. */
const logsText = `select r.thing_id as id, coalesce(r.near, 0) as near, coalesce(r.far, 0) as far,
		r.last_at as "lastAt", $3::date - (r.last_at at time zone $4)::date as "lastDays",
		coalesce(w.weeks, '[]') as weeks
	from (select thing_id, max(made) filter (where side = 'near') as near,
			max(made) filter (where side = 'far') as far, max(last_at) as last_at
		from rows_made where group_id = $1 and thing_id = any($2::bigint[]) group by thing_id) r
	left join (select thing_id, json_agg(json_build_object('week', week, 'rows', made)) as weeks from (
			select s.thing_id, floor(($3::date - (s.typed_at at time zone $4)::date) / 7.0)::integer as week,
				sum(coalesce(s.step, 0) + s.jump)::integer as made
			from standing_row s where s.group_id = $1 and s.thing_id = any($2::bigint[])
				and s.typed_at > ($3::date - 84)::timestamp at time zone $4
			group by 1, 2) by_week group by thing_id) w on w.thing_id = r.thing_id`;

/** Logs as they were summed last: one of many rows is summed once, not for every page. */
const logs = new Memo<MatLog | null>();

/** The logs of some mats, by their ids; of one without a row, none. */
export async function logsOf(
	db: Db,
	rows: readonly Logged[],
	{ today, timeZone }: HallDay
): Promise<Map<number, MatLog>> {
	const keyOf = ({ id, marks, corrections }: Logged) =>
		JSON.stringify([db.groupId, id, marks, corrections, today, timeZone]);
	const unknown = rows.filter((row) => logs.get(keyOf(row)) === undefined);
	if (unknown.length > 0) {
		const ids = unknown.map(({ id }) => id);
		const summed = await db.many<MatLog>(logsText, [db.groupId, ids, today, timeZone]);
		for (const row of unknown) logs.set(keyOf(row), summed.find(({ id }) => id === row.id) ?? null);
	}
	return new Map(
		rows.flatMap((row): [number, MatLog][] => {
			const log = logs.get(keyOf(row));
			return log ? [[row.id, log]] : [];
		})
	);
}

/** Full weeks of a mat's log as shares of it, the newest last. */
export function weekShares(
	weeks: MatLog['weeks'],
	{ begunDays }: { readonly begunDays: number },
	total: number
): number[] {
	const full = Math.min(loggedWeeks, Math.floor((begunDays + 1) / 7));
	return Array.from({ length: full }, (_, at) => {
		const rows = weeks.find(({ week }) => week === full - 1 - at)?.rows ?? 0;
		return Math.max(0, rows) / total;
	});
}

/** Weeks behind without those in which whoever has them was away: they say nothing of how they work. */
export function withoutAway(
	weeks: readonly number[],
	spans: readonly DaySpan[],
	today: string
): readonly number[] {
	if (spans.length === 0) return weeks;
	// The newest week ends today.
	const first = dayAfter(today, 1 - 7 * weeks.length);
	const away = weeksInSpans(spans, first, weeks.length);
	return weeks.filter((_, at) => !away.includes(at + 1));
}

/** Weeks of one maker over all their mats. */
export const addUp = (all: readonly (readonly number[])[]): number[] => {
	const longest = Math.max(0, ...all.map(({ length }) => length));
	return Array.from({ length: longest }, (_, at) =>
		all.reduce((sum, weeks) => sum + (weeks[weeks.length - longest + at] ?? 0), 0)
	);
};
