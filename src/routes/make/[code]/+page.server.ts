import { readCode } from '$lib/core/code/code';
import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { issuedTo } from '$lib/server/hand/issue';
import { findMat } from '$lib/server/hand/mats';
import { seenOf } from '$lib/server/hand/rows';
import { listPeople } from '$lib/server/people/people';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, params, depends } = event;
	depends('app:gather');
	const read = readCode(params.code.slice(0, 20));
	const reader = await whileReached(readerOf(event));
	const code = read.problem === undefined ? read.code : null;
	const mat = code === null ? null : await whileReached(findMat(locals.groupId, code, reader));
	if (!mat)
		error(404, { message: 'No mat in hand has that label. It may be finished, or never begun.' });
	const [seen, balls, people] = await whileReached(
		Promise.all([
			seenOf(locals.groupId, mat.id),
			issuedTo(locals.groupId, mat.code),
			listPeople(locals.groupId, reader.today)
		])
	);
	return { mat, seen, balls, people: people.map(({ id, name }) => ({ id, name })) };
};

export const actions: Actions = { keep: keepEntry };
