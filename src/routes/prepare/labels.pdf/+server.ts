import { PrepareLabelsPdfDoor as say } from '$lib/words/prepare';
import { labelGrids, labelSizes, labelsOn } from '$lib/stages/prepare/label-sizes';
import { papers } from '$lib/ui/reader';
import { answerPdf } from '$lib/server/web/answer-file';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { blankLabels, labelCodesIn, labelsOf } from '$lib/server/prepare/labels';
import { readerOf } from '$lib/server/web/reader';
import { rowNumberIn } from '$lib/server/web/line-in';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const shape = z.object({
	paper: z.enum(papers).nullable().catch(null),
	size: z.enum(labelSizes).catch('middle'),
	/** The label it begins at, from 1. */
	from: z.coerce.number().int().min(1).max(100).catch(1)
});

/** Sheets of labels: of the things whose codes are named, or blank ones of a reserved block. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const asked = shape.parse(Object.fromEntries(url.searchParams));
	const reader = await readerOf({ locals, cookies });
	const block = rowNumberIn(url, 'block');
	const codes = labelCodesIn(url.searchParams.getAll('code'));
	const labels = await (block === null
		? labelsOf(locals.db, codes, url.origin, reader.lengthSystem)
		: blankLabels(locals.db, block, url.origin));
	if (labels.length === 0) error(404, { message: say.noLabelWasChosenTick() });
	const paper = asked.paper ?? reader.paper;
	const most = labelsOn(labelGrids[paper][asked.size]);
	const bytes = await runInWorker('labels', {
		title: say.labels(),
		labels,
		paper,
		size: asked.size,
		begin: Math.min(most, asked.from) - 1
	});
	return answerPdf(bytes, say.labels());
};
