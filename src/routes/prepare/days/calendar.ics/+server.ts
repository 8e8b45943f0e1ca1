import { calendarDays } from '$lib/server/people/rhythm-series';
import { calendarOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** All table days for a calendar to follow: the rule, and what differs from it. */
export const GET: RequestHandler = async (event) => {
	const { today, name } = await readerOf(event);
	const { days, series } = await calendarDays(event.locals.db, today);
	return calendarOf(days, name, series);
};
