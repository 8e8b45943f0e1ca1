import { HandOverTagsPdfDoor as say } from '$lib/words/hand-over';
import { labelGrids, labelSizes, labelsOn } from '$lib/stages/prepare/label-sizes';
import { papers } from '$lib/ui/reader';
import { answerPdf } from '$lib/server/web/answer-file';
import { tagsOf } from '$lib/server/hand-over/tags';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { labelCodesIn } from '$lib/server/prepare/labels';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const shape = z.object({
	paper: z.enum(papers).nullable().catch(null),
	size: z.enum(labelSizes).catch('large'),
	/** The label it begins at, from 1. */
	from: z.coerce.number().int().min(1).max(100).catch(1)
});

/** Tags with care words for mats, by their labels or by a delivery. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const asked = shape.parse(Object.fromEntries(url.searchParams));
	const reader = await readerOf({ locals, cookies });
	const [delivery = null] = labelCodesIn(url.searchParams.getAll('delivery'));
	const labels = await tagsOf(locals.db, {
		mats: labelCodesIn(url.searchParams.getAll('mat')),
		delivery,
		origin: url.origin,
		system: reader.lengthSystem
	});
	if (labels.length === 0) error(404, { message: say.noMatOfThisGroup() });
	const paper = asked.paper ?? reader.paper;
	const bytes = await runInWorker('labels', {
		title: say.tags(),
		labels,
		paper,
		size: asked.size,
		begin: Math.min(labelsOn(labelGrids[paper][asked.size]), asked.from) - 1
	});
	return answerPdf(bytes, say.tags());
};
