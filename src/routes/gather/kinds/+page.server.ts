import { GatherKindsActs as say } from '$lib/words/gather';
import { uuidShape } from '$lib/server/base/uuid';
import { bagFigureCount, bagOfFigures } from '$lib/core/bag/bag-figures';
import type { Bag } from '$lib/core/bag/measure-bag';
import { listStoredKinds, removeKind } from '$lib/server/gather/kinds';
import { entryAction } from '$lib/server/entries/keep-entry';
import { listSameKinds } from '$lib/server/prepare/same-kind';
import { readForm } from '$lib/server/web/read-form';
import { fail } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

/** A bag's five measures in an address, in millimetres and grams: from the planning bench. */
function bagIn(url: URL): Bag | null {
	const numbers = (url.searchParams.get('bag') ?? '').split(' ').map(Number);
	const isWhole =
		numbers.length === bagFigureCount && numbers.every((number) => number >= 0 && number < 5000);
	return isWhole ? bagOfFigures(numbers) : null;
}

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:gather');
	const [stored, same] = await Promise.all([listStoredKinds(locals.db), listSameKinds(locals.db)]);
	return {
		stored,
		/** Kinds that were made one with others. */
		same,
		again: url.searchParams.get('again'),
		from: bagIn(url)
	};
};

export const actions: Actions = {
	keep: entryAction,
	remove: async ({ request, locals }) => {
		const id = uuidShape.safeParse((await readForm(request)).get('id')).data;
		const isGone = id !== undefined && (await removeKind(locals.db, id));
		if (!isGone)
			return fail(409, {
				entry: null,
				message: say.thisKindHasAHistory()
			});
	}
};
