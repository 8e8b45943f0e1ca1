import { uuidShape } from '$lib/server/base/uuid';
import { nextFor } from '$lib/server/know-how/next-for';
import { practisedBy } from '$lib/server/know-how/practised';
import { listPeopleNames } from '$lib/server/people/people';
import { rememberHere } from '$lib/server/web/remember-here';
import { readerOf } from '$lib/server/web/reader';
import { z } from 'zod';
import type { PageServerLoad } from './$types';

const shape = z.union([uuidShape, z.literal('device')]);

/** Under whose name practice is kept; asked once, so that questions go on without network. */
export const load: PageServerLoad = async (event) => {
	const { cookies, locals, untrack } = event;
	const url = untrack(() => new URL(event.url));
	const asked = shape.safeParse(url.searchParams.get('as')).data;
	if (asked) rememberHere({ cookies, url }, 'practice', asked, '/know-how');
	const who = asked ?? cookies.get('practice');
	const [reader, names] = await Promise.all([readerOf(event), listPeopleNames(locals.db)]);
	const person = names.find(({ id }) => id === who) ?? null;
	return {
		anySeed: Math.floor(Math.random() * 1_000_000),
		system: reader.lengthSystem,
		today: reader.today,
		names,
		person,
		named: person && (await practisedBy(locals.db, person.id)),
		next: person && (await nextFor(locals.db, person.id, 'loops', reader.today))
	};
};
