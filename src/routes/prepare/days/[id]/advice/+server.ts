import { heavily } from '$lib/server/heavy/heavy-work';
import { whileReached } from '$lib/server/db/away';
import { findDay } from '$lib/server/people/day';
import { workOfDay } from '$lib/server/prepare/day-work';
import { seatOrderOf, seatsOfAdvice } from '$lib/stages/day/line-day';
import { error, json } from '@sveltejs/kit';
import { z } from 'zod';
import type { RequestHandler } from './$types';

/** Who sits where, and what no day could beat: by the day as it is kept. */
export const GET: RequestHandler = async ({ locals, params }) => {
	const id = z.uuid().safeParse(params.id).data;
	const day = id ? await whileReached(findDay(locals.groupId, id)) : null;
	if (!day) error(404, 'There is no table day under this address.');
	const { work } = await whileReached(workOfDay(locals.groupId, day));
	if (!work) error(404, 'Nothing is planned that a table could make.');
	const { sittings, bound, worth } = await heavily('seats', seatOrderOf(day, work, day.seats));
	return json({ seats: seatsOfAdvice(sittings, day, day.seats), bound, worth });
};
