import { describe, expect, it } from 'vitest';
import { dropOffsPerPage, listDropOffs } from '../../src/lib/server/gather/drop-offs';
import { listSorted, sortedPerPage } from '../../src/lib/server/gather/sortings';
import { actsPerPage, tableNow } from '../../src/lib/server/prepare/piles';
import { useDatabase } from './database';
import { dropOff, keep, newTable, sorting } from './samples';
import { aTable } from './table';

useDatabase();
const key = () => crypto.randomUUID();

/** All of a list, page by page, each from before the last of the one before. */
async function throughout<Line extends { readonly id: number }>(
	page: (before: number | null) => Promise<readonly Line[]>
): Promise<number[]> {
	const ids: number[] = [];
	for (let before: number | null = null; ;) {
		const lines = await page(before);
		if (lines.length === 0) return ids;
		ids.push(...lines.map(({ id }) => id));
		before = lines.at(-1)?.id ?? null;
	}
}
const areAll = (ids: readonly number[], count: number) => {
	expect(ids).toHaveLength(count);
	expect(new Set(ids).size).toBe(count);
};

describe('a list of what was done goes on to the first', () => {
	it('of drop-offs, by their day and not by when they were typed', async () => {
		const { group } = await newTable();
		for (let nth = 0; nth < dropOffsPerPage + 7; nth++)
			await keep(group, key(), { ...dropOff, cameOn: `2026-11-${10 + (nth % 7)}` });
		const ids = await throughout((before) => listDropOffs(group, before));
		areAll(ids, dropOffsPerPage + 7);
	});
	it('of sortings', async () => {
		const { group, kindId } = await newTable();
		for (let nth = 0; nth < sortedPerPage + 3; nth++)
			await keep(group, key(), { ...sorting, kindId, isSure: true });
		areAll(await throughout((before) => listSorted(group, before)), sortedPerPage + 3);
	});
	it('of acts at the table', async () => {
		const t = await aTable(100);
		for (let nth = 0; nth < actsPerPage + 2; nth++) await keep(t.group, key(), t.flatten(1));
		const hall = { today: '2026-11-28', timeZone: 'UTC' };
		const acts = (before: number | null) =>
			tableNow(t.group, hall, before).then(({ acts: done }) => done);
		areAll(await throughout(acts), actsPerPage + 2);
	});
});
