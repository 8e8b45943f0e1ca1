import { tools as say } from '$lib/words/prepare';
import type { Db } from '$lib/server/db/db';
import type { Tool } from '$lib/core/tools/tools';
import type { ToolEntry } from '$lib/entries/types/tool';
import type { ToolLine } from '$lib/stages/prepare/tool-line';
import type { Booked } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

/** The tools that are there, looms first, by name. */
export const listTools = async (db: Db): Promise<ToolLine[]> =>
	(
		await db.many<{ id: string; name: string; count: number; sort: Tool['sort']; facts: object }>(
			`select id, name, count, sort, facts from tool
			 where group_id = $1 and gone_at is null
			 order by array_position(array['loom', 'frame', 'hook'], sort) nulls last, sort, lower(name)`,
			[db.groupId]
		)
	).map(({ id, name, count, sort, facts }) => ({
		id,
		name,
		count,
		tool: { ...facts, sort } as Tool
	}));

/** Keeps a tool, or its measures anew, or that it is gone. The key of a new one is its id, so that a resend makes one. */
export async function keepTool(
	db: Db,
	{ toolId, name, count, tool }: ToolEntry,
	{ entryId, key }: Booked
): Promise<SaveResult> {
	const gone = refuse('name', say.thatToolIsNotIn());
	try {
		if (tool === null) {
			const taken = await db.execute(
				'update tool set gone_at = now() where group_id = $1 and id = $2 and gone_at is null',
				[db.groupId, toolId]
			);
			return taken === 1 ? { outcome: 'kept', id: toolId ?? key } : gone;
		}
		const { sort, ...facts } = tool;
		if (toolId !== null) {
			const changed = await db.execute(
				`update tool set name = $3, count = $4, facts = $5
				 where group_id = $1 and id = $2 and sort = $6 and gone_at is null`,
				[db.groupId, toolId, name, count, facts, sort]
			);
			return changed === 1 ? { outcome: 'kept', id: toolId } : gone;
		}
		const kept = await db.writer.maybeOne<{ id: string }>(
			`insert into tool (group_id, id, entry_id, sort, name, facts, count)
			 values ($1, $2, $3, $4, $5, $6, $7) on conflict (group_id, id) do nothing returning id`,
			[db.groupId, key, entryId, sort, name, facts, count]
		);
		return { outcome: kept ? 'kept' : 'duplicate', id: key };
	} catch (error) {
		if ((error as { code?: string }).code === '23505')
			return refuse('name', say.thereIsAlreadyATool());
		throw error;
	}
}
