import type { Db } from '$lib/server/db/db';
import type { Practice } from '$lib/core/practice/practice';
import { barePractice } from '$lib/core/practice/practice';
import { orAway } from '$lib/server/db/away';
import { practiceOfGroup } from './practice';

/** What a group has measured; the craft's own while the database is away. */
export const practiceOrBare = async (db: Db): Promise<Practice> =>
	(await orAway(practiceOfGroup(db))) ?? barePractice;

/** Whose measures a JSON door is asked for: the group's, or with `?measures=craft` the craft's own. */
export const practiceAsked = async (db: Db, url: URL): Promise<Practice> =>
	url.searchParams.get('measures') === 'craft' ? barePractice : practiceOrBare(db);
