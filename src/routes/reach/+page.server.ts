import { squareCode } from '$lib/server/sheets/square-code';
import { reachedNow } from '$lib/server/web/machine';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => {
	const reached = reachedNow(url);
	return { reached, square: reached.isShared ? squareCode(reached.origin, 180) : null };
};
