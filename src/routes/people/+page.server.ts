import { PeopleActs as say } from '$lib/words/people';
import { uuidShape } from '$lib/server/base/uuid';
import { longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { forgetPerson } from '$lib/server/book/forget-person';
import { awayMessage, orAway } from '$lib/server/db/away';
import { addPerson, keepPerson, listPeople, peopleFor } from '$lib/server/people/people';
import { listMats } from '$lib/server/making/mats';
import { findGroup } from '$lib/server/db/groups';
import { findRhythm } from '$lib/server/people/rhythm';
import { hangsOnPerson } from '$lib/server/people/hangs-on-person';
import { practisedBy } from '$lib/server/know-how/practised';
import { practisedKinds } from '$lib/stages/know-how/practice-log';
import { readPerson } from '$lib/server/people/read-person';
import { listTableDays } from '$lib/server/people/table-days';
import { readForm } from '$lib/server/web/read-form';
import { readerOf } from '$lib/server/web/reader';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, url } = event;
	const reader = await readerOf(event);
	const { today } = reader;
	const [people, days, mats, rhythm, { teensCutSharp }] = await Promise.all([
		listPeople(locals.db, today),
		listTableDays(locals.db, today),
		listMats(locals.db, reader),
		findRhythm(locals.db),
		findGroup(locals.db)
	]);
	const of = url.searchParams.get('of');
	const forget = url.searchParams.get('forget');
	const answers =
		of !== null && people.some(({ id }) => id === of) ? await practisedBy(locals.db, of) : [];
	return {
		practised: practisedKinds(answers),
		people: peopleFor(locals.role, people),
		mats: mats.flatMap(({ code, maker }) => (maker ? [{ code, maker: maker.id }] : [])),
		days: days.filter(({ day }) => day >= today),
		hasRhythm: rhythm !== null && rhythm.rule !== null,
		teensCutSharp,
		forget,
		/** What hangs on whoever is to be forgotten. */
		hangs:
			forget !== null && people.some(({ id }) => id === forget)
				? await hangsOnPerson(locals.db, forget, today)
				: null,
		of
	};
};

const idOf = async (request: Request) =>
	uuidShape.safeParse((await readForm(request)).get('id')).data ?? null;

export const actions: Actions = {
	add: async ({ request, locals }) => {
		const form = await readForm(request);
		const typed = String(form.get('name') ?? '').slice(0, 400);
		const read = new FormReader({ name: typed });
		const name = read.needed('name', longest['person.name']);
		const key = uuidShape.safeParse(form.get('key')).data;
		const problem = read.problems.name ?? (key ? null : say.reloadThisPage());
		if (problem || !key) return fail(422, { added: { typed, problem } });
		const saved = await orAway(addPerson(locals.db, key, name));
		if (!saved) return fail(503, { added: { typed, problem: awayMessage } });
		if (saved.outcome === 'refused')
			return fail(422, { added: { typed, problem: saved.problems.name ?? '' } });
		redirect(303, `/people?of=${saved.id}#person`);
	},
	person: async (event) => {
		const { request, locals } = event;
		const { person, problems } = readPerson(await readForm(request));
		if (Object.keys(problems).length > 0 || person.id === '')
			return fail(422, { person, wrong: problems });
		const saved = await orAway(
			readerOf(event).then(({ today }) => keepPerson(locals.db, person, today))
		);
		if (!saved) return fail(503, { person, wrong: { version: awayMessage } });
		if (saved.outcome === 'refused') return fail(422, { person, wrong: saved.problems });
		redirect(303, `/people?of=${person.id}#person`);
	},
	/** Forgets a person, who was named on the page before. */
	forget: async ({ request, locals }) => {
		const id = await idOf(request);
		const forgotten = id === null ? null : await orAway(forgetPerson(locals.db, id));
		if (forgotten === null)
			return fail(409, {
				message: say.nobodyWasForgottenThatPerson()
			});
		redirect(303, '/people#people');
	}
};
