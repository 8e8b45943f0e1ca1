import { noLevers } from '$lib/core/season/forecast';
import { whileReached } from '$lib/server/db/away';
import { forecastFor } from '$lib/server/season/forecasts';
import { readSeason } from '$lib/server/season/season-now';
import { stripOfToday } from '$lib/server/today/film-strip';
import { actsOfToday, isAnythingKept } from '$lib/server/today/today';
import { readerOf } from '$lib/server/web/reader';
import { redirect } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** Acts shown at a time. */
const mostActs = 7;

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const { groupId } = event.locals;
	// A first visit begins at the bench.
	if (!(await whileReached(isAnythingKept(groupId)))) redirect(307, '/plan');
	const reader = await whileReached(readerOf(event));
	const season = await whileReached(readSeason(groupId, reader));
	const { basis } = season;
	const goal = basis.goals.at(-1) ?? null;
	const said = goal && (await forecastFor(basis, goal, noLevers));
	const [acts, strip] = await whileReached(
		Promise.all([
			actsOfToday(groupId, reader, { ...season, said }),
			stripOfToday(groupId, basis.bagsPerMat)
		])
	);
	return {
		acts: acts.slice(0, mostActs),
		more: Math.max(0, acts.length - mostActs),
		strip,
		goal,
		said,
		today: reader.today
	};
};
