import { longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import { awayMessage, orAway } from '$lib/server/db/away';
import { entryAction } from '$lib/server/entries/keep-entry';
import { keepPlaceWords, listPlaceWords } from '$lib/server/gather/places';
import { acceptedSize } from '$lib/stages/hand-over/accepted-size';
import { listAsks } from '$lib/server/hand-over/asks';
import { readForm } from '$lib/server/web/read-form';
import { readerOf } from '$lib/server/web/reader';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	event.depends('app:gather');
	const { db } = event.locals;
	const reader = await readerOf(event);
	const [asks, places] = await Promise.all([listAsks(db, reader), listPlaceWords(db)]);
	return { asks, places, place: event.url.searchParams.get('place') };
};

export const actions: Actions = {
	keep: entryAction,
	/** How a place receives mats: somebody else's word of meanwhile is not written over. */
	place: async (event) => {
		const { request, locals } = event;
		const form = await readForm(request);
		const text = (name: string) => String(form.get(name) ?? '').slice(0, 1000);
		const typed = {
			id: text('id'),
			version: text('version'),
			hours: text('hours'),
			stairs: text('stairs'),
			own_rules: text('own_rules'),
			least_length: text('least_length'),
			least_width: text('least_width'),
			most_length: text('most_length'),
			most_width: text('most_width')
		};
		const { lengthSystem } = await readerOf(event);
		const read = new FormReader(typed, lengthSystem);
		const place = {
			id: read.uuid('id'),
			version: read.count('version', { atLeast: 1, atMost: 1_000_000_000 }),
			hours: read.text('hours', longest['place.hours']),
			stairs: read.text('stairs', longest['place.stairs']),
			ownRules: read.text('own_rules', longest['place.own_rules']),
			accepts: acceptedSize(read)
		};
		if (!read.isGood) return fail(422, { place: typed, problems: read.problems });
		const saved = await orAway(keepPlaceWords(locals.db, place));
		if (!saved) return fail(503, { place: typed, problems: { hours: awayMessage } });
		if (saved.outcome === 'refused') return fail(422, { place: typed, problems: saved.problems });
		redirect(303, `/hand-over/asks?place=${place.id}#places`);
	}
};
