import { lineStations } from '$lib/core/line/line';
import { keepEntry } from '$lib/server/entries/keep-entry';
import { whileReached } from '$lib/server/db/away';
import { findDay } from '$lib/server/people/day';
import { workOfDay } from '$lib/server/prepare/day-work';
import { listTaps } from '$lib/server/prepare/taps';
import { readerOf } from '$lib/server/web/reader';
import { minuteNow } from '$lib/stages/day/clock';
import { error } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, params, depends } = event;
	depends('app:gather');
	const station = lineStations.find((one) => one === params.station);
	const id = z.uuid().safeParse(params.id).data;
	const day = id && station ? await whileReached(findDay(locals.groupId, id)) : null;
	if (!day || !station) error(404, 'There is no such station at a table day of this address.');
	const [{ work }, taps, { timeZone, today }] = await whileReached(
		Promise.all([workOfDay(locals.groupId, day), listTaps(locals.groupId, day.id), readerOf(event)])
	);
	if (!work) error(404, 'This day has no plan whose bags can be cut.');
	return {
		day,
		work,
		station,
		taps,
		minute: day.day === today ? minuteNow(timeZone, new Date()) : null
	};
};

export const actions: Actions = { default: keepEntry };
