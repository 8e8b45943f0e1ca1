import { askedDay } from '$lib/server/day/day-now';
import { whileReached } from '$lib/server/db/away';
import { calendarOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** One day for a calendar. */
export const GET: RequestHandler = async (event) => {
	const day = await askedDay(event.locals.groupId, event.params.id);
	return calendarOf([day], (await whileReached(readerOf(event))).name);
};
