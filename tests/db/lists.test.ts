import { type Db, house } from '../../src/lib/server/db/db';
import { beforeEach, describe, expect, it } from 'vitest';
import type { ListName } from '../../src/lib/stages/gather/lists/columns';
import { listFields } from '../../src/lib/stages/gather/lists/columns';
import { readCsv, writeCsv } from '../../src/lib/stages/gather/lists/read-csv';
import { listDropOffs } from '../../src/lib/server/gather/drop-offs';
import { listBalances } from '../../src/lib/server/gather/ledger';
import {
	dropImport,
	findImport,
	layImport,
	matchImport,
	mendImport,
	rowsOfImport,
	settleImport
} from '../../src/lib/server/gather/list-imports';
import { takeListBack } from '../../src/lib/server/gather/list-taken-back';
import { rowsAfter } from '../../src/lib/server/gather/list-out';
import { listPlaces } from '../../src/lib/server/gather/places';
import { checkList, keepList as keepListOn } from '../../src/lib/server/gather/keep-list';
import { useDatabase } from './database';
import { movement, newGroup, newTable, keep } from './samples';

useDatabase();

let group: Db;
let kindId = '';
beforeEach(async () => {
	({ group, kindId } = await newTable());
});

const today = '2026-11-26';
const keepList = (of: Db, id: string, said?: (done: number, all: number) => void) =>
	keepListOn(of, id, today, said);

/** Lays a list on the table as the page does. */
async function lay(list: ListName, text: string): Promise<string> {
	const read = readCsv(text);
	if (read.problem !== undefined) throw new Error(read.problem);
	return (await layImport(group, list, 'a list.csv', read.list)).id;
}
const movements = (...amounts: number[]) =>
	['kind,colour,form,amount', ...amounts.map((n) => `Thin carrier,blue,bag,${n}`)].join('\n');
const blue = async () =>
	(await listBalances(group)).find(({ colour }) => colour === 'blue')?.amount ?? 0;
const ledger = async () =>
	(
		await house.one<{ sum: number }>(
			`select coalesce(sum(amount), 0) as sum from movement where group_id = $1 and holder = 'store'`,
			[group.groupId]
		)
	).sum;

describe('a list of drop-offs', () => {
	it('is kept whole, with its places made, and only once', async () => {
		const id = await lay(
			'drop-offs',
			'day,from,count,note\n2026-11-12,Ferry kiosk,120,dry\n2026-11-13,ferry KIOSK,80,\n2026-11-14,"Tide, House",5,'
		);
		expect(await keepList(group, id)).toEqual({ outcome: 'kept', count: 3 });
		expect(await keepList(group, id)).toEqual({ outcome: 'duplicate', count: 3 });
		const places = await listPlaces(group);
		expect(places.map(({ name, bags }) => [name, bags])).toEqual([
			['Ferry kiosk', 200],
			['Tide, House', 5]
		]);
		expect((await listDropOffs(group)).map(({ cameOn }) => cameOn)).toEqual([
			'2026-11-14',
			'2026-11-13',
			'2026-11-12'
		]);
	});

	it('with one bad row is kept not at all, and says which', async () => {
		const id = await lay('drop-offs', 'date,place,bags\n2026-11-12,Ferry kiosk,120\nsoon,Ferry,9');
		expect(await keepList(group, id)).toEqual({
			outcome: 'refused',
			problems: ['Row 3, date: Type the day like 20 Dec 2026.']
		});
		expect(await listDropOffs(group)).toEqual([]);
		expect(await listPlaces(group)).toEqual([]);
		expect((await findImport(group, id))?.keptAt).toBeNull();
	});

	it('says what is lacking until its columns are named', async () => {
		const id = await lay('drop-offs', 'a,b,c\n2026-11-12,Ferry kiosk,120');
		const rows = await rowsOfImport(group, id);
		const before = await checkList(
			group,
			{
				list: 'drop-offs',
				matching: ['', '', ''],
				dayOrder: null,
				knownRows: 'ask',
				sameKeptAt: null
			},
			rows,
			today
		);
		expect(before.columnProblems).toHaveLength(3);
		await matchImport(group, id, ['came_on', 'place', 'bags']);
		expect((await keepList(group, id)).outcome).toBe('kept');
	});

	it('comes out as it went in', async () => {
		const rows = [
			['2026-11-12', 'Ferry kiosk', 120, 114, 127, 2, 'Tilde', 'wet, and "torn"'],
			['2026-11-13', 'Tide House', 9, 9, 9, 0, null, null]
		];
		const heads = listFields['drop-offs'].map(({ head }) => head);
		await keepList(group, await lay('drop-offs', writeCsv([heads, ...rows])));
		const out = await rowsAfter(group, 'drop-offs', 0, 10);
		expect(out.map(({ cells }) => cells)).toEqual(rows);
		expect(await rowsAfter(group, 'drop-offs', out.at(-1)?.id ?? 0, 10)).toEqual([]);
	});
});

