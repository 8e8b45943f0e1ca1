import { readTaken, takenName, type Taken } from './taken';

/**
 * What a photo told and this page's address has, once: the address is rid of it, so that a reload does
 * not lay it over what was typed since. Null where it has nothing.
 */
export function takenHere(): Taken | null {
	const url = new URL(location.href);
	const taken = readTaken(url.searchParams.get(takenName));
	if (!url.searchParams.has(takenName)) return null;
	url.searchParams.delete(takenName);
	history.replaceState(history.state, '', url);
	return taken;
}
