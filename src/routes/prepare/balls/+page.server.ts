import { PrepareBallsActs as say } from '$lib/words/prepare';
import { uuidShape } from '$lib/server/base/uuid';
import { labelSizes } from '$lib/stages/prepare/label-sizes';
import { papers } from '$lib/ui/reader';
import { reserveCodes } from '$lib/server/book/codes';
import { awayMessage, orAway } from '$lib/server/db/away';
import { ballsPerPage, listBalls } from '$lib/server/prepare/balls';
import {
	dropWaiting,
	handlePrinter,
	noteSheet,
	printWaiting,
	printerHands,
	queueLabels,
	standInPrinter
} from '$lib/server/prepare/label-printer';
import { labelCodesIn, mostLabels } from '$lib/server/prepare/labels';
import { tableBasis } from '$lib/server/prepare/piles';
import { matsToBegin } from '$lib/server/need/need';
import { tablePlans } from '$lib/server/prepare/table-plans';
import { rowNumberIn } from '$lib/server/web/line-in';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

const shape = z.object({
	paper: z.enum(papers).nullable().catch(null),
	size: z.enum(labelSizes).catch('middle')
});

export const load: PageServerLoad = async ({ locals, depends, url, parent }) => {
	depends('app:gather');
	const { size, paper } = shape.parse(Object.fromEntries(url.searchParams));
	const { group } = await parent();
	const [balls, far, printer] = await Promise.all([
		listBalls(locals.db, rowNumberIn(url, 'before') ?? undefined),
		tablePlans(locals.db, tableBasis(locals.db), matsToBegin(locals.db, group)),
		group.isDemo ? standInPrinter(locals.db).state() : null
	]);
	return {
		balls: balls.slice(0, ballsPerPage),
		hasOlder: balls.length > ballsPerPage,
		far: far.plans
			.filter(({ matsWanted }) => matsWanted > 0)
			.map(({ id, name, matsWanted, far: goes }) => ({ id, name, matsWanted, far: goes })),
		printer,
		block: rowNumberIn(url, 'block'),
		size,
		paper: paper ?? group.paper
	};
};

const count = z.coerce.number().int().min(1).max(mostLabels);
const allUsed = say.thisGroupHasUsedAll();
const noneChosen = say.tickTheBallsWhoseLabels();

export const actions: Actions = {
	/** Reserves codes for blank labels, and shows the way to their sheet. */
	blank: async ({ request, locals }) => {
		const form = await readForm(request);
		const typed = String(form.get('labels') ?? '').slice(0, 40);
		const labels = count.safeParse(typed);
		if (!labels.success)
			return fail(422, { blank: { typed, problem: say.aNumberFrom1To({ mostLabels }) } });
		const key = uuidShape.safeParse(form.get('key')).data;
		if (!key) return fail(400, { blank: { typed, problem: say.reloadThisPage() } });
		const made = await orAway(
			reserveCodes(locals.db, key, labels.data).then((block) => ({ block }))
		);
		if (!made) return fail(503, { blank: { typed, problem: awayMessage } });
		if (!made.block) return fail(409, { blank: { typed, problem: allUsed } });
		redirect(303, `/prepare/balls?block=${made.block.id}#blank`);
	},
	/** Notes that the labels that are ticked are printed, and leads to their sheet. */
	sheet: async ({ request, locals }) => {
		const form = await readForm(request);
		const key = uuidShape.safeParse(form.get('key')).data;
		const codes = labelCodesIn(form.getAll('code'));
		if (!key || codes.length === 0) return fail(422, { sheet: noneChosen });
		const noted = await orAway(noteSheet(locals.db, key, codes));
		if (noted === null) return fail(503, { sheet: awayMessage });
		const query = new URLSearchParams(codes.map((code) => ['code', code]));
		for (const field of ['paper', 'size', 'from'])
			query.set(field, String(form.get(field) ?? '').slice(0, 20));
		redirect(303, `/prepare/labels.pdf?${query}`);
	},
	/** Sends the labels that are ticked to the small printer. */
	print: async ({ request, locals }) => {
		const form = await readForm(request);
		const key = uuidShape.safeParse(form.get('key')).data;
		const codes = labelCodesIn(form.getAll('code'));
		if (!key || codes.length === 0) return fail(422, { printer: noneChosen });
		const done = await orAway(
			queueLabels(locals.db, key, codes).then(() => printWaiting(standInPrinter(locals.db)))
		);
		if (done === null) return fail(503, { printer: awayMessage });
		redirect(303, '/prepare/balls#printer');
	},
	/** Prints what waits still, once the trouble is over. */
	resume: async ({ locals }) => {
		const done = await orAway(printWaiting(standInPrinter(locals.db)));
		if (done === null) return fail(503, { printer: awayMessage });
		redirect(303, '/prepare/balls#printer');
	},
	drop: async ({ locals }) => {
		if ((await orAway(dropWaiting(locals.db))) === null) return fail(503, { printer: awayMessage });
		redirect(303, '/prepare/balls#printer');
	},
	/** Does something to the stand-in by hand. */
	hand: async ({ request, locals }) => {
		const hand = z.enum(printerHands).safeParse((await readForm(request)).get('hand')).data;
		if (hand) await orAway(handlePrinter(locals.db, hand));
		redirect(303, '/prepare/balls#printer');
	}
};
