import * as prepareWords from '../../src/lib/words/prepare';
import { type Db } from '../../src/lib/server/db/db';
import { beforeEach, describe, expect, it } from 'vitest';
import type { ToolEntry } from '../../src/lib/entries/types/tool';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { listTools } from '../../src/lib/server/prepare/tools';
import { useDatabase } from './database';
import { keep, newTable } from './samples';

useDatabase();

let group: Db;
beforeEach(async () => {
	({ group } = await newTable());
});
const key = () => crypto.randomUUID();
const loom: ToolEntry = {
	type: 'tool',
	toolId: null,
	name: 'Hall loom',
	count: 1,
	tool: { sort: 'loom', pegs: 28, pitchMm: 25.4, pegToPegMm: 1828.8, hasRods: true }
};

describe('tools that are there', () => {
	it('are one each, however often they are sent, with their measures to the tenth', async () => {
		const sent = key();
		const saved = await Promise.all([1, 2, 3].map(() => keep(group, sent, loom)));
		expect(saved.map(({ outcome }) => outcome).sort()).toEqual(['duplicate', 'duplicate', 'kept']);
		expect(await listTools(group)).toEqual([
			{ id: sent, name: 'Hall loom', count: 1, tool: loom.tool }
		]);
	});

	it('have names of their own, until one is gone', async () => {
		const first = key();
		await keep(group, first, loom);
		expect(await keep(group, key(), { ...loom, name: ' hall LOOM ' })).toMatchObject({
			problems: { name: prepareWords.tools.thereIsAlreadyATool() }
		});
		await keep(group, key(), { ...loom, toolId: first, tool: null });
		expect(await listTools(group)).toEqual([]);
		expect((await keep(group, key(), loom)).outcome).toBe('kept');
		expect(await keep(group, key(), { ...loom, toolId: first, tool: null })).toMatchObject({
			problems: { name: 'That tool is not in the list any more.' }
		});
	});

	it('are measured again, looms before hooks before what is only counted', async () => {
		const id = key();
		await keep(group, key(), { ...loom, name: 'Crates', count: 6, tool: { sort: 'crate' } });
		await keep(group, key(), { ...loom, name: '8 mm', count: 3, tool: { sort: 'hook', mm: 8 } });
		await keep(group, id, loom);
		await keep(group, key(), {
			...loom,
			toolId: id,
			tool: { sort: 'loom', pegs: 30, pitchMm: 25, pegToPegMm: 1900, hasRods: false }
		});
		expect((await listTools(group)).map(({ name, count }) => [name, count])).toEqual([
			['Hall loom', 1],
			['8 mm', 3],
			['Crates', 6]
		]);
		expect((await listTools(group))[0]?.tool).toEqual({
			sort: 'loom',
			pegs: 30,
			pitchMm: 25,
			pegToPegMm: 1900,
			hasRods: false
		});
	});

	it('say at the field what no hall holds', async () => {
		const hall = { lengthSystem: 'cm' as const, timeZone: 'UTC' };
		const typed = {
			sort: 'loom',
			name: 'Long loom',
			pegs: '28',
			pitch: '25 mm',
			peg_to_peg: '40 m',
			rods: 'eyes'
		};
		expect(await saveEntry(group, { key: key(), type: 'tool', typed }, hall)).toMatchObject({
			outcome: 'refused',
			problems: { peg_to_peg: expect.stringContaining('longer than a hall') }
		});
		const pitch = { ...typed, peg_to_peg: '180 cm', pitch: '1 m', pegs: 'many' };
		expect(await saveEntry(group, { key: key(), type: 'tool', typed: pitch }, hall)).toMatchObject({
			problems: {
				pegs: expect.stringContaining('“many” is not a whole number'),
				pitch: expect.stringContaining('5 mm to 10 cm')
			}
		});
		expect(await listTools(group)).toEqual([]);
	});
});
