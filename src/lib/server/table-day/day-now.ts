import { dayNow as msg } from '$lib/words/table-day';
import { uuidShape } from '$lib/server/base/uuid';
import type { Db } from '$lib/server/db/db';
import { findDay } from '$lib/server/people/day';
import { othersOfDay } from '$lib/server/people/presence';
import type { WorkOfDay } from '$lib/server/prepare/day-work';
import { workOfDay } from '$lib/server/prepare/day-work';
import { tapsOfDay } from '$lib/server/prepare/taps';
import { readerOf } from '$lib/server/web/reader';
import type { PlannedDay } from '$lib/stages/table-day/day-view';
import type { DayTaps } from '$lib/stages/table-day/taps';
import { minuteIn } from '$lib/ui/days';
import type { RequestEvent } from '@sveltejs/kit';
import { error } from '@sveltejs/kit';

/** The day of an address; a page that is not found where there is none. */
export async function askedDay(db: Db, id: string | undefined): Promise<PlannedDay> {
	const known = uuidShape.safeParse(id).data;
	const day = known ? await findDay(db, known) : null;
	if (!day) error(404, msg.thereIsNoTableDay());
	return day;
}

/** A day as it stands. */
export interface DayNow extends WorkOfDay {
	readonly day: PlannedDay;
	readonly taps: DayTaps;
	/** Those who did not say they come, and may all the same. */
	readonly others: readonly { readonly id: string; readonly name: string }[];
	/** The minute of the day in the hall; null on another day. */
	readonly minute: number | null;
	/** It is today, or behind. */
	readonly isBegun: boolean;
}

/** The day of an address with what it works at, what was tapped, and what time it is there. */
export async function dayNow(
	event: Pick<RequestEvent, 'locals' | 'cookies'>,
	id: string | undefined
): Promise<DayNow> {
	const { db } = event.locals;
	const day = await askedDay(db, id);
	const [{ plans, work }, taps, others, { timeZone, today }] = await Promise.all([
		workOfDay(db, day),
		tapsOfDay(db, day.id),
		othersOfDay(db, day.id),
		readerOf(event)
	]);
	const minute = day.day === today ? minuteIn(timeZone, new Date()) : null;
	return { day, plans, work, taps, others, minute, isBegun: day.day <= today };
}

/** What is worked at; a page that is not found where nothing can be. */
export function workThere({ work }: WorkOfDay): NonNullable<WorkOfDay['work']> {
	if (!work) error(404, msg.thisDayHasNoPlan());
	return work;
}
