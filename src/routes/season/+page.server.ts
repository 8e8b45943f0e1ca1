import { whileReached } from '$lib/server/db/away';
import { changeFor, forecastFor } from '$lib/server/season/forecasts';
import { seasonNow } from '$lib/server/season/season-now';
import { readerOf } from '$lib/server/web/reader';
import { leversIn } from '$lib/stages/season/season-words';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const { searchParams } = event.url;
	const reader = await whileReached(readerOf(event));
	const basis = await whileReached(seasonNow(event.locals.groupId, reader));
	const asked = searchParams.get('by');
	const goal = basis.goals.find(({ by }) => by === asked) ?? basis.goals.at(-1) ?? null;
	const levers = leversIn(searchParams.getAll('with').slice(0, 40));
	const isNineAsked = searchParams.get('nine') === 'yes';
	const [said, change] = await Promise.all([
		goal && forecastFor(basis, goal, levers),
		goal && isNineAsked ? changeFor(basis, goal) : null
	]);
	return { basis, goal, levers, said, change, isNineAsked };
};
