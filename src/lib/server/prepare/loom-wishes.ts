import type { Db } from '$lib/server/db/db';
import type { ToolLine } from '$lib/stages/prepare/tool-line';
import { isThatLoom } from './load-loom';
import { tableBasis } from './piles';
import { tablePlans, type ToBegin } from './table-plans';

/** The plans whose mats are wanted and that ask for a loom, by the loom's id; a loom that none asks for is left out. */
export async function loomWishes(
	db: Db,
	tools: readonly ToolLine[],
	toBegin: Promise<ToBegin>
): Promise<Record<string, readonly string[]>> {
	const { plans } = await tablePlans(db, tableBasis(db), toBegin);
	const wanted = plans.filter(({ matsWanted }) => matsWanted > 0);
	const wishes = tools.flatMap(({ id, tool }) => {
		if (tool.sort !== 'loom') return [];
		const names = wanted.flatMap(({ name, warp }) =>
			warp && isThatLoom(warp, tool) ? [name] : []
		);
		return names.length > 0 ? [[id, names] as const] : [];
	});
	return Object.fromEntries(wishes);
}
