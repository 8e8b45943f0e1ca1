import { PrepareDaysActs as say } from '$lib/words/table-day';
import { uuidShape } from '$lib/server/base/uuid';
import { longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { awayMessage, orAway } from '$lib/server/db/away';
import { listPeople, peopleFor } from '$lib/server/people/people';
import { addTableDay, callOffDay, listTableDays, setWhoComes } from '$lib/server/people/table-days';
import { readForm } from '$lib/server/web/read-form';
import { readerOf } from '$lib/server/web/reader';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals } = event;
	const { today } = await readerOf(event);
	const [days, people] = await Promise.all([
		listTableDays(locals.db, today),
		listPeople(locals.db, today).then((all) => peopleFor(locals.role, all))
	]);
	return { days, people: people.map(({ id, name, isChild }) => ({ id, name, isChild })), today };
};

const uuidOf = (form: FormData, name: string) => uuidShape.safeParse(form.get(name)).data ?? null;

export const actions: Actions = {
	add: async ({ request, locals }) => {
		const form = await readForm(request);
		const typed = {
			day: String(form.get('day') ?? '').slice(0, 40),
			place: String(form.get('place') ?? '').slice(0, 400)
		};
		const read = new FormReader(typed);
		const day = read.day('day');
		const place = read.needed('place', longest['table_day.place']);
		const key = uuidOf(form, 'key');
		if (!key) read.problems.place ??= say.reloadThisPage();
		if (!read.isGood || !key) return fail(422, { added: { typed, problems: read.problems } });
		const saved = await orAway(addTableDay(locals.db, key, day, place));
		if (!saved) return fail(503, { added: { typed, problems: { place: awayMessage } } });
		if (saved.outcome === 'refused')
			return fail(422, { added: { typed, problems: saved.problems } });
		redirect(303, `/prepare/days#day-${saved.id}`);
	},
	people: async ({ request, locals }) => {
		const form = await readForm(request);
		const id = uuidOf(form, 'id');
		const version = z.coerce.number().int().safeParse(form.get('version')).data;
		const people = form.getAll('person').flatMap((value) => uuidShape.safeParse(value).data ?? []);
		if (!id || version === undefined) return fail(400, { message: say.reloadThisPage() });
		const saved = await orAway(setWhoComes(locals.db, id, version, people.slice(0, 500)));
		if (!saved) return fail(503, { message: awayMessage });
		if (saved.outcome === 'refused')
			return fail(409, { message: Object.values(saved.problems).join(' ') });
		redirect(303, `/prepare/days#day-${id}`);
	},
	off: async ({ request, locals }) => {
		const id = uuidOf(await readForm(request), 'id');
		const isOff = id !== null && (await orAway(callOffDay(locals.db, id)));
		if (!isOff) return fail(409, { message: say.thatDayIsNotAmong() });
		redirect(303, '/prepare/days');
	}
};
