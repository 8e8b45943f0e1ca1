import type { Practice } from '$lib/core/practice/practice';
import { barePractice } from '$lib/core/practice/practice';
import type { CountedBags } from '$lib/stages/plan/fields/mix-request';
import { orAway } from '$lib/server/db/away';
import { listStoredKinds } from './kinds';
import { practiceOfGroup } from '$lib/server/measures/practice';
import type { GroupId } from '$lib/server/base/group-id';

/** What a group has measured; the craft's own while the database is away. */
export const practiceOrBare = async (groupId: GroupId): Promise<Practice> =>
	(await orAway(practiceOfGroup(groupId))) ?? barePractice;

/** Whose measures a JSON door is asked for: the group's, or with `?measures=craft` the craft's own. */
export const practiceAsked = async (groupId: GroupId, url: URL): Promise<Practice> =>
	url.searchParams.get('measures') === 'craft' ? barePractice : practiceOrBare(groupId);

/** What the planning bench knows of a group: its practice, and its kinds of bag with what is in the store. */
export async function knownOf(
	groupId: GroupId
): Promise<{ practice: Practice; kinds: CountedBags[] }> {
	const [practice, kinds] = await Promise.all([
		practiceOrBare(groupId),
		orAway(listStoredKinds(groupId))
	]);
	return {
		practice,
		kinds: (kinds ?? []).map(({ name, bags, flatWidthMm, gussetMm, bodyMm, handleMm, massG }) => ({
			kind: name,
			bag: { flatWidthMm, gussetMm, bodyMm, handleMm, massG },
			count: bags
		}))
	};
}
