import { oddMat } from '$lib/server/check/checks';
import { filmInMat } from '$lib/server/check/taken-apart';
import { findMade } from '$lib/server/check/made-mats';
import { whileReached } from '$lib/server/db/away';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { byLabel } from '$lib/server/web/by-label';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, depends }) => {
	depends('app:gather');
	const mat = await byLabel(
		params.code,
		(code) => findMade(locals.groupId, code),
		'No finished mat has that label. It may be in hand still: look under Make.'
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
