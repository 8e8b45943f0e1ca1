import { actCardsAnswer } from '$lib/server/know-how/act-cards';
import { actOf } from '$lib/stages/know-how/links/act-titles';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** One act on one page, to hang up where it is done. */
export const GET: RequestHandler = (event) => {
	const act = actOf(event.params.act);
	if (!act) error(404, { message: 'There is no such act here.' });
	return actCardsAnswer(event, [act], act);
};
