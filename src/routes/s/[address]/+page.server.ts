import { SAddressActs as say } from '$lib/words/house';
import { dayNow, workThere } from '$lib/server/table-day/day-now';
import { stationView } from '$lib/stages/table-day/station-view';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** One station of one table day, on whatever tablet has its link. */
export const load: PageServerLoad = async (event) => {
	const { locals, depends } = event;
	depends('app:gather');
	const { link } = locals;
	if (link?.grants !== 'station')
		error(404, {
			message: say.thisLinkOpensNothingIt()
		});
	const now = await dayNow(event, link.dayId);
	return stationView(link.station, { ...now, work: workThere(now) });
};
