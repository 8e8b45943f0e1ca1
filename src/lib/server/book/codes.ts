import type { Db } from '../db/db';
import { codeOf, codesThereAre } from '$lib/core/code/code';
import { within } from '$lib/core/domain-error';
import { keyFor } from '../db/part-key';

/** Codes that are reserved for blank labels and given to no other device. */
export interface CodeBlock {
	readonly id: number;
	readonly firstSerial: number;
	readonly codes: readonly string[];
}

/** The most codes reserved at once: forty sheets of labels. */
export const mostCodesAtOnce = 1000;

interface Block {
	readonly id: number;
	readonly first: number;
	readonly count: number;
}

const blockOf = ({ id, first, count }: Block): CodeBlock => ({
	id,
	firstSerial: first,
	codes: Array.from({ length: count }, (_, nth) => codeOf(first + nth))
});

const blockUnder = (db: Db, key: string) =>
	db.maybeOne<Block>(
		`select id, first_serial as first, codes as count from code_block
		 where group_id = $1 and key = $2`,
		[db.groupId, key]
	);

/**
 * Reserves codes ahead, for a sheet of blank labels or for a tablet that will have no network: no
 * other block has any of them, ever. The same key again gives the same block.
 *
 * @returns null where the group has no codes left
 */
export const reserveCodes = (
	db: Db,
	key: string,
	count: number,
	device: string | null = null
): Promise<CodeBlock | null> =>
	db.transaction(async (db) => {
		within('count', count, { atLeast: 1, atMost: mostCodesAtOnce, isWhole: true });
		const known = await blockUnder(db, key);
		if (known) return blockOf(known);
		// The group's row is held from here on: whoever reserves next begins behind this block.
		const grown = await db.execute(
			`update volunteer_group set codes_reserved = codes_reserved + $2
			 where id = $1 and codes_reserved + $2 <= $3`,
			[db.groupId, count, codesThereAre]
		);
		if (grown === 0) return null;
		const made = await db.maybeOne<Block>(
			`insert into code_block (group_id, key, first_serial, codes, device)
			 select id, $2, codes_reserved - $3::integer, $3, $4 from volunteer_group where id = $1
				and not exists (select 1 from code_block where group_id = $1 and key = $2)
			 returning id, first_serial as first, codes as count`,
			[db.groupId, key, count, device]
		);
		// Sent twice at once: the other came first, and the numbers taken here stay unused.
		const block = made ?? (await blockUnder(db, key));
		return block && blockOf(block);
	});

/** A block that was reserved, by its number; null where the group has none of it. */
export async function findBlock(db: Db, id: number): Promise<CodeBlock | null> {
	const block = await db.maybeOne<Block>(
		`select id, first_serial as first, codes as count from code_block
		 where group_id = $1 and id = $2`,
		[db.groupId, id]
	);
	return block && blockOf(block);
}

/** Whether the code with a number was reserved: nothing but what was reserved may be bound. */
export const isReserved = async (db: Db, serial: number): Promise<boolean> =>
	(await db.maybeOne<{ id: string }>(
		'select id from volunteer_group where id = $1 and codes_reserved > $2',
		[db.groupId, serial]
	)) !== null;

/** The next code there is, for what an entry makes: sent again it is the same. Null where all are used. */
export const codeFor = async (db: Db, entryKey: string): Promise<string | null> =>
	(await reserveCodes(db, keyFor(entryKey, 'code'), 1))?.codes[0] ?? null;
