import { whileReached } from '$lib/server/db/away';
import { handOverEvents } from '$lib/server/hand-over/calendar';
import { wholeDaysOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** Deliveries, their gatherings and the days mats are asked for, for a calendar to follow. */
export const GET: RequestHandler = async (event) => {
	const { today, name } = await whileReached(readerOf(event));
	return wholeDaysOf(await whileReached(handOverEvents(event.locals.groupId, name, today)), name);
};
