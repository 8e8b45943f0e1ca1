import { KnowHowCardsPdfDoor as say } from '$lib/words/know-how';
import { actCardsAnswer } from '$lib/server/know-how/act-cards';
import { actNames, lessonOf } from '$lib/stages/know-how/links/lesson-titles';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** The cards of the acts an address names, one a page, in one file; each once, in the order they are named. */
export const GET: RequestHandler = (event) => {
	const asked = new Set(event.url.searchParams.getAll('act').slice(0, actNames.length));
	const acts = [...asked].flatMap((name) => lessonOf(name) ?? []);
	if (acts.length === 0) error(404, { message: say.noActWasNamedThat() });
	return actCardsAnswer(event, acts, 'act-cards');
};
