import { estimateAnswer } from '$lib/stages/plan/document/estimate-answer';
import { readPlanText } from '$lib/stages/plan/document/plan-file';
import { fileProblemWords } from '$lib/stages/plan/words/problem-words';
import { answerJson } from '$lib/server/web/answer-json';
import { practiceAsked } from '$lib/server/measures/practice-asked';
import type { RequestHandler } from '@sveltejs/kit';

/** The figures of the plan in the body, a plan file or a bare plan object; by the group's measures; `?measures=craft` by the craft's own, as the command line. */
export const POST: RequestHandler = ({ request, locals, url }) =>
	answerJson(request, async (text) => {
		const read = readPlanText(text);
		if (!read.problems) {
			const practice = await practiceAsked(locals.db, url);
			return { value: estimateAnswer(read.plan, practice) };
		}
		return {
			problems: read.problems.map((problem) => fileProblemWords(problem, 'cm')),
			status: read.problems[0]?.status ?? 422
		};
	});
