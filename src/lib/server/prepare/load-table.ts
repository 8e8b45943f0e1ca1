import type { Db } from '$lib/server/db/db';
import type { HallDay } from '$lib/ui/reader';
import { cutsOfVersion } from './cuts-known';
import { listLoadedLooms } from './loaded-looms';
import { actsPerPage, tableNow } from './piles';
import { tablePlans, type ToBegin } from './table-plans';
import { listTools } from './tools';

/**
 * All that the table shows: its piles, the plans it works for, and what was done last.
 *
 * @param before what was done last is shown from before this entry on
 * @param planId the plan that is worked for; null for the first there is
 */
export async function loadTable(
	db: Db,
	hall: HallDay,
	planId: string | null,
	toBegin: Promise<ToBegin>,
	before: number | null = null
) {
	const asked = tableNow(db, hall, before);
	const [{ plans, reads, kinds, practice }, { piles, acts, spoiled }] = await Promise.all([
		tablePlans(db, asked, toBegin),
		asked
	]);
	const plan = plans.find(({ id }) => id === planId) ?? plans[0] ?? null;
	const read = reads.find(({ kept }) => kept.id === plan?.id);
	// Looms are looked at where the plan lays its warp on one.
	const [tools, loaded] = plan?.warp
		? await Promise.all([listTools(db), listLoadedLooms(db)])
		: [[], []];
	return {
		piles,
		plans: plans.map(({ id, name, matsWanted }) => ({ id, name, matsWanted })),
		plan,
		cuts: read ? cutsOfVersion(read.kept, read.read.plan, kinds) : [],
		acts,
		/** The last act that is shown, where others were before it. */
		oldestAct: acts.length < actsPerPage ? null : (acts.at(-1)?.id ?? null),
		looms: tools.filter(({ tool }) => tool.sort === 'loom').map(({ id, name }) => ({ id, name })),
		loaded,
		/** In a hundred; asked once, then it stands for the day. */
		spoiled: spoiled ?? String(Math.round(practice.spoiledShare * 100)),
		isSpoiledSaid: spoiled !== null
	};
}
