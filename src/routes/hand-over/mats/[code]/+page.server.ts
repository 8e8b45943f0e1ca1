import { HandOverMatsCodeActs as say } from '$lib/words/hand-over';
import { storyOfMat } from '$lib/server/hand-over/mat-story';
import { byLabel } from '$lib/server/web/by-label';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, depends }) => {
	depends('app:gather');
	return {
		mat: await byLabel(params.code, (code) => storyOfMat(locals.db, code), say.noMatOfThisGroup())
	};
};
