import { answerCompare } from '$lib/plan/requests';
import { answerJson } from '$lib/server/answer-json';
import type { RequestHandler } from '@sveltejs/kit';

/** Every sensible method for a bag and a size, with the ones that nothing else beats marked. */
export const POST: RequestHandler = ({ request }) => answerJson(request, answerCompare);
