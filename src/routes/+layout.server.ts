import type { Group } from '$lib/server/db/groups';
import { findGroup } from '$lib/server/db/groups';
import { isDatabaseAway } from '$lib/server/db/pool';
import type { LayoutServerLoad } from './$types';

/** How to read and write while the group's own choice cannot be asked. */
const meanwhile: Group = { name: 'Nest Row', lengthSystem: 'cm', stitchTerms: 'us' };

export const load: LayoutServerLoad = async ({ locals }) => {
	try {
		return { group: await findGroup(locals.groupId) };
	} catch (problem) {
		if (isDatabaseAway(problem)) return { group: meanwhile };
		throw problem;
	}
};
