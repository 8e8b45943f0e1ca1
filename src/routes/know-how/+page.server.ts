import { nextFor } from '$lib/server/know-how/next-for';
import { findKnowHow } from '$lib/server/know-how/search';
import { listPeopleNames } from '$lib/server/people/people';
import { readerOf } from '$lib/server/web/reader';
import { actGroups, lessons } from '$lib/stages/know-how/lessons';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const asked = event.url.searchParams.get('q') ?? '';
	const [{ stitchTerms, today }, names] = await Promise.all([
		readerOf(event),
		listPeopleNames(event.locals.db)
	]);
	// Whoever practises on this device under a name finds what comes next for them.
	const person = names.find(({ id }) => id === event.cookies.get('practice')) ?? null;
	return {
		asked: asked.slice(0, 80),
		today,
		person,
		next: person && (await nextFor(event.locals.db, person.id, 'loops', today)),
		found: findKnowHow(asked, stitchTerms),
		groups: actGroups.map(({ title, names }) => ({
			title,
			acts: names.map((name) => ({ name, when: lessons[name].when }))
		}))
	};
};
