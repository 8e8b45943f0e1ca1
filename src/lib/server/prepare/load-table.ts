import type { HallDay } from '$lib/ui/reader';
import type { GroupId } from '$lib/server/base/group-id';
import { cutsOfVersion } from './cuts-known';
import { listLoadedLooms } from './loaded-looms';
import { tableNow } from './piles';
import { tablePlans } from './table-plans';
import { listTools } from './tools';

/**
 * All that the table shows: its piles, the plans it works for, and what was done last.
 *
 * @param planId the plan that is worked for; null for the first there is
 */
export async function loadTable(groupId: GroupId, hall: HallDay, planId: string | null) {
	const asked = tableNow(groupId, hall);
	const [{ plans, reads, kinds, practice }, { piles, acts, spoiled }] = await Promise.all([
		tablePlans(groupId, asked),
		asked
	]);
	const plan = plans.find(({ id }) => id === planId) ?? plans[0] ?? null;
	const read = reads.find(({ kept }) => kept.id === plan?.id);
	// Looms are looked at where the plan lays its warp on one.
	const [tools, loaded] = plan?.warp
		? await Promise.all([listTools(groupId), listLoadedLooms(groupId)])
		: [[], []];
	return {
		piles,
		plans: plans.map(({ id, name, matsWanted }) => ({ id, name, matsWanted })),
		plan,
		cuts: read ? cutsOfVersion(read.kept, read.read.plan, kinds) : [],
		acts,
		looms: tools.filter(({ tool }) => tool.sort === 'loom').map(({ id, name }) => ({ id, name })),
		loaded,
		/** In a hundred; asked once, then it stands for the day. */
		spoiled: spoiled ?? String(Math.round(practice.spoiledShare * 100)),
		isSpoiledSaid: spoiled !== null
	};
}
