import { isAnythingKept, readToday } from '$lib/server/today/today';
import { readerOf } from '$lib/server/web/reader';
import type { PageServerLoad } from './$types';

/** Acts shown at a time. */
const mostActs = 7;

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather', 'app:today');
	const { db } = event.locals;
	const reader = await readerOf(event);
	// A first visit begins with the ways in.
	if (!(await isAnythingKept(db))) return { first: true as const, today: reader.today };
	const { acts, ...today } = await readToday(db, reader, new Date());
	return {
		first: false as const,
		...today,
		acts: acts.slice(0, mostActs),
		more: Math.max(0, acts.length - mostActs),
		today: reader.today
	};
};
