import * as commonWords from '../../src/lib/words/common';
import { type Db } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { notTheirs } from '../../src/lib/server/entries/not-theirs';
import { listDropOffs } from '../../src/lib/server/gather/drop-offs';
import { editOf } from '../../src/lib/server/gather/give-back';
import { listBalances } from '../../src/lib/server/gather/ledger';
import { listSorted } from '../../src/lib/server/gather/sortings';
import { useDatabase } from './database';
import { dropOff, keep, newTable } from './samples';

useDatabase();
const key = () => crypto.randomUUID();
const context = { lengthSystem: 'cm' as const, timeZone: 'UTC' };
const now = new Date('2026-11-28T12:00:00Z');
const send = (group: Db, type: string, typed: Record<string, string>, of = key(), at = now) =>
	saveEntry(group, { key: of, type, typed, at: at.toISOString() }, context, at);
const came = { place: 'Ferry kiosk', came_on: '2026-11-20', method: 'hand', bags: '40' };
const sort = (kind: string, strand: string) => ({
	place: 'Ferry kiosk',
	kind,
	colour: 'blue',
	strand,
	stuffing: '0',
	drying: '0',
	rejected: '0',
	look_again: '2',
	dried: '',
	sure: 'yes'
});
const inStore = async (group: Db) =>
	(await listBalances(group)).map(({ form, amount }) => [form, amount]);

describe('a line that is edited', () => {
	it('stands in the place of what it was, with no reason asked, and counts once however often it is sent', async () => {
		const { group } = await newTable();
		await send(group, 'drop-off', came);
		const [line] = await listDropOffs(group);
		const edits = await editOf(group, 'drop-off', line?.id ?? 0);
		expect(edits?.typed).toMatchObject({ ...came, replaces: `drop-off:${line?.id}` });
		const typed = { ...edits?.typed, bags: '44' };
		const of = key();
		expect((await send(group, 'drop-off', typed, of)).outcome).toBe('kept');
		expect((await send(group, 'drop-off', typed, of)).outcome).toBe('duplicate');
		expect(await listDropOffs(group)).toMatchObject([{ bags: 44, takenBack: null }]);
	});

	it('is of the moment it was first typed, and moves the store by the difference', async () => {
		const { group, kindId } = await newTable();
		const first = new Date('2026-11-21T18:00:00Z');
		await send(group, 'sorting', sort(kindId, '30'), key(), first);
		const [line] = await listSorted(group);
		const typed = { ...sort(kindId, '25'), replaces: `sorting:${line?.id}` };
		expect((await send(group, 'sorting', typed)).outcome).toBe('kept');
		expect(await inStore(group)).toContainEqual(['bag', 25]);
		expect(await listSorted(group)).toMatchObject([{ strand: 25, sortedAt: first }]);
	});

	it('can be edited where later entries rest on it, as far as the store has it', async () => {
		const { group, kindId } = await newTable();
		await send(group, 'sorting', sort(kindId, '30'));
		const bags = { kind: kindId, colour: 'blue', bags: '20' };
		expect((await send(group, 'flatten', bags)).outcome).toBe('kept');
		const [line] = await listSorted(group);
		const edit = (strand: string) =>
			send(group, 'sorting', { ...sort(kindId, strand), replaces: `sorting:${line?.id}` });
		expect(await edit('15')).toMatchObject({
			outcome: 'refused',
			problems: { entry: expect.stringContaining('flat') as string }
		});
		expect(await inStore(group)).toContainEqual(['bag', 10]);
		expect((await edit('22')).outcome).toBe('kept');
		expect(await inStore(group)).toContainEqual(['bag', 2]);
	});

	it('stays as it was where what was typed anew is wrong, or is of another sort', async () => {
		const { group } = await newTable();
		await send(group, 'drop-off', came);
		const [line] = await listDropOffs(group);
		const replaces = `drop-off:${line?.id}`;
		expect(await send(group, 'drop-off', { ...came, bags: 'many', replaces })).toMatchObject({
			problems: { bags: expect.any(String) as string }
		});
		expect(await send(group, 'note', { mat: '22222', text: 'x', replaces })).toMatchObject({
			problems: { entry: expect.any(String) as string }
		});
		for (const wrong of ['drop-off:999', 'key:1', 'nothing'])
			expect(
				(await send(group, 'drop-off', { ...came, bags: '41', replaces: wrong })).outcome
			).toBe('refused');
		expect(await listDropOffs(group)).toMatchObject([{ bags: 40, takenBack: null }]);
	});
});

describe('a correction', () => {
	it('is taken without a reason', async () => {
		const { group } = await newTable();
		await keep(group, key(), dropOff);
		const [line] = await listDropOffs(group);
		const typed = { of: 'drop-off', corrects: String(line?.id), note: '' };
		expect((await send(group, 'correction', typed)).outcome).toBe('kept');
		expect((await listDropOffs(group))[0]?.takenBack).toBe(commonWords.correction.undone());
	});

	it('is of what it says: a helper takes drop-off 1 back, and not entry 1 that a coordinator typed', async () => {
		const { group } = await newTable();
		await send(group, 'drop-off', came);
		const [line] = await listDropOffs(group);
		const named = (of: string, corrects: string) =>
			notTheirs('helper', group, { type: 'correction', typed: { of, corrects } });
		expect(await named('drop-off', String(line?.id))).toBeNull();
		// Some number that is an entry's, and no drop-off's.
		expect(await named('drop-off', '987654')).toMatchObject({ outcome: 'refused' });
		const noted = await send(group, 'week-note', { words: 'Bring bags.' });
		const id = noted.outcome === 'kept' ? String(noted.id) : '';
		expect(await named('entry', id)).toMatchObject({ outcome: 'refused' });
	});
});
