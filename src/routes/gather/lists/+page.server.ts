import { GatherListsActs as say } from '$lib/words/gather';
import { longest } from '$lib/entries/bounds';
import { listNames } from '$lib/stages/gather/lists/columns';
import { largestList, readCsv } from '$lib/stages/gather/lists/read-csv';
import { isUnreadable } from '$lib/ui/name';
import { layImport, listKeptImports } from '$lib/server/gather/list-imports';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

const tooLarge = say.theListIsLargerThan();

/** The list of a form: its file, or what was pasted. */
async function listOf(form: FormData): Promise<{ text: string; fileName: string }> {
	const file = form.get('file');
	if (file instanceof File && file.size > 0)
		return {
			text: await file.text(),
			fileName: file.name.slice(0, longest['list_import.file_name'])
		};
	return { text: String(form.get('pasted') ?? ''), fileName: say.aPastedList() };
}

export const load: PageServerLoad = async ({ locals }) => ({
	kept: await listKeptImports(locals.db)
});

export const actions: Actions = {
	bring: async ({ request, locals }) => {
		const bytes = Number(request.headers.get('content-length'));
		if (bytes > largestList + 100_000)
			return fail(413, { list: '', pasted: '', problem: tooLarge });
		// Only a form with files may be long: a long one of bare fields would be taken apart for seconds.
		if (bytes > 65_536 && !request.headers.get('content-type')?.startsWith('multipart/form-data'))
			return fail(413, { list: '', pasted: '', problem: tooLarge });
		let form: FormData;
		try {
			form = await request.formData();
		} catch {
			return fail(400, { list: '', pasted: '', problem: say.theFileDidNotArrive() });
		}
		const list = listNames.find((name) => name === form.get('list'));
		const { text, fileName } = await listOf(form);
		const back = (problem: string) =>
			fail(422, {
				list: list ?? '',
				pasted: fileName === 'a pasted list' ? text.slice(0, 20_000) : '',
				problem
			});
		if (!list) return back(say.chooseWhatTheListHolds());
		if (isUnreadable(fileName)) return back(say.theNameOfTheFile());
		if (text.trim() === '') return back(say.chooseAFileOrPaste());
		if (text.length > largestList) return back(tooLarge);
		const read = readCsv(text);
		if (read.problem !== undefined) return back(read.problem);
		const { id } = await layImport(locals.db, list, fileName, read.list);
		redirect(303, `/gather/lists/${id}`);
	}
};
