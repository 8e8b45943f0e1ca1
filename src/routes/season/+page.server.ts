import { SeasonActs as say } from '$lib/words/season';
import { awayFor, changedSince, readSeasonPage } from '$lib/server/asks/season-page';
import { uuidShape } from '$lib/server/base/uuid';
import { awayMessage, orAway } from '$lib/server/db/away';
import { entryAction } from '$lib/server/entries/keep-entry';
import { dropCounted, keepTried } from '$lib/server/season/counted-on';
import { changeFor, exchangesFor, forecastFor, isForecast } from '$lib/server/season/forecasts';
import { seasonAsked } from '$lib/server/season/season-asked';
import { seasonNow } from '$lib/server/season/season-now';
import { readForm } from '$lib/server/web/read-form';
import { readerOf } from '$lib/server/web/reader';
import { hitsWords } from '$lib/stages/season/foretold';
import { packed } from '$lib/stages/season/season-packed';
import { changedWords } from '$lib/stages/season/season-words';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const { db, role } = event.locals;
	const { group } = await event.parent();
	const page = await readSeasonPage(db, group);
	const { basis, chain, rhythm, away, foretold, longAgo } = page;
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
	// What is tried changes nothing of what happened since.
	const changed =
		goal && said && changedWords(asked, basis) === ''
			? await changedSince(db, page, goal, said, role)
			: null;
	return {
		packed: packed({ basis, said, chain }),
		...{ goal, asked, change, exchanges, isNineAsked, rhythm, changed, longAgo },
		away: awayFor(role, away),
		hits: hitsWords(foretold)
	};
};

export const actions: Actions = {
	keep: entryAction,
	/** What was tried is counted on from now. */
	count: async (event) => {
		const form = await readForm(event.request);
		const key = uuidShape.safeParse(form.get('key')).data;
		const { db } = event.locals;
		const done = await orAway(
			readerOf(event).then(async (reader) => {
				const basis = await seasonNow(db, reader);
				const address = new URL(event.url);
				address.search = String(form.get('tried') ?? '').slice(0, 2000);
				const { goal, asked } = seasonAsked(address, basis);
				return { saved: key && goal ? await keepTried(db, key, basis, goal, asked) : null };
			})
		);
		if (!done) return fail(503, { message: awayMessage });
		const { saved } = done;
		if (!saved) return fail(400, { message: say.reloadThisPage() });
		if (saved.outcome === 'refused')
			return fail(409, { message: Object.values(saved.problems).join(' ') });
		redirect(303, '/season');
	},
	/** Nothing is counted on there any more. */
	uncount: async ({ request, locals }) => {
		const id = uuidShape.safeParse((await readForm(request)).get('id')).data;
		if (!id) return fail(400, { message: say.reloadThisPage() });
		if ((await orAway(dropCounted(locals.db, id))) === null)
			return fail(503, { message: awayMessage });
		redirect(303, '/season');
	}
};
