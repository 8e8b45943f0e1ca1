import { PrepareDaysIdActs as say } from '$lib/words/table-day';
import { uuidShape } from '$lib/server/base/uuid';
import { checkOverview } from '$lib/server/check/made-mats';
import { dayNow } from '$lib/server/table-day/day-now';
import { closeDay, openDay, taughtBy } from '$lib/server/table-day/run-day';
import { awayMessage, orAway } from '$lib/server/db/away';
import { toShowAgain } from '$lib/stages/check/menders';
import type { SaveResult } from '$lib/server/db/save-result';
import { findDay, keepSeats, keepTerms } from '$lib/server/people/day';
import { readSeatChoices, readSeats, readTerms } from '$lib/server/people/read-day';
import { scrapOfDay } from '$lib/server/prepare/scrap';
import { leaveOutTimedWork } from '$lib/server/measures/timed-work';
import { lacksOfDay, lotsOfDay } from '$lib/server/prepare/taps';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, params, depends } = event;
	depends('app:gather');
	const now = await dayNow(event, params.id);
	const [lacks, scrap, checks, lots, taught] = await Promise.all([
		lacksOfDay(locals.db, now.day.id),
		scrapOfDay(locals.db, now.day.id),
		checkOverview(locals.db),
		lotsOfDay(locals.db, now.day.id),
		now.day.isClosed ? taughtBy(locals.db, now.day.id) : []
	]);
	return {
		...now,
		lacks,
		scrap,
		lots,
		taught,
		toMend: checks.mats.filter(({ state }) => state === 'to-mend'),
		toShow: toShowAgain(checks.faults)
	};
};

const anew = say.reloadThisPage();

/** What every form of a day says: the day, and the version that was seen. */
async function read(request: Request, address: string) {
	const form = await readForm(request);
	const id = uuidShape.safeParse(address).data;
	const version = z.coerce
		.number()
		.int()
		.min(1)
		.max(2_147_483_647)
		.safeParse(form.get('version')).data;
	return { form, seen: id && version ? { id, version } : null };
}

/** What was not kept of a form: how that is answered, and why. */
const notKept = (saved: SaveResult | undefined | null) =>
	!saved
		? { status: 503, problems: { day: awayMessage } }
		: saved.outcome === 'refused'
			? { status: 409, problems: saved.problems }
			: null;

/** How opening or ending a day went: its page again, or why not, in its own place. */
async function ran(saving: Promise<SaveResult>, id: string) {
	const why = notKept(await orAway(saving));
	if (why) return fail(why.status, { problems: { run: Object.values(why.problems).join(' ') } });
	redirect(303, `/prepare/days/${id}#run`);
}

export const actions: Actions = {
	terms: async ({ request, locals, params }) => {
		const { form, seen } = await read(request, params.id);
		const before = seen && (await orAway(findDay(locals.db, seen.id)));
		const { terms, typed, problems } = readTerms(form, before);
		if (!seen) return fail(400, { typed, problems: { day: anew } });
		if (Object.keys(problems).length > 0) return fail(422, { typed, problems });
		const why = notKept(await orAway(keepTerms(locals.db, seen.id, seen.version, terms)));
		if (why) return fail(why.status, { typed, problems: why.problems });
		redirect(303, `/prepare/days/${seen.id}`);
	},
	seats: async ({ request, locals, params }) => {
		const { form, seen } = await read(request, params.id);
		const day = seen && (await orAway(findDay(locals.db, seen.id)));
		const seats =
			day && (form.has('seats') ? readSeats(form.get('seats')) : readSeatChoices(form, day));
		if (!seen || !seats) return fail(400, { problems: { seats: anew } });
		const why = notKept(await orAway(keepSeats(locals.db, seen.id, seen.version, seats)));
		if (why) return fail(why.status, { problems: why.problems });
		redirect(303, `/prepare/days/${seen.id}#room`);
	},
	open: async ({ request, locals, params }) => {
		const { seen } = await read(request, params.id);
		if (!seen) return fail(400, { problems: { run: anew } });
		return ran(openDay(locals.db, seen.id, seen.version), seen.id);
	},
	close: async ({ request, locals, params }) => {
		const { form, seen } = await read(request, params.id);
		if (!seen) return fail(400, { problems: { run: anew } });
		const came = form.getAll('came').flatMap((one) => uuidShape.safeParse(one).data ?? []);
		const closing = closeDay(locals.db, seen.id, seen.version, came.slice(0, 500), {
			shown: form.getAll('shown').map(String),
			taught: form.getAll('teaches').map(String)
		});
		return ran(closing, seen.id);
	},
	/** A speed of an ended day teaches, or is left out. */
	teaches: async ({ request, locals, params }) => {
		const form = await readForm(request);
		const which = z.coerce
			.number()
			.int()
			.min(1)
			.max(2_147_483_647)
			.safeParse(form.get('speed')).data;
		if (!which) return fail(400, { problems: { run: anew } });
		const isLeftOut = form.get('out') === 'yes';
		await leaveOutTimedWork(locals.db, which, isLeftOut);
		redirect(303, `/prepare/days/${params.id}#run`);
	}
};
