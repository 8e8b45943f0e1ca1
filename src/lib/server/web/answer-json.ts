import { answerJson as say } from '$lib/words/house';
import { json } from '@sveltejs/kit';
import { largestPlanFile } from '$lib/stages/plan/document/file-size';
import { readBody } from './read-body';

type Answer =
	| { readonly value: unknown; readonly json?: never; readonly problems?: never }
	/** An answer that is text already. */
	| { readonly json: string; readonly value?: never; readonly problems?: never }
	| {
			readonly value?: never;
			readonly json?: never;
			readonly problems: readonly string[];
			readonly status?: number;
	  };

/** Reads a JSON body no larger than a plan file, lets `work` answer it, and says what is wrong with it. */
export async function answerJson(
	request: Request,
	work: (text: string) => Answer | Promise<Answer>
): Promise<Response> {
	const { text } = await readBody(request, largestPlanFile);
	if (text === null) return json({ problems: [say.theBodyIsLargerThan()] }, { status: 413 });
	const answer = await work(text);
	if (answer.json !== undefined)
		return new Response(answer.json, { headers: { 'content-type': 'application/json' } });
	if (!answer.problems) return json(answer.value);
	const isNotJson = answer.problems.some((problem) => problem.includes(say.notJson()));
	return json({ problems: answer.problems }, { status: answer.status ?? (isNotJson ? 400 : 422) });
}
