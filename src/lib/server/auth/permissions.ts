import { entryTypes } from '$lib/entries/registry';
import { messageNamed } from '$lib/words/message-named';
import { routes } from '$lib/routes/table.mjs';
import { trail } from '$lib/words/routes';
import type { Role } from '../base/roles';

/** Who may open a page: `guest` is whoever comes, signed in or not. */
export type Reads = Role | 'guest';

/** Who may open each route. What is not named here is opened by nobody. */
export const reads: Readonly<Record<string, Reads>> = Object.fromEntries(
	Object.entries(routes).map(([route, { by }]) => [route, by])
);

interface Act {
	readonly by: Reads;
	/** How the trail says it; null where the entry it keeps says it, or nothing of the group changes. */
	readonly says: string | null;
}

/** Who may do each act, by its route and name, and what is said of it. What is not named here is done by nobody. */
export const permissions: Readonly<Record<string, Act>> = Object.fromEntries(
	Object.entries(routes).flatMap(([route, { acts: own = {} }]) =>
		Object.entries(own).map(([name, { by, says }]) => [
			`${route} ${name}`,
			{ by, says: says === undefined ? null : messageNamed(trail, says) }
		])
	)
);

/** What the addresses begin with that carry their own right. */
export const linkPaths: readonly string[] = [
	...new Set(
		Object.entries(routes)
			.filter(([, { isLink }]) => isLink)
			.map(([route]) => route.split('[')[0] ?? '')
	)
];

/** Entries that only a coordinator keeps. */
export const coordinatorsEntries: ReadonlySet<string> = new Set(
	Object.values(entryTypes)
		.filter(({ isCoordinators }) => isCoordinators)
		.map(({ type }) => type)
);

/** Methods that change nothing. */
const reading = ['GET', 'HEAD', 'OPTIONS'];

/** The act a request asks for: null where it only reads. */
export function permissionOf(routeId: string, method: string, url: URL): string | null {
	if (reading.includes(method)) return null;
	const named = [...url.searchParams.keys()].find((key) => key.startsWith('/'))?.slice(1);
	return named !== undefined
		? `${routeId} ${named}`
		: `${routeId} default` in permissions
			? `${routeId} default`
			: `${routeId} ${method}`;
}
