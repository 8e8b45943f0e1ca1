import type { Practice } from '$lib/core/practice/practice';
import { barePractice } from '$lib/core/practice/practice';
import { orAway } from '$lib/server/db/away';
import { practiceOfGroup } from './practice';
import type { GroupId } from '$lib/server/base/group-id';

/** What a group has measured; the craft's own while the database is away. */
export const practiceOrBare = async (groupId: GroupId): Promise<Practice> =>
	(await orAway(practiceOfGroup(groupId))) ?? barePractice;

/** Whose measures a JSON door is asked for: the group's, or with `?measures=craft` the craft's own. */
export const practiceAsked = async (groupId: GroupId, url: URL): Promise<Practice> =>
	url.searchParams.get('measures') === 'craft' ? barePractice : practiceOrBare(groupId);
