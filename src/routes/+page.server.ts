import { whileReached } from '$lib/server/db/away';
import { isAnythingKept, readToday } from '$lib/server/today/today';
import { readerOf } from '$lib/server/web/reader';
import { redirect } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** Acts shown at a time. */
const mostActs = 7;

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather', 'app:today');
	const { groupId } = event.locals;
	// A first visit begins at the bench.
	if (!(await whileReached(isAnythingKept(groupId)))) redirect(307, '/plan');
	const reader = await whileReached(readerOf(event));
	const { acts, ...today } = await whileReached(readToday(groupId, reader, new Date()));
	return {
		...today,
		acts: acts.slice(0, mostActs),
		more: Math.max(0, acts.length - mostActs),
		today: reader.today
	};
};
