import type { Practice } from '$lib/core/know/practice';
import { barePractice } from '$lib/core/know/practice';
import { orAway } from './db/away';
import { practiceOfGroup } from './db/practice';
import type { GroupId } from './group';

/** What a group has measured; the craft's own while the database is away. */
export const practiceOrBare = async (groupId: GroupId): Promise<Practice> =>
	(await orAway(practiceOfGroup(groupId))) ?? barePractice;
