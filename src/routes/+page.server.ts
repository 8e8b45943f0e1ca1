import { isAnythingKept, readToday } from '$lib/server/today/today';
import { readerOf } from '$lib/server/web/reader';
import { redirect } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** Acts shown at a time. */
const mostActs = 7;

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather', 'app:today');
	const { db } = event.locals;
	// A first visit begins at the bench.
	if (!(await isAnythingKept(db))) redirect(307, '/plan');
	const reader = await readerOf(event);
	const { acts, ...today } = await readToday(db, reader, new Date());
	return {
		...today,
		acts: acts.slice(0, mostActs),
		more: Math.max(0, acts.length - mostActs),
		today: reader.today
	};
};
