import { findKnowHow } from '$lib/server/know-how/search';
import { readerOf } from '$lib/server/web/reader';
import { actGroups, lessons } from '$lib/stages/know-how/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const asked = event.url.searchParams.get('q') ?? '';
	const { stitchTerms } = await readerOf(event);
	return {
		asked: asked.slice(0, 80),
		found: findKnowHow(asked, stitchTerms),
		groups: actGroups.map(({ title, names }) => ({
			title,
			acts: names.map((name) => ({ name, when: lessons[name].when }))
		}))
	};
};
