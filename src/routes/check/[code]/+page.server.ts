import { oddMat } from '$lib/server/check/checks';
import { filmInMat } from '$lib/server/check/taken-apart';
import { findMade } from '$lib/server/check/made-mats';
import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { findMat } from '$lib/server/hand/mats';
import { byLabel } from '$lib/server/web/by-label';
import { readerOf } from '$lib/server/web/reader';
import { redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, params, depends } = event;
	depends('app:gather');
	const reader = await whileReached(readerOf(event));
	const mat = await byLabel(
		params.code,
		async (code) => {
			const found = await findMade(locals.groupId, code);
			if (!found && (await findMat(locals.groupId, code, reader))) redirect(303, `/make/${code}`);
			return found;
		},
		'No finished mat has that label.'
	);
	const { state } = mat;
	const [odd, filmMg] = await whileReached(
		Promise.all([
			state === 'good' ? oddMat(locals.groupId, mat) : null,
			state === 'taken-apart' ? filmInMat(locals.groupId, mat.id) : 0
		])
	);
	return {
		mat,
		odd: odd && { bags: odd.bags, words: odd.words },
		filmG: filmMg / 1000
	};
};

export const actions: Actions = { keep: keepEntry };
