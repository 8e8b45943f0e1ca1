import { askedDay, workThere } from '$lib/server/table-day/day-now';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { workOfDay } from '$lib/server/prepare/day-work';
import { seatOrderOf, seatsOfAdvice } from '$lib/stages/table-day/advised';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Who sits where, and what no day could beat: by the day as it is kept. */
export const GET: RequestHandler = async ({ locals, params }) => {
	const day = await askedDay(locals.db, params.id);
	const work = workThere(await workOfDay(locals.db, day));
	const advice = await runInWorker('seats', seatOrderOf(day, work, day.seats));
	const { bound, worth, undone } = advice;
	return json({ seats: seatsOfAdvice(advice, day, day.seats), bound, worth, undone });
};
