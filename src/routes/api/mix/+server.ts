import { ApiMixDoor as say } from '$lib/words/house';
import { mixShape, parseRequest } from '$lib/stages/plan/document/requests';
import { answerJson } from '$lib/server/web/answer-json';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { practiceAsked } from '$lib/server/measures/practice-asked';
import type { RequestHandler } from '@sveltejs/kit';

/** The best mix of mats from a store of bags. */
export const POST: RequestHandler = ({ request, locals, url }) =>
	answerJson(request, async (text) => {
		const read = parseRequest(text, mixShape);
		if (read.problems) return read;
		const practice = await practiceAsked(locals.db, url);
		const mix = await runInWorker('mix', { request: read.value, practice });
		if (!mix) return { problems: [say.noMixWasFoundIn()] };
		return { value: { measures: practice.basis, ...mix } };
	});
