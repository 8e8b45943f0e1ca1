import { handOverEvents } from '$lib/server/hand-over/calendar';
import { calendarDays } from '$lib/server/people/rhythm-series';
import { seasonCalendarOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** Table days, deliveries and the days mats are wanted by, in one calendar to follow. */
export const GET: RequestHandler = async (event) => {
	const { db } = event.locals;
	const { today, name } = await readerOf(event);
	const [days, events] = await Promise.all([
		calendarDays(db, today),
		handOverEvents(db, name, today)
	]);
	return seasonCalendarOf(days, events, name);
};
