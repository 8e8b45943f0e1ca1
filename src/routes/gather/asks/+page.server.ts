import { GatherAsksActs as say } from '$lib/words/gather';
import { loadAsks } from '$lib/server/asks/load-asks';
import { wantMats } from '$lib/server/gather/wanted';
import { bounds } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { readForm } from '$lib/server/web/read-form';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url, parent }) => {
	depends('app:gather');
	const kinds = parent().then((gather) => gather.kinds);
	const { group } = await parent();
	return loadAsks(locals.db, url.searchParams.get('place'), kinds, group);
};

const unread = say.thisCouldNotBeRead();

export const actions: Actions = {
	want: async ({ request, locals }) => {
		const form = await readForm(request);
		const text = (name: string) => String(form.get(name));
		// `seen` is what the page showed when it was typed, so that two who set it at once both know.
		const typed = { plan: text('plan'), mats: text('mats'), seen: text('seen') };
		const read = new FormReader(typed);
		const plan = read.uuid('plan');
		const mats = read.count('mats', bounds['plan.mats_wanted'], 0);
		const seen = read.count('seen', bounds['plan.mats_wanted']);
		if (!read.isGood) return fail(422, { ...typed, problem: read.problems.mats ?? unread });
		const wanted = await wantMats(locals.db, plan, mats, seen);
		if (wanted.outcome === 'gone') return fail(404, { ...typed, problem: say.thatPlanIsNotIn() });
		if (wanted.outcome === 'met')
			return fail(409, {
				...typed,
				seen: String(wanted.mats),
				problem: say.someoneSetMeanwhilePressSet({ mats: wanted.mats })
			});
	}
};
