import { whileReached } from '$lib/server/db/away';
import { listTableDays } from '$lib/server/people/table-days';
import { calendarOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** All days to come and the last behind, for a calendar to follow. */
export const GET: RequestHandler = async (event) => {
	const { today, name } = await whileReached(readerOf(event));
	return calendarOf(await whileReached(listTableDays(event.locals.groupId, today)), name);
};
