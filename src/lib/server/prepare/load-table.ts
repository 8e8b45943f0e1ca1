import { cutsOfPlan } from '$lib/core/prepare/cuts-of-plan';
import type { TableCut } from '$lib/stages/prepare/table-view';
import type { GroupId } from '$lib/server/base/group-id';
import { cutOfKind } from './asked-cut';
import { listLoadedLooms } from './loaded-looms';
import { listActs, listPiles, spoiledOn } from './piles';
import { tablePlans } from './table-plans';

/** All that the table shows: its piles, the plans it works for, and what was done last. */
export async function loadTable(
	groupId: GroupId,
	{ today, timeZone }: { readonly today: string; readonly timeZone: string }
) {
	const [{ plans, reads, kinds, practice }, piles, acts, spoiled, loaded] = await Promise.all([
		tablePlans(groupId),
		listPiles(groupId),
		listActs(groupId),
		spoiledOn(groupId, today, timeZone),
		listLoadedLooms(groupId)
	]);
	const onTable = kinds.filter(({ id }) => piles.some(({ kindId }) => kindId === id));
	const cuts = reads.flatMap(({ kept, read: { plan } }) =>
		cutsOfPlan(plan).flatMap(({ use }) =>
			onTable.flatMap((kind): TableCut[] => {
				const cut = cutOfKind(plan, kind, kinds, use);
				if (!cut) return [];
				const { pieces, filmUsedG } = cut.given;
				return [
					{
						planId: kept.id,
						use,
						kindId: kind.id,
						given: { pieces, filmUsedG },
						massG: cut.massG,
						cut: cut.cut
					}
				];
			})
		)
	);
	return {
		piles,
		plans,
		cuts,
		acts,
		loaded,
		/** In a hundred; asked once, then it stands for the day. */
		spoiled: spoiled ?? String(Math.round(practice.spoiledShare * 100)),
		isSpoiledSaid: spoiled !== null
	};
}
