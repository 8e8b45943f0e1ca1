import { whileReached } from '$lib/server/db/away';
import { findDay } from '$lib/server/people/day';
import { workOfDay } from '$lib/server/prepare/day-work';
import { listTaps } from '$lib/server/prepare/taps';
import { readerOf } from '$lib/server/web/reader';
import { minuteNow } from '$lib/stages/day/clock';
import { restOf } from '$lib/stages/day/line-day';
import { doneOf } from '$lib/stages/day/taps';
import { error } from '@sveltejs/kit';
import { z } from 'zod';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, params, depends } = event;
	depends('app:gather');
	const id = z.uuid().safeParse(params.id).data;
	const day = id ? await whileReached(findDay(locals.groupId, id)) : null;
	if (!day) error(404, 'There is no table day under this address.');
	const [{ work }, taps, { timeZone, today }] = await whileReached(
		Promise.all([workOfDay(locals.groupId, day), listTaps(locals.groupId, day.id), readerOf(event)])
	);
	if (!work) error(404, 'This day has no plan whose bags can be cut.');
	const made = doneOf(taps).ball;
	const minute = day.day === today ? minuteNow(timeZone, new Date()) : day.from;
	return {
		day: restOf(day, minute),
		work: { ...work, stock: { ...work.stock, balls: made } },
		made,
		minute
	};
};
