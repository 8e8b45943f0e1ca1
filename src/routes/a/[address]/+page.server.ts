import { AAddressActs as say } from '$lib/words/house';
import { loadAsks } from '$lib/server/asks/load-asks';
import { listKinds } from '$lib/server/gather/kinds';
import { findGroup } from '$lib/server/db/groups';
import { todayIn } from '$lib/ui/days';
import { usualZone } from '$lib/ui/reader';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

/** What a group asks for, for whoever has its link: no place, no person, no plan. */
export const load: PageServerLoad = async ({ locals, params }) => {
	const { link, db } = locals;
	if (link?.grants !== 'asks')
		error(404, {
			message: say.thisLinkOpensNothingIt()
		});
	const { timeZone } = await findGroup(db);
	const zone = timeZone ?? usualZone;
	const hall = { today: todayIn(zone, new Date()), timeZone: zone };
	const { asks } = await loadAsks(db, null, listKinds(db), hall);
	return {
		asks: asks
			.filter(({ toAsk }) => toAsk > 0)
			.map(({ kind, colour, toAsk }) => ({
				kind: kind ?? say.bagsOfAnyKind(),
				colour: colour === 'any' ? null : colour,
				toAsk
			})),
		address: params.address
	};
};
