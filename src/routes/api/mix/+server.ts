import { mixProgram } from '$lib/core/back/mix';
import { middleOf } from '$lib/core/know/practice';
import { practiceOrBare } from '$lib/server/practice-or-bare';
import { toCamelKeys, toSnakeKeys } from '$lib/plan/case';
import { mixShape, readJson } from '$lib/plan/requests';
import { answerJson } from '$lib/server/answer-json';
import { solveMix } from '$lib/server/solve-mix';
import type { RequestHandler } from '@sveltejs/kit';

/** The best mix of mats from a store of bags. */
export const POST: RequestHandler = ({ request, locals }) =>
	answerJson(request, async (text) => {
		const read = readJson(text, mixShape);
		if (read.problems) return read;
		const { store, methods, goal, hours } = toCamelKeys(read.value);
		const mix = await solveMix(
			mixProgram(
				store,
				methods,
				goal ?? 'mats',
				hours,
				middleOf(await practiceOrBare(locals.groupId))
			),
			store
		);
		if (!mix) return { problems: ['No mix was found in the time there is.'] };
		return { value: { ...(toSnakeKeys({ ...mix, left: {} }) as object), left: mix.left } };
	});
