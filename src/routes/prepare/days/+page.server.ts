import { PrepareDaysActs as say } from '$lib/words/table-day';
import { uuidShape } from '$lib/server/base/uuid';
import { longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { awayMessage, orAway } from '$lib/server/db/away';
import type { SaveResult } from '$lib/server/db/save-result';
import { dropAway, keepAway } from '$lib/server/people/away';
import { openHall, shutHall } from '$lib/server/people/hall-shut';
import { findRhythm, keepRhythm } from '$lib/server/people/rhythm';
import { readRhythm, readSpan } from '$lib/server/people/read-rhythm';
import { addTableDay, callOffDay, setWhoComes } from '$lib/server/people/table-days';
import { daysPage } from '$lib/server/table-day/days-page';
import { readForm } from '$lib/server/web/read-form';
import { readerOf } from '$lib/server/web/reader';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) =>
	daysPage(
		event.locals.db,
		await readerOf(event),
		event.locals.role,
		event.url.searchParams.get('month')
	);

const uuidOf = (form: FormData, name: string) => uuidShape.safeParse(form.get(name)).data ?? null;

/** The page again, at the month and the place it was sent from. */
const monthOf = (form: FormData) =>
	z
		.string()
		.regex(/^20\d\d-\d\d$/)
		.safeParse(form.get('month')).data;
const pageOf = (form: FormData, at = '') =>
	`/prepare/days${monthOf(form) ? `?month=${monthOf(form)}` : ''}${at}`;

/** Why something was not kept, where its form has no field for it; nothing where it was. */
const whyNot = (saved: SaveResult | undefined | null) =>
	!saved
		? fail(503, { message: awayMessage })
		: saved.outcome === 'refused'
			? fail(409, { message: Object.values(saved.problems).join(' ') })
			: null;

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
		redirect(303, `/prepare/days?month=${day.slice(0, 7)}#day-${saved.id}`);
	},
	people: async ({ request, locals }) => {
		const form = await readForm(request);
		const id = uuidOf(form, 'id');
		const version = z.coerce.number().int().safeParse(form.get('version')).data;
		const people = form.getAll('person').flatMap((value) => uuidShape.safeParse(value).data ?? []);
		if (!id || version === undefined) return fail(400, { message: say.reloadThisPage() });
		const saved = await orAway(setWhoComes(locals.db, id, version, people.slice(0, 500)));
		const why = whyNot(saved);
		if (why) return why;
		redirect(303, pageOf(form, `#day-${id}`));
	},
	off: async ({ request, locals }) => {
		const form = await readForm(request);
		const id = uuidOf(form, 'id');
		const isOff = id !== null && (await orAway(callOffDay(locals.db, id)));
		if (!isOff) return fail(409, { message: say.thatDayIsNotAmong() });
		redirect(303, pageOf(form));
	},
	rhythm: async (event) => {
		const form = await readForm(event.request);
		const before = await orAway(findRhythm(event.locals.db));
		const { rhythm, always, typed, problems } = readRhythm(form, before ?? null);
		const again = (status: number, why: Readonly<Record<string, string>>) =>
			fail(status, { met: { typed, problems: why } });
		if (rhythm.version < 0) return again(400, { rhythm: say.reloadThisPage() });
		if (Object.keys(problems).length > 0) return again(422, problems);
		const { today } = await readerOf(event);
		const saved = await orAway(keepRhythm(event.locals.db, rhythm, always, today));
		if (!saved) return again(503, { rhythm: awayMessage });
		if (saved.outcome === 'refused') return again(409, saved.problems);
		redirect(303, '/prepare/days');
	},
	shut: async ({ request, locals }) => {
		const form = await readForm(request);
		const { span, problems } = readSpan(form);
		const key = uuidOf(form, 'key');
		if (!key || Object.keys(problems).length > 0)
			return fail(422, { message: Object.values(problems)[0] ?? say.reloadThisPage() });
		const why = whyNot(await orAway(shutHall(locals.db, key, span)));
		if (why) return why;
		redirect(303, pageOf(form, `#week-${span.from}`));
	},
	reopen: async ({ request, locals }) => {
		const form = await readForm(request);
		const id = uuidOf(form, 'id');
		if (!id) return fail(400, { message: say.reloadThisPage() });
		const why = whyNot(await orAway(openHall(locals.db, id)));
		if (why) return why;
		redirect(303, pageOf(form));
	},
	away: async ({ request, locals }) => {
		const form = await readForm(request);
		const { span, typed, problems } = readSpan(form);
		const [key, person] = [uuidOf(form, 'key'), uuidOf(form, 'person')];
		if (!person) problems['person'] = say.chooseAVolunteer();
		if (!key) problems['from'] ??= say.reloadThisPage();
		const again = (status: number, why: Readonly<Record<string, string>>) =>
			fail(status, { gone: { typed, problems: why } });
		if (!key || !person || Object.keys(problems).length > 0) return again(422, problems);
		const saved = await orAway(keepAway(locals.db, key, person, span));
		if (!saved) return again(503, { from: awayMessage });
		if (saved.outcome === 'refused') return again(422, saved.problems);
		redirect(303, `/prepare/days?month=${span.from.slice(0, 7)}#away`);
	},
	back: async ({ request, locals }) => {
		const form = await readForm(request);
		const id = uuidOf(form, 'id');
		// Twice is once: who is back is back.
		if (id && (await orAway(dropAway(locals.db, id))) === null)
			return fail(503, { message: awayMessage });
		redirect(303, pageOf(form, '#away'));
	}
};
