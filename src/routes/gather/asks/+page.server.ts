import { loadAsks } from '$lib/server/load-asks';
import { whileReached } from '$lib/server/db/away';
import { wantMats } from '$lib/server/db/wanted';
import { FormReader } from '$lib/gather/form-reader';
import { readForm } from '$lib/server/read-form';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals, depends, url }) => {
	depends('app:gather');
	return loadAsks(locals.groupId, url.searchParams.get('place'));
};

export const actions: Actions = {
	want: async ({ request, locals }) => {
		const form = await readForm(request);
		const typed = { plan: String(form.get('plan')), mats: String(form.get('mats')) };
		const read = new FormReader(typed);
		const plan = read.uuid('plan');
		const mats = read.count('mats', 0, 1000, 0);
		if (!read.isGood) return fail(422, { ...typed, problem: read.problems.mats ?? '' });
		if (!(await whileReached(wantMats(locals.groupId, plan, mats))))
			return fail(404, { ...typed, problem: 'That plan is not in the list any more.' });
	}
};
