import { readCode } from '$lib/core/code/code';
import { whileReached } from '$lib/server/db/away';
import { storyOfMat } from '$lib/server/hand-over/mat-story';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, depends }) => {
	depends('app:gather');
	const read = readCode(params.code.slice(0, 20));
	const mat =
		read.problem === undefined ? await whileReached(storyOfMat(locals.groupId, read.code)) : null;
	if (!mat) error(404, { message: 'No mat of this group has that label.' });
	return { mat };
};
