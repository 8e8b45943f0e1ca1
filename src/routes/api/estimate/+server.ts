import { estimateAnswer } from '$lib/plan/estimate-answer';
import { readPlanText } from '$lib/plan/plan-file';
import { fileProblemWords } from '$lib/plan/problem-words';
import { answerJson } from '$lib/server/answer-json';
import type { RequestHandler } from '@sveltejs/kit';

/** The figures of the plan in the body, a plan file or a bare plan object; the same as the command line. */
export const POST: RequestHandler = ({ request }) =>
	answerJson(request, (text) => {
		const read = readPlanText(text);
		if (!read.problems) return { value: estimateAnswer(read.plan) };
		return {
			problems: read.problems.map((problem) => fileProblemWords(problem, 'cm')),
			status: read.problems[0]?.status ?? 422
		};
	});
