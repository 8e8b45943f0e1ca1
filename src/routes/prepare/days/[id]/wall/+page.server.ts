import { dayNow, workThere } from '$lib/server/table-day/day-now';
import { restOf } from '$lib/stages/table-day/line-day';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const now = await dayNow(event, event.params.id);
	const work = workThere(now);
	const made = now.taps.done.ball;
	const minute = now.minute ?? now.day.from;
	return {
		day: restOf(now.day, minute),
		work: { ...work, stock: { ...work.stock, balls: made } },
		made,
		minute
	};
};
