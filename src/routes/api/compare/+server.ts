import { compareShape, parseRequest } from '$lib/stages/plan/document/requests';
import { answerJson } from '$lib/server/web/answer-json';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { practiceAsked } from '$lib/server/measures/practice-asked';
import type { RequestHandler } from '@sveltejs/kit';

/** Every sensible method for a bag and a size, with the ones that nothing else beats marked. */
export const POST: RequestHandler = ({ request, locals, url }) =>
	answerJson(request, async (text) => {
		const read = parseRequest(text, compareShape);
		if (read.problems) return read;
		const practice = await practiceAsked(locals.db, url);
		return { json: await runInWorker('compare', { request: read.value, practice }) };
	});
