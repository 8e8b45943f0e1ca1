import { TrailActs as say } from '$lib/words/house';
import { permissions } from '$lib/server/auth/permissions';
import { trailBefore } from '$lib/server/auth/trail';
import { entryWords } from '$lib/entries/registry';
import type { PageServerLoad } from './$types';

/** So many lines a page has. */
const atOnce = 100;

export const load: PageServerLoad = async ({ locals, url }) => {
	const asked = new Date(url.searchParams.get('before') ?? '');
	const isFirst = Number.isNaN(asked.getTime());
	// A moment beyond every clock, rather than now: what is kept meanwhile has its own.
	const before = isFirst ? new Date(Date.now() + 86_400_000) : asked;
	const lines = await trailBefore(locals.db, before, atOnce);
	return {
		lines: lines.map(({ at, by, isLink, act, type, about }) => ({
			at,
			by: by ?? (isLink ? say.someoneWithALink() : say.someoneAtThisMachine()),
			did: act === null ? entryWords(type ?? '') : (permissions[act]?.says ?? act),
			about
		})),
		isFirst,
		next: lines.length === atOnce ? (lines.at(-1)?.at.toISOString() ?? null) : null
	};
};
