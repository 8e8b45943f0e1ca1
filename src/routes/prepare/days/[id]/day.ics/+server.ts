import { whileReached } from '$lib/server/db/away';
import { findDay } from '$lib/server/people/day';
import { calendarOf } from '$lib/server/web/day-calendar';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import { z } from 'zod';
import type { RequestHandler } from './$types';

/** One day for a calendar. */
export const GET: RequestHandler = async (event) => {
	const id = z.uuid().safeParse(event.params.id).data;
	const day = id ? await whileReached(findDay(event.locals.groupId, id)) : null;
	if (!day) error(404, 'There is no table day under this address.');
	const { name } = await whileReached(readerOf(event));
	return calendarOf([day], name);
};
