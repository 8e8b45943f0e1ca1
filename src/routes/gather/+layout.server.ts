import { whileReached } from '$lib/server/db/away';
import { listKinds, listPlaces } from '$lib/server/db/gather';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	const [places, kinds] = await whileReached(
		Promise.all([listPlaces(locals.groupId), listKinds(locals.groupId)])
	);
	return { places, kinds };
};
