import { GatherAsksSheetPdfDoor as say } from '$lib/words/gather';
import { uuidShape } from '$lib/server/base/uuid';
import { yearDayWords } from '$lib/ui/day-words';
import { fileNameOf } from '$lib/ui/name';
import { answerPdf } from '$lib/server/web/answer-file';
import { listKinds } from '$lib/server/gather/kinds';
import { papers } from '$lib/ui/reader';
import { readerOf } from '$lib/server/web/reader';
import { loadAsks } from '$lib/server/asks/load-asks';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import type { RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const query = z.object({
	place: uuidShape.nullable().catch(null),
	paper: z.enum(papers).nullable().catch(null),
	large: z.literal('yes').optional().catch(undefined),
	to: z.string().trim().max(80).catch(''),
	until: z.iso.date().nullable().catch(null)
});

/** The page that asks for what the season lacks, of one place or of all. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const asked = query.parse({
		place: null,
		paper: null,
		to: '',
		until: null,
		...Object.fromEntries(url.searchParams)
	});
	const reader = await readerOf({ locals, cookies });
	const { place, asks, basis } = await loadAsks(
		locals.db,
		asked.place,
		listKinds(locals.db),
		reader
	);
	const bytes = await runInWorker('asks', {
		groupName: reader.name,
		placeName: place?.name ?? null,
		bringTo: asked.to,
		until: asked.until ? yearDayWords(asked.until) : '',
		asks,
		paper: asked.paper ?? reader.paper,
		basis,
		locale: reader.locale,
		timeZone: reader.timeZone,
		isLarge: asked.large === 'yes',
		date: new Date()
	});
	return answerPdf(bytes, fileNameOf(say.bagsWanted({ name: place?.name ?? '' })));
};
