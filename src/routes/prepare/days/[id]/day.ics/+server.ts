import { askedDay } from '$lib/server/table-day/day-now';
import { calendarOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** One day for a calendar. */
export const GET: RequestHandler = async (event) => {
	const day = await askedDay(event.locals.db, event.params.id);
	return calendarOf([day], (await readerOf(event)).name);
};
