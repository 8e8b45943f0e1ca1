import { whileReached } from '$lib/server/db/away';
import { ownBags } from '$lib/server/gather/own-bag';
import { heavily } from '$lib/server/heavy/heavy-work';
import { answerPdf } from '$lib/server/web/answer-file';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import { actOf, acts } from '$lib/stages/know-how/acts';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** One act on one page, to hang up where it is done. */
export const GET: RequestHandler = async ({ url, params, locals, cookies }) => {
	const act = actOf(params.act);
	if (!act) error(404, { message: 'There is no such act here.' });
	const reader = await whileReached(readerOf({ locals, cookies }));
	for (const own of await whileReached(ownBags(locals.groupId))) {
		const bytes = await heavily('card', {
			groupName: reader.name,
			act,
			...own,
			system: reader.lengthSystem,
			...paperAsked(url, reader),
			date: new Date()
		});
		if (bytes) return answerPdf(bytes, acts[act].title);
	}
	error(404, { message: 'No bag here can be cut so.' });
};
