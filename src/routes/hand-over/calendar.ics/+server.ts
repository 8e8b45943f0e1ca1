import { handOverEvents } from '$lib/server/hand-over/calendar';
import { wholeDaysOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import type { RequestHandler } from './$types';

/** Deliveries, their gatherings and the days mats are asked for, for a calendar to follow. */
export const GET: RequestHandler = async (event) => {
	const { today, name } = await readerOf(event);
	return wholeDaysOf(await handOverEvents(event.locals.db, name, today), name);
};
