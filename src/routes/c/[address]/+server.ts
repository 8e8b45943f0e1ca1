import { CAddressDoor as say } from '$lib/words/house';
import { json } from '@sveltejs/kit';
import { GET as calendar } from '../../season/calendar.ics/+server';

/** The calendar of the season, for whoever has its link to follow. */
export const GET: typeof calendar = (event) =>
	event.locals.link?.grants === 'calendar'
		? calendar(event)
		: json({ problems: [say.thisLinkDoesNotWork()] }, { status: 404 });
