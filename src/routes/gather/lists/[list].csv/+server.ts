import { GatherListsListCsvDoor as say } from '$lib/words/gather';
import { listFields, listNames } from '$lib/stages/gather/lists/columns';
import { rowsAfter } from '$lib/server/gather/list-out';
import { answerCsv } from '$lib/server/web/answer-file';
import type { RequestHandler } from './$types';
import { error } from '@sveltejs/kit';

const atOnce = 5000;

/** A whole list as CSV. */
export const GET: RequestHandler = async ({ params, locals }) => {
	const list = listNames.find((name) => name === params.list);
	if (!list) error(404, { message: say.thereIsNoSuchList() });
	let last: number | null = 0;
	return answerCsv(
		list,
		listFields[list].map(({ head }) => head),
		async () => {
			if (last === null) return [];
			const rows = await rowsAfter(locals.db, list, last, atOnce);
			last = rows.length < atOnce ? null : (rows.at(-1)?.id ?? null);
			return rows.map(({ cells }) => cells);
		}
	);
};
