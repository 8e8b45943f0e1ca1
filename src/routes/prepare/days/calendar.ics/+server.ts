import { listTableDays } from '$lib/server/people/table-days';
import { calendarOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** All days to come and the last behind, for a calendar to follow. */
export const GET: RequestHandler = async (event) => {
	const { today, name } = await readerOf(event);
	return calendarOf(await listTableDays(event.locals.db, today), name);
};