describe('a list of movements', () => {
	it('moves the balance with the ledger', async () => {
		const id = await lay('movements', movements(40, -15, 3));
		expect(await keepList(group, id)).toEqual({ outcome: 'kept', count: 3 });
		expect([await blue(), await ledger()]).toEqual([28, 28]);
	});

	it('never takes the store below zero, not even in between', async () => {
		expect(await keepList(group, await lay('movements', movements(5, -6, 9)))).toEqual({
			outcome: 'refused',
			problems: ['Row 3, amount: There are only 5 of that in store at this row.']
		});
		expect([await blue(), await ledger()]).toEqual([0, 0]);
	});

	it('draws on what is in the store already', async () => {
		await keepList(group, await lay('movements', movements(10)));
		expect((await keepList(group, await lay('movements', movements(-10)))).outcome).toBe('kept');
		expect((await keepList(group, await lay('movements', movements(-1)))).outcome).toBe('refused');
		expect(await blue()).toBe(0);
	});

	it('sent by two at once counts once', async () => {
		const id = await lay('movements', movements(...Array.from({ length: 400 }, () => 2)));
		const outcomes = await Promise.all([1, 2, 3].map(() => keepList(group, id)));
		expect(outcomes.map(({ outcome }) => outcome).sort()).toEqual([
			'duplicate',
			'duplicate',
			'kept'
		]);
		expect([await blue(), await ledger()]).toEqual([800, 800]);
	});

	it('and entries that come meanwhile all count', async () => {
		const ids = await Promise.all([1, 2].map((n) => lay('movements', movements(100, -n, n))));
		await Promise.all([
			...ids.map((id) => keepList(group, id)),
			...Array.from({ length: 20 }, () => keep(group, crypto.randomUUID(), { ...movement, kindId }))
		]);
		expect([await blue(), await ledger()]).toEqual([260, 260]);
	});

	it('says how far it is, in steps, up to all of it', async () => {
		const said: [number, number][] = [];
		const id = await lay('movements', movements(...Array.from({ length: 4500 }, () => 1)));
		await keepList(group, id, (done, all) => said.push([done, all]));
		expect(said).toEqual([
			[2000, 4500],
			[4000, 4500],
			[4500, 4500]
		]);
		expect(await blue()).toBe(4500);
	});

	it('comes out as it went in, corrections as ordinary movements', async () => {
		const heads = listFields.movements.map(({ head }) => head);
		const rows = [
			['2026-11-12T09:30:00Z', 'Thin carrier', 'blue', 'bag', 12, 'sorted', 'Odo', null],
			['2026-11-12T10:00:00Z', 'Thin carrier', 'mixed', 'scrap', 12.5, 'cut', null, 'trimmings']
		];
		await keepList(group, await lay('movements', writeCsv([heads, ...rows])));
		const out = await rowsAfter(group, 'movements', 0, 10);
		expect(out.map(({ cells }) => cells)).toEqual(rows);
	});

	it('that was kept before under another name is noticed', async () => {
		const first = await lay('movements', movements(7));
		await keepList(group, first);
		const second = await lay('movements', movements(7));
		const keptAt = (await findImport(group, first))?.keptAt ?? null;
		expect((await findImport(group, second))?.sameKeptAt).toEqual(keptAt);
		expect((await findImport(group, await lay('movements', movements(8))))?.sameKeptAt).toBeNull();
	});

	it('that nobody kept for a month is cleared away when the next one comes', async () => {
		const [old, kept] = [
			await lay('movements', movements(7)),
			await lay('movements', movements(8))
		];
		await keepList(group, kept);
		await house.execute(
			`update list_import set created_at = now() - interval '31 days' where group_id = $1`,
			[group.groupId]
		);
		const next = await lay('movements', movements(9));
		expect(await findImport(group, old)).toBeNull();
		expect((await findImport(group, kept))?.rowCount).toBe(1);
		expect((await findImport(group, next))?.keptAt).toBeNull();
	});

	it('of another group is not to be had', async () => {
		const id = await lay('movements', movements(7));
		const other = await newGroup();
		expect(await findImport(other, id)).toBeNull();
		expect(await keepList(other, id)).toEqual({ outcome: 'gone' });
		expect(await dropImport(other, id)).toBe(0);
		expect(await dropImport(group, id)).toBe(1);
		expect(await keepList(group, id)).toEqual({ outcome: 'gone' });
	});

	it('brought in twice asks about the rows that are there, and counts them once where it is told to', async () => {
		const text =
			'date,place,bags\n2026-11-12,Ferry kiosk,120\n2026-11-12,Ferry kiosk,120\n2026-11-13,Bus depot,8';
		await keepList(group, await lay('drop-offs', text));
		// Three of its rows are known, whatever else stands in it; two alike need two alike there.
		const again = await lay(
			'drop-offs',
			`${text}\n2026-11-12,Ferry kiosk,120\n2026-11-14,Ferry kiosk,9`
		);
		expect(await keepList(group, again)).toMatchObject({
			outcome: 'refused',
			problems: [expect.stringContaining('3 of the rows are already here') as string]
		});
		await settleImport(group, again, { dayOrder: null, known: 'skip', oddRight: null });
		expect(await keepList(group, again)).toEqual({ outcome: 'kept', count: 2 });
		const bags = (await listPlaces(group)).reduce((sum, place) => sum + place.bags, 0);
		expect(bags).toBe(120 + 120 + 8 + 120 + 9);
		// The very same once more, and wished for.
		const third = await lay('drop-offs', text);
		expect((await keepList(group, third)).outcome).toBe('refused');
		await settleImport(group, third, { dayOrder: null, known: 'again', oddRight: null });
		expect(await keepList(group, third)).toEqual({ outcome: 'kept', count: 3 });
	});

	it('of dated movements is known by line, amount and moment', async () => {
		const text = 'when,kind,colour,form,amount\n2026-11-12T09:30:00Z,Thin carrier,blue,bag,12';
		await keepList(group, await lay('movements', text));
		const other = await lay('movements', `${text}\n2026-11-12T09:31:00Z,Thin carrier,blue,bag,12`);
		expect((await keepList(group, other)).outcome).toBe('refused');
		await settleImport(group, other, { dayOrder: null, known: 'skip', oddRight: null });
		expect(await keepList(group, other)).toEqual({ outcome: 'kept', count: 1 });
		expect(await blue()).toBe(24);
	});

	it('is taken back whole in one act, unless some of it has gone out since', async () => {
		const came = await lay(
			'drop-offs',
			'date,place,bags\n2026-11-12,Ferry kiosk,120\n2026-11-20,Ferry kiosk,30'
		);
		await keepList(group, came);
		expect((await takeListBack(group, came, 'twice', 'Odo')).outcome).toBe('kept');
		expect((await takeListBack(group, came, 'twice', 'Odo')).outcome).toBe('duplicate');
		expect(await listPlaces(group)).toMatchObject([{ bags: 0, dropOffs: 0, lastCame: null }]);

		const moved = await lay('movements', movements(40, -15, 3));
		await keepList(group, moved);
		const out = await lay('movements', movements(-20));
		await keepList(group, out);
		expect(await takeListBack(group, moved, 'wrong', null)).toMatchObject({ outcome: 'refused' });
		expect(await blue()).toBe(8);
		await takeListBack(group, out, 'wrong', null);
		expect((await takeListBack(group, moved, 'wrong', null)).outcome).toBe('kept');
		expect([await blue(), await ledger()]).toEqual([0, 0]);
		expect(await takeListBack(await newGroup(), moved, 'x', null)).toMatchObject({
			outcome: 'refused'
		});
	});

	it('with the same heads is matched as the last one was, its days the same way round', async () => {
		const first = await lay('drop-offs', 'a,b,c\n3/11/2026,Ferry kiosk,120');
		await matchImport(group, first, ['came_on', 'place', 'bags']);
		await settleImport(group, first, { dayOrder: 'dmy', known: null, oddRight: null });
		await keepList(group, first);
		const next = await lay('drop-offs', 'A, b ,C\n4/11/2026,Ferry kiosk,7');
		expect(await keepList(group, next)).toEqual({ outcome: 'kept', count: 1 });
		expect((await listDropOffs(group)).map(({ cameOn }) => cameOn)).toEqual([
			'2026-11-04',
			'2026-11-03'
		]);
	});

	it('with odd counts asks about each, beside what its place brought and brings', async () => {
		await keepList(
			group,
			await lay(
				'drop-offs',
				'date,place,bags\n2026-11-12,Ferry kiosk,120\n2026-11-13,Ferry kiosk,90'
			)
		);
		// The place is known by its name, however it is written; of a new place, the other rows tell.
		const id = await lay(
			'drop-offs',
			'date,place,bags\n2026-11-14,ferry KIOSK ,1200\n2026-11-14,Bus depot,30\n2026-11-15,Bus depot,40\n2026-11-16,Bus depot,3500'
		);
		const asked = await keepList(group, id);
		expect(asked).toEqual({
			outcome: 'refused',
			problems: [
				'Row 2, bags: 1,200 bags? This source usually brings about 105. Check the digits.',
				'Row 5, bags: 3,500 bags? This source usually brings about 35. Check the digits.'
			]
		});
		const settled = { dayOrder: null, known: null, oddRight: true };
		expect(await settleImport(await newGroup(), id, settled)).toBe(0);
		await settleImport(group, id, settled);
		// What was said held for the counts as they stood.
		await mendImport(group, id, 3, 2, '3600');
		expect(await keepList(group, id)).toMatchObject({ outcome: 'refused' });
		await mendImport(group, id, 3, 2, '36');
		await settleImport(group, id, settled);
		expect(await keepList(group, id)).toEqual({ outcome: 'kept', count: 4 });

		const moved = await lay('movements', movements(20_001, -5));
		expect(await keepList(group, moved)).toMatchObject({
			problems: [expect.stringContaining('more than a table moves in a day') as string]
		});
		await settleImport(group, moved, settled);
		expect(await keepList(group, moved)).toEqual({ outcome: 'kept', count: 2 });
	});

	it('has a wrong cell put right where it stands', async () => {
		const id = await lay('drop-offs', 'date,place,bags\n2026-11-12,Ferry kiosk,many');
		expect((await keepList(group, id)).outcome).toBe('refused');
		expect(await mendImport(group, id, 0, 2, '12')).toBe(1);
		for (const [row, column] of [
			[9, 0],
			[0, 9]
		] as const)
			expect(await mendImport(group, id, row, column, 'x')).toBe(0);
		expect(await mendImport(await newGroup(), id, 0, 2, '13')).toBe(0);
		expect(await keepList(group, id)).toEqual({ outcome: 'kept', count: 1 });
		expect((await listPlaces(group))[0]?.bags).toBe(12);
	});

	it('kept ten at once holds up no entry', async () => {
		const ids = await Promise.all(
			Array.from({ length: 10 }, (_, at) =>
				lay('movements', movements(...Array.from({ length: 1500 }, () => at + 1)))
			)
		);
		const lists = ids.map((id) => keepList(group, id));
		await new Promise((resolve) => setTimeout(resolve, 50));
		const other = await newTable();
		const saved = await keep(other.group, crypto.randomUUID(), {
			...movement,
			kindId: other.kindId
		});
		expect(saved.outcome).toBe('kept');
		const outcomes = await Promise.all(lists);
		expect(outcomes.every(({ outcome }) => outcome === 'kept')).toBe(true);
		expect(await blue()).toBe(1500 * 55);
	});
});
