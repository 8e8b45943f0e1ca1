import { entryAction } from '$lib/server/entries/keep-entry';
import { changeFor, exchangesFor, forecastFor, isForecast } from '$lib/server/season/forecasts';
import { listForetold } from '$lib/server/season/foretold';
import { seasonAsked } from '$lib/server/season/season-asked';
import { seasonNow } from '$lib/server/season/season-now';
import { readerOf } from '$lib/server/web/reader';
import { hitsWords } from '$lib/stages/season/foretold';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const { db } = event.locals;
	const reader = await readerOf(event);
	const [basis, foretold] = await Promise.all([seasonNow(db, reader), listForetold(db, reader)]);
	const { goal, asked } = seasonAsked(event.url, basis);
	const isYes = (name: string) => event.url.searchParams.get(name) === 'yes';
	const isNineAsked = isYes('nine');
	// A page that is there already works it out on its own device, unless it is known here.
	const isHere = !event.isDataRequest || (goal !== null && isForecast(basis, goal, asked));
	const [said, change, exchanges] = await Promise.all([
		goal && isHere ? forecastFor(basis, goal, asked) : null,
		goal && isNineAsked ? changeFor(basis, goal) : null,
		goal && isYes('plans') ? exchangesFor(basis, goal, asked) : null
	]);
	return { basis, goal, asked, said, change, exchanges, isNineAsked, hits: hitsWords(foretold) };
};

export const actions: Actions = { keep: entryAction };
