import { listFields } from '$lib/gather/csv/columns';
import { whileReached } from '$lib/server/db/away';
import { dropImport, findImport, matchImport, rowsOfImport } from '$lib/server/db/list-imports';
import { checkList, keepList } from '$lib/server/keep-list';
import { readForm } from '$lib/server/read-form';
import { error, fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const shownRows = 8;

export const load: PageServerLoad = async ({ params, locals }) => {
	const { groupId } = locals;
	const found = await whileReached(findImport(groupId, params.id));
	if (!found) error(404, { message: 'This list is not on the table any more.' });
	if (found.keptAt) return { found, heads: [], shown: [], check: null };
	const rows = await whileReached(rowsOfImport(groupId, params.id));
	const { problems, problemCount, columnProblems } = await whileReached(
		checkList(groupId, found.list, rows, found.matching)
	);
	return {
		found,
		heads: rows.heads,
		shown: rows.rows.slice(0, shownRows),
		check: { problems, problemCount, columnProblems }
	};
};

export const actions: Actions = {
	match: async ({ request, params, locals }) => {
		const form = await readForm(request);
		const found = await whileReached(findImport(locals.groupId, params.id));
		if (!found) error(404, { message: 'This list is not on the table any more.' });
		const fields = ['', ...listFields[found.list].map(({ field }) => field)];
		const matching = found.matching.map((before, at) => {
			const said = form.get(`column-${at}`);
			return fields.find((field) => field === said) ?? before;
		});
		await whileReached(matchImport(locals.groupId, params.id, matching));
	},
	keep: async ({ params, locals }) => {
		const kept = await whileReached(keepList(locals.groupId, params.id));
		if (kept.outcome === 'gone') error(404, { message: 'This list is not on the table any more.' });
		if (kept.outcome === 'refused') return fail(422, { problems: kept.problems });
	},
	drop: async ({ params, locals }) => {
		await whileReached(dropImport(locals.groupId, params.id));
		redirect(303, '/gather/lists');
	}
};
