import { whileReached } from '$lib/server/db/away';
import { handOverEvents } from '$lib/server/hand-over/calendar';
import { listTableDays } from '$lib/server/people/table-days';
import { seasonCalendarOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** Table days, deliveries and the days mats are wanted by, in one calendar to follow. */
export const GET: RequestHandler = async (event) => {
	const { groupId } = event.locals;
	const { today, name } = await whileReached(readerOf(event));
	const [days, events] = await whileReached(
		Promise.all([listTableDays(groupId, today), handOverEvents(groupId, name, today)])
	);
	return seasonCalendarOf(days, events, name);
};
