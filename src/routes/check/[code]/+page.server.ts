import { readCode } from '$lib/core/code/code';
import { oddMat } from '$lib/server/check/checks';
import { filmInMat } from '$lib/server/check/taken-apart';
import { findMade } from '$lib/server/check/made-mats';
import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, depends }) => {
	depends('app:gather');
	const read = readCode(params.code.slice(0, 20));
	const mat =
		read.problem === undefined ? await whileReached(findMade(locals.groupId, read.code)) : null;
	if (!mat)
		error(404, {
			message: 'No finished mat has that label. It may be in hand still: look under Make.'
		});
	const { state } = mat;
	const [odd, filmMg] = await whileReached(
		Promise.all([
			state === 'good' ? oddMat(locals.groupId, mat) : null,
			state === 'taken-apart' ? filmInMat(locals.groupId, mat.id) : 0
		])
	);
	return { mat, odd, filmG: filmMg / 1000 };
};

export const actions: Actions = { keep: keepEntry };
