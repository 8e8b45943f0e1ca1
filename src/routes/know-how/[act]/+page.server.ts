import { whileReached } from '$lib/server/db/away';
import { ownBags } from '$lib/server/gather/own-bag';
import { readerOf } from '$lib/server/web/reader';
import { actOf, box, stepsOf } from '$lib/stages/know-how/acts';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const act = actOf(event.params.act);
	if (!act) error(404, { message: 'There is no such act here.' });
	const { lengthSystem: system } = await whileReached(readerOf(event));
	const bags = await whileReached(ownBags(event.locals.groupId));
	const drawn = bags.map((own) => stepsOf(act, { ...own, system, box }));
	return { act, steps: drawn.find((steps) => steps !== null) ?? [] };
};
