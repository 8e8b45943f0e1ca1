import { PrepareDaysIdStationActs as say } from '$lib/words/table-day';
import { lineStations } from '$lib/core/assembly-line/assembly-line';
import { dayNow, workThere } from '$lib/server/table-day/day-now';
import { entryAction } from '$lib/server/entries/keep-entry';
import { stationView } from '$lib/stages/table-day/station-view';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { params, depends } = event;
	depends('app:gather');
	const station = lineStations.find((one) => one === params.station);
	if (!station) error(404, say.thereIsNoSuchStation());
	const now = await dayNow(event, params.id);
	return stationView(station, { ...now, work: workThere(now) });
};

export const actions: Actions = { default: entryAction };
