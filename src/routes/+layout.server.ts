import { readerOrUsual } from '$lib/server/web/reader';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, cookies, depends }) => {
	depends('app:reader');
	return { group: await readerOrUsual({ locals, cookies }) };
};
