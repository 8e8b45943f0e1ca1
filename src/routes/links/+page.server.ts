import { LinksActs as say } from '$lib/words/house';
import { uuidShape } from '$lib/server/base/uuid';
import { lineStations } from '$lib/core/assembly-line/assembly-line';
import {
	linkDays,
	listLinks,
	makeLink,
	makeOpenLink,
	makeStationLink,
	revokeLink
} from '$lib/server/book/links';
import { listLate, settleLate } from '$lib/server/entries/hold-late';
import { listTableDays } from '$lib/server/people/table-days';
import { readerOf } from '$lib/server/web/reader';
import { awayMessage, orAway } from '$lib/server/db/away';
import { keyFor } from '$lib/server/db/part-key';
import { isOnlyHere } from '$lib/server/web/own-address';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, url } = event;
	const { today } = await readerOf(event);
	const [links, late, tableDays] = await Promise.all([
		listLinks(locals.db, null),
		listLate(locals.db),
		listTableDays(locals.db, today)
	]);
	return {
		links,
		late,
		tableDays: tableDays
			.filter(({ day }) => day >= today)
			.map(({ id, day, place }) => ({ id, day, place })),
		days: linkDays,
		/** Whether a link made here opens on this machine alone. */
		isOnlyHere: isOnlyHere(url)
	};
};

const opened = z.discriminatedUnion('opens', [
	z.object({ opens: z.enum(['asks', 'calendar']), key: uuidShape }),
	z.object({
		opens: z.literal('station'),
		key: uuidShape,
		day: uuidShape,
		station: z.enum(lineStations)
	})
]);
/** Where the pages of each are. */
const pathOf = { asks: '/a/', calendar: '/c/', station: '/s/' };

const which = z.object({ plan: uuidShape, key: uuidShape });

export const actions: Actions = {
	/** Makes a link that opens one plan; its address is shown once, in the answer. */
	make: async ({ request, locals, url }) => {
		const asked = which.safeParse(Object.fromEntries(await readForm(request))).data;
		if (!asked) return fail(400, { message: say.thePlanCouldNotBe() });
		const made = await orAway(
			makeLink(locals.db, keyFor(asked.key, asked.plan), asked.plan).then((address) => ({
				address
			}))
		);
		if (!made) return fail(503, { message: awayMessage });
		if (!made.address)
			return fail(409, {
				message: say.noLinkWasMadeThat()
			});
		return { address: `${url.origin}/l/${made.address}` };
	},
	/** Makes a link to what is asked for, to the calendar or to a station; its address is shown once. */
	open: async ({ request, locals, url }) => {
		const asked = opened.safeParse(Object.fromEntries(await readForm(request))).data;
		if (!asked) return fail(400, { message: say.whatTheLinkShouldOpen() });
		// One page may make one of each.
		const key = keyFor(asked.key, JSON.stringify(asked));
		locals.about = asked.opens === 'station' ? asked.station : asked.opens;
		const made = await orAway(
			(asked.opens === 'station'
				? makeStationLink(locals.db, key, asked.day, asked.station)
				: makeOpenLink(locals.db, key, asked.opens)
			).then((address) => ({ address }))
		);
		if (!made) return fail(503, { message: awayMessage });
		if (!made.address)
			return fail(409, {
				message: say.noLinkWasMadeThis()
			});
		return { address: `${url.origin}${pathOf[asked.opens]}${made.address}` };
	},
	/** Keeps what came late, or throws it away. */
	late: async (event) => {
		const { request, locals } = event;
		const form = await readForm(request);
		const key = uuidShape.safeParse(form.get('key')).data;
		const isKept = form.get('keep') === 'yes';
		const problem = await orAway(
			readerOf(event).then((reader) =>
				key === undefined ? say.theEntryCouldNotBe() : settleLate(locals.db, key, isKept, reader)
			)
		);
		if (problem === null) return fail(503, { message: awayMessage });
		if (problem !== '') return fail(409, { message: problem });
		redirect(303, '/links');
	},
	revoke: async ({ request, locals }) => {
		const id = uuidShape.safeParse((await readForm(request)).get('id')).data;
		const isRevoked = id !== undefined && (await orAway(revokeLink(locals.db, id)));
		if (!isRevoked) return fail(409, { message: say.thatLinkOpensNothingAny() });
		redirect(303, '/links');
	}
};
