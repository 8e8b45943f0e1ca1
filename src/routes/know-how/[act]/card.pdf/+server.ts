import { KnowHowActCardPdfDoor as say } from '$lib/words/know-how';
import { actCardsAnswer } from '$lib/server/know-how/act-cards';
import { lessonOf } from '$lib/stages/know-how/links/lesson-titles';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** One act on one page, to hang up where it is done. */
export const GET: RequestHandler = (event) => {
	const act = lessonOf(event.params.act);
	if (!act) error(404, { message: say.thereIsNoSuchAct() });
	return actCardsAnswer(event, [act], act);
};
