import { readerOrUsual } from '$lib/server/web/reader';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, cookies, depends }) => {
	depends('app:reader');
	const group = await readerOrUsual({ locals, cookies });
	// Whoever comes by a link reads one thing, and says nothing of the hall.
	const isLink = locals.link !== undefined;
	return {
		group: isLink ? { ...group, isHallUnknown: false, isNameUnknown: false } : group,
		isLink
	};
};
