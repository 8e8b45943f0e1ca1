import type { Practice } from '$lib/core/practice/practice';
import type { GroupId } from '$lib/server/base/group-id';
import { orAway } from '$lib/server/db/away';
import { listStoredKinds } from '$lib/server/gather/kinds';
import { practiceOrBare } from '$lib/server/measures/practice-asked';
import type { CountedBags } from '$lib/stages/plan/fields/mix-request';

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
