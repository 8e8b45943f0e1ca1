import { whileReached } from '$lib/server/db/away';
import { listKinds } from '$lib/server/db/kinds';
import { listPlaces } from '$lib/server/db/places';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, depends }) => {
	depends('app:gather');
	const [places, kinds] = await whileReached(
		Promise.all([listPlaces(locals.groupId), listKinds(locals.groupId)])
	);
	return { places, kinds };
};
