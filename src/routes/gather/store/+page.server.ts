import { colourNames } from '$lib/core/colour/colours';
import { forms } from '$lib/gather/entries';
import { whileReached } from '$lib/server/db/away';
import { listBalances, listMovements } from '$lib/server/db/gather';
import { z } from 'zod';
import type { PageServerLoad } from './$types';

const lineShape = z.object({
	kind: z.uuid(),
	colour: z.enum(colourNames),
	form: z.enum(forms)
});

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:gather');
	const line = lineShape.safeParse(Object.fromEntries(url.searchParams)).data ?? null;
	const [balances, movements] = await whileReached(
		Promise.all([
			listBalances(locals.groupId),
			line
				? listMovements(locals.groupId, { kindId: line.kind, colour: line.colour, form: line.form })
				: []
		])
	);
	return { balances, movements, line };
};
