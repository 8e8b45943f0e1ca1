import { lineStations } from '$lib/core/line/line';
import { dayNow, workThere } from '$lib/server/day/day-now';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { params, depends } = event;
	depends('app:gather');
	const station = lineStations.find((one) => one === params.station);
	if (!station) error(404, 'There is no such station at a table day.');
	const now = await dayNow(event, params.id);
	const { day, taps, others, minute } = now;
	return { day, work: workThere(now), station, taps, others, minute };
};

export const actions: Actions = { default: keepEntry };
