import { bagPresets } from '$lib/core/bag/presets';
import { whileReached } from '$lib/server/db/away';
import { listKinds } from '$lib/server/gather/kinds';
import { readerOf } from '$lib/server/web/reader';
import type { ActName } from '$lib/stages/know-how/acts';
import { actNames, stepsOf } from '$lib/stages/know-how/acts';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const act = actNames.find((name): name is ActName => name === event.params.act);
	if (!act) error(404, { message: 'There is no such act here.' });
	const reader = await whileReached(readerOf(event));
	const [kind] = await whileReached(listKinds(event.locals.groupId));
	const system = reader.lengthSystem;
	const usual = { bag: bagPresets[0].bag, bagName: 'a thin carrier', system };
	const own = kind && stepsOf(act, { bag: kind, bagName: `your ${kind.name}`, system });
	return { act, steps: own ?? stepsOf(act, usual) ?? [] };
};
