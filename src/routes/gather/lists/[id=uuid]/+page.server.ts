import { GatherListsIdActs as say } from '$lib/words/gather';
import { listFields } from '$lib/stages/gather/lists/columns';
import { knownRows } from '$lib/stages/gather/lists/still-asked';
import { dayOrders } from '$lib/stages/gather/lists/days';
import { longest } from '$lib/entries/bounds';
import { FormReader } from '$lib/entries/form-reader';
import {
	dropImport,
	findImport,
	matchImport,
	mendImport,
	rowsOfImport,
	settleImport
} from '$lib/server/gather/list-imports';
import { takeListBack } from '$lib/server/gather/list-taken-back';
import { checkList, keepList } from '$lib/server/gather/keep-list';
import { readForm } from '$lib/server/web/read-form';
import { readerOf } from '$lib/server/web/reader';
import { error, fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

const shownRows = 8;
const gone = say.thisListIsNotOn();

export const load: PageServerLoad = async ({ params, locals, cookies }) => {
	const { db } = locals;
	const found = await findImport(db, params.id);
	if (!found) error(404, { message: gone });
	if (found.keptAt) return { found, heads: [], shown: [], check: null };
	const [rows, { today }] = await Promise.all([
		rowsOfImport(db, params.id),
		readerOf({ locals, cookies })
	]);
	const { rows: good, ...check } = await checkList(db, found, rows, today);
	return {
		found,
		heads: rows.heads,
		shown: rows.rows.slice(0, shownRows),
		check: { ...check, goodCount: good.length }
	};
};

const cell = z.object({
	row: z.coerce.number().int().min(0).max(50_000),
	column: z.coerce.number().int().min(0).max(100),
	text: z.string().max(4000)
});
const settled = z.object({
	day_order: z.enum(dayOrders).nullable().catch(null),
	known: z.enum(knownRows).nullable().catch(null),
	odd: z.literal('right').nullable().catch(null)
});

export const actions: Actions = {
	match: async ({ request, params, locals }) => {
		const form = await readForm(request);
		const found = await findImport(locals.db, params.id);
		if (!found) error(404, { message: gone });
		const fields = ['', ...listFields[found.list].map(({ field }) => field)];
		const matching = found.matching.map((before, at) => {
			const said = form.get(`column-${at}`);
			return fields.find((field) => field === said) ?? before;
		});
		await matchImport(locals.db, params.id, matching);
	},
	/** Says once which way round days are, what becomes of rows that are there already, or that odd counts are right. */
	settle: async ({ request, params, locals }) => {
		const said = settled.parse({
			day_order: null,
			known: null,
			odd: null,
			...Object.fromEntries(await readForm(request))
		});
		await settleImport(locals.db, params.id, {
			dayOrder: said.day_order,
			known: said.known,
			oddRight: said.odd && true
		});
	},
	/** Puts one cell right where it stands. */
	mend: async ({ request, params, locals }) => {
		const said = cell.safeParse(Object.fromEntries(await readForm(request))).data;
		if (!said || said.text.includes('\0'))
			return fail(422, { problems: [say.thatCellCouldNotBe()] });
		await mendImport(locals.db, params.id, said.row, said.column, said.text);
	},
	keep: async ({ params, locals, cookies }) => {
		const { today } = await readerOf({ locals, cookies });
		const kept = await keepList(locals.db, params.id, today);
		if (kept.outcome === 'gone') error(404, { message: gone });
		if (kept.outcome === 'refused') return fail(422, { problems: kept.problems });
	},
	/** Takes all that a kept list brought back, in one act. */
	back: async ({ request, params, locals }) => {
		const form = await readForm(request);
		const typed = {
			note: String(form.get('note') ?? ''),
			by_name: String(form.get('by_name') ?? '')
		};
		const read = new FormReader(typed);
		const [note, byName] = [
			read.needed('note', longest['entry.note']),
			read.text('by_name', longest['person.name'])
		];
		if (!read.isGood) return fail(422, { back: { typed, problems: read.problems } });
		const booked = await takeListBack(locals.db, params.id, note, byName);
		if (booked.outcome === 'refused')
			return fail(422, {
				back: {
					typed,
					problems: {
						list: booked.problems.amount
							? say.someOfWhatItBrought()
							: Object.values(booked.problems).join(' ')
					} as Record<string, string>
				}
			});
	},
	drop: async ({ params, locals }) => {
		await dropImport(locals.db, params.id);
		redirect(303, '/gather/lists');
	}
};
