import { CheckCodeActs as say } from '$lib/words/check';
import { listAccepting } from '$lib/server/gather/places';
import { oddMat } from '$lib/server/check/checks';
import { filmInMat } from '$lib/server/check/taken-apart';
import { findMade } from '$lib/server/check/made-mats';
import { entryAction } from '$lib/server/entries/keep-entry';
import { findMat } from '$lib/server/making/mats';
import { byLabel } from '$lib/server/web/by-label';
import { readerOf } from '$lib/server/web/reader';
import { redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, params, depends } = event;
	depends('app:gather');
	const reader = await readerOf(event);
	const mat = await byLabel(
		params.code,
		async (code) => {
			const found = await findMade(locals.db, code);
			if (!found && (await findMat(locals.db, code, reader))) redirect(303, `/make/${code}`);
			return found;
		},
		say.noFinishedMatHasThat()
	);
	const { state } = mat;
	const [odd, filmMg, places] = await Promise.all([
		state === 'good' ? oddMat(locals.db, mat) : null,
		state === 'taken-apart' ? filmInMat(locals.db, mat.id) : 0,
		listAccepting(locals.db)
	]);
	return {
		mat,
		places,
		odd: odd && { bags: odd.bags, words: odd.words },
		filmG: filmMg / 1000
	};
};

export const actions: Actions = { keep: entryAction };
