import { uuidShape } from '$lib/server/base/uuid';
import { colourNames } from '$lib/core/colour/colours';
import { lineForms } from '$lib/core/store/forms';
import { editOf, givenBack } from '$lib/server/gather/give-back';
import { listBalances, listMovements, movementsPerPage } from '$lib/server/gather/ledger';
import { entryAction } from '$lib/server/entries/keep-entry';
import { rowNumberIn } from '$lib/server/web/line-in';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

const lineShape = z.object({
	kind: uuidShape,
	colour: z.enum(colourNames),
	form: z.enum(lineForms)
});
const filterShape = z.object({
	show: z.enum(['', ...lineForms]).catch(''),
	of: z.union([z.literal(''), uuidShape]).catch(''),
	in: z.enum(['', ...colourNames]).catch(''),
	order: z.enum(['kind', 'amount', 'moved']).catch('kind')
});

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:gather');
	const asked = Object.fromEntries(url.searchParams);
	const line = lineShape.safeParse(asked).data ?? null;
	const before = rowNumberIn(url, 'before') ?? undefined;
	const back = rowNumberIn(url, 'back');
	const [balances, movements, gives, edits] = await Promise.all([
		listBalances(locals.db),
		line
			? listMovements(
					locals.db,
					{ kindId: line.kind, colour: line.colour, form: line.form },
					before
				)
			: [],
		givenBack(locals.db, 'entry', back),
		editOf(locals.db, 'entry', rowNumberIn(url, 'edit'))
	]);
	return {
		balances,
		movements: movements.slice(0, movementsPerPage),
		hasOlder: movements.length > movementsPerPage,
		/** The movement that is about to be taken back. */
		back,
		gives,
		/** What is edited, as its form is filled with it. */
		edits,
		/** Whether the store is read as a table. */
		isTable: ['table', 'show', 'of', 'in', 'order'].some((part) => url.searchParams.has(part)),
		line,
		filter: filterShape.parse(asked)
	};
};

export const actions: Actions = { keep: entryAction };
