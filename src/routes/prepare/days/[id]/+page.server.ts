import { awayMessage, orAway, whileReached } from '$lib/server/db/away';
import type { SaveResult } from '$lib/server/db/save-result';
import { findDay, keepSeats, keepTerms } from '$lib/server/people/day';
import { readSeatChoices, readSeats, readTerms } from '$lib/server/people/read-day';
import { workOfDay } from '$lib/server/prepare/day-work';
import { readerOf } from '$lib/server/web/reader';
import { lacksOfDay, listTaps } from '$lib/server/prepare/taps';
import { closeDay, openDay } from '$lib/server/day/run-day';
import { minuteNow } from '$lib/stages/day/clock';
import { readForm } from '$lib/server/web/read-form';
import { error, fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

const noDay = 'There is no table day under this address. It may have been called off.';

export const load: PageServerLoad = async (event) => {
	const { locals, params, depends } = event;
	depends('app:gather');
	const id = z.uuid().safeParse(params.id).data;
	const day = id ? await whileReached(findDay(locals.groupId, id)) : null;
	if (!day) error(404, noDay);
	const [work, taps, lacks, { timeZone, today }] = await whileReached(
		Promise.all([
			workOfDay(locals.groupId, day),
			listTaps(locals.groupId, day.id),
			lacksOfDay(locals.groupId, day.id),
			readerOf(event)
		])
	);
	return {
		day,
		...work,
		taps,
		lacks,
		/** The minute of the day in the hall; null on another day. */
		minute: day.day === today ? minuteNow(timeZone, new Date()) : null,
		isBegun: day.day <= today
	};
};

const versionOf = (form: FormData) =>
	z.coerce.number().int().min(1).max(2_147_483_647).safeParse(form.get('version')).data;
const anew = 'Please load this page anew.';
const failed = (saved: SaveResult | undefined | null) =>
	!saved
		? { status: 503, problems: { day: awayMessage } }
		: saved.outcome === 'refused'
			? { status: 409, problems: saved.problems }
			: null;

export const actions: Actions = {
	terms: async ({ request, locals, params }) => {
		const form = await readForm(request);
		const { terms, typed, problems } = readTerms(form);
		const version = versionOf(form);
		const id = z.uuid().safeParse(params.id).data;
		if (!version || !id) return fail(400, { typed, problems: { day: anew } });
		if (Object.keys(problems).length > 0) return fail(422, { typed, problems });
		const why = failed(await orAway(keepTerms(locals.groupId, id, version, terms)));
		if (why) return fail(why.status, { typed, problems: why.problems });
		redirect(303, `/prepare/days/${id}`);
	},
	seats: async ({ request, locals, params }) => {
		const form = await readForm(request);
		const version = versionOf(form);
		const id = z.uuid().safeParse(params.id).data;
		const day = id && (await orAway(findDay(locals.groupId, id)));
		const seats = day
			? form.has('seats')
				? readSeats(form.get('seats'))
				: readSeatChoices(form, day)
			: null;
		if (!version || !id || !seats) return fail(400, { problems: { seats: anew } });
		const why = failed(await orAway(keepSeats(locals.groupId, id, version, seats)));
		if (why) return fail(why.status, { problems: why.problems });
		redirect(303, `/prepare/days/${id}#room`);
	},
	open: async ({ request, locals, params }) => {
		const version = versionOf(await readForm(request));
		const id = z.uuid().safeParse(params.id).data;
		if (!version || !id) return fail(400, { problems: { run: anew } });
		const why = failed(await orAway(openDay(locals.groupId, id, version)));
		if (why) return fail(why.status, { problems: { run: Object.values(why.problems).join(' ') } });
		redirect(303, `/prepare/days/${id}#run`);
	},
	close: async ({ request, locals, params }) => {
		const form = await readForm(request);
		const version = versionOf(form);
		const id = z.uuid().safeParse(params.id).data;
		if (!version || !id) return fail(400, { problems: { run: anew } });
		const came = form.getAll('came').flatMap((one) => z.uuid().safeParse(one).data ?? []);
		const why = failed(await orAway(closeDay(locals.groupId, id, version, came.slice(0, 500))));
		if (why) return fail(why.status, { problems: { run: Object.values(why.problems).join(' ') } });
		redirect(303, `/prepare/days/${id}#run`);
	}
};
