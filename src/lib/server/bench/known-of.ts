import type { Db } from '$lib/server/db/db';
import { bagOfFigures, figuresOfBag } from '$lib/core/bag/bag-figures';
import type { Practice } from '$lib/core/practice/practice';
import { orAway } from '$lib/server/db/away';
import type { ToolLine } from '$lib/stages/prepare/tool-line';
import { listTools } from '$lib/server/prepare/tools';
import { listStoredKinds } from '$lib/server/gather/kinds';
import { practiceOrBare } from '$lib/server/measures/practice-asked';
import type { CountedBags } from '$lib/stages/plan/fields/mix-request';

/** The group's own kinds of bag with what is in the store; none while the store of data is away. */
export const countedKinds = async (db: Db): Promise<CountedBags[]> =>
	((await orAway(listStoredKinds(db))) ?? []).map(({ name, bags, ...kind }) => ({
		kind: name,
		bag: bagOfFigures(figuresOfBag(kind)),
		count: bags
	}));

/** What the planning bench knows of a group: its practice, its kinds of bag with what is in the store, and its tools. */
export async function knownOf(
	db: Db
): Promise<{ practice: Practice; kinds: CountedBags[]; tools: ToolLine[] }> {
	const [practice, kinds, tools] = await Promise.all([
		practiceOrBare(db),
		countedKinds(db),
		orAway(listTools(db))
	]);
	return { practice, kinds, tools: tools ?? [] };
}
