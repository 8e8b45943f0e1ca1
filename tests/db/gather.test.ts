import { type Db, house } from '../../src/lib/server/db/db';
import fc from 'fast-check';
import { beforeEach, describe, expect, it } from 'vitest';
import { colourNames } from '../../src/lib/core/colour/colours';
import { listDropOffs } from '../../src/lib/server/gather/drop-offs';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { listBalances, listMovements } from '../../src/lib/server/gather/ledger';
import { listPlaces } from '../../src/lib/server/gather/places';
import type { MovementEntry } from '../../src/lib/entries/types/movement';
import { useDatabase } from './database';
import { dropOff, newGroup, newTable, sorting, keep } from './samples';

useDatabase();

let kindId = '';
// The ledger cannot be emptied, so every test has a group of its own.
let group: Db;
beforeEach(async () => {
	({ group, kindId } = await newTable());
});

const key = () => crypto.randomUUID();
const move = (amount: number, more: Partial<MovementEntry> = {}): MovementEntry => ({
	type: 'movement',
	kindId,
	colour: 'blue',
	form: 'bag',
	amount,
	reason: 'counted',
	note: null,
	byName: null,
	isSure: false,
	...more
});
const blueBags = async (): Promise<number> =>
	(await listBalances(group)).find((line) => line.colour === 'blue' && line.form === 'bag')
		?.amount ?? 0;
const ledgerSum = async (): Promise<number> =>
	(
		await house.one<{ sum: number }>(
			`select coalesce(sum(m.amount), 0) as sum from movement m
			 join line l on l.group_id = m.group_id and l.id = m.line_id
			 where m.group_id = $1 and m.holder = 'store' and l.colour = 'blue' and l.form = 'bag'`,
			[group.groupId]
		)
	).sum;

describe('the ledger', () => {
	it('counts an entry once, however often it is sent', async () => {
		const sent = key();
		const first = await keep(group, sent, move(50));
		const again = await keep(group, sent, move(50));
		expect([first.outcome, again.outcome]).toEqual(['kept', 'duplicate']);
		expect(await blueBags()).toBe(50);
	});

	it('never goes below nothing, and says so', async () => {
		await keep(group, key(), move(30));
		const refused = await keep(group, key(), move(-31));
		expect(refused.outcome).toBe('refused');
		expect(await blueBags()).toBe(30);
		expect((await keep(group, key(), move(-30))).outcome).toBe('kept');
		expect(await blueBags()).toBe(0);
	});

	it('keeps both of two who write at once, and lets only one take the last', async () => {
		await Promise.all(Array.from({ length: 20 }, () => keep(group, key(), move(5))));
		expect(await blueBags()).toBe(100);
		const taken = await Promise.all(Array.from({ length: 8 }, () => keep(group, key(), move(-30))));
		expect(taken.filter(({ outcome }) => outcome === 'kept')).toHaveLength(3);
		expect(await blueBags()).toBe(10);
	});

	it('keeps everything where many begin the same lines at the same moment', async () => {
		for (let round = 0; round < 12; round++) {
			const lines = colourNames.flatMap((colour) =>
				(['bag', 'ball'] as const).map((form) => ({ colour, form }))
			);
			({ group, kindId } = await newTable());
			const saved = await Promise.all(
				lines.flatMap((line) => [4, 7, -1].map((amount) => keep(group, key(), move(amount, line))))
			);
			const kept = saved.filter(({ outcome }) => outcome === 'kept').length;
			// Going out, before anything came in, is refused; all else counts.
			expect(kept).toBeGreaterThanOrEqual(2 * lines.length);
			const { wrong } = await house.one<{ wrong: number }>(
				`select count(*) as wrong from balance b
				 join (select line_id, holder, sum(amount) as amount, sum(film_mg) as film_mg,
						count(*) as movements
					from movement where group_id = $1 and holder = 'store' group by line_id, holder) m
				 using (line_id, holder)
				 where b.group_id = $1 and (b.amount, b.film_mg, b.movements)
					is distinct from (m.amount, m.film_mg, m.movements)`,
				[group.groupId]
			);
			expect(wrong).toBe(0);
			expect(await listBalances(group)).toHaveLength(lines.length);
		}
	});

	it('has balances that equal it after any run of movements', async () => {
		await fc.assert(
			fc.asyncProperty(
				fc.array(fc.integer({ min: -40, max: 60 }), { minLength: 1, maxLength: 12 }),
				async (amounts) => {
					for (const amount of amounts) if (amount !== 0) await keep(group, key(), move(amount));
					const balance = await blueBags();
					expect(balance).toBe(await ledgerSum());
					expect(balance).toBeGreaterThanOrEqual(0);
				}
			),
			{ numRuns: 12 }
		);
	});

	it('takes a movement back by its opposite, once, with the reason', async () => {
		const wrong = await keep(group, key(), move(500));
		if (wrong.outcome !== 'kept') throw new Error('the movement was not kept');
		const entry = {
			type: 'correction',
			of: 'entry',
			corrects: Number(wrong.id),
			note: 'typed ten times',
			byName: null
		} as const;
		expect((await keep(group, key(), entry)).outcome).toBe('kept');
		expect((await keep(group, key(), entry)).outcome).toBe('refused');
		expect(await blueBags()).toBe(0);
		const [correction, first] = await listMovements(group, {
			kindId,
			colour: 'blue',
			form: 'bag'
		});
		expect([correction?.amount, correction?.note]).toEqual([-500, 'typed ten times']);
		expect(first?.takenBackBy).toBe(correction?.id);
		const self = { ...entry, corrects: correction?.id ?? 0 };
		expect((await keep(group, key(), self)).outcome).toBe('refused');
	});

	it('cannot be changed or thinned by anyone', async () => {
		await keep(group, key(), move(7));
		await expect(
			house.execute('update movement set amount = 9 where group_id = $1', [group.groupId])
		).rejects.toThrow(/never changed/);
		await expect(
			house.execute('delete from movement where group_id = $1', [group.groupId])
		).rejects.toThrow(/never changed/);
	});

	it('refuses a kind of bag that is not there', async () => {
		const saved = await keep(group, key(), move(5, { kindId: crypto.randomUUID() }));
		expect(saved.outcome).toBe('refused');
	});

	it('goes with its group when that is deleted, and not otherwise', async () => {
		await keep(group, key(), dropOff);
		await keep(group, key(), { ...sorting, kindId });
		await expect(
			house.execute('delete from bag_kind where group_id = $1', [group.groupId])
		).rejects.toThrow(/never changed|foreign key/);
		expect(await house.execute('delete from volunteer_group where id = $1', [group.groupId])).toBe(
			1
		);
		expect(await listBalances(group)).toEqual([]);
	});

	it('of one group is not seen by another', async () => {
		const other = await newGroup();
		await keep(group, key(), move(11));
		expect(await listBalances(other)).toEqual([]);
		expect(await listKinds(other)).toHaveLength(3);
	});
});

describe('what comes in', () => {
	it('names its place once, however it is spelled, and counts once', async () => {
		const sent = key();
		await keep(group, sent, dropOff);
		await keep(group, sent, dropOff);
		await keep(group, key(), {
			...dropOff,
			place: 'ferry KIOSK',
			bags: 20,
			bagsLow: 20,
			bagsHigh: 20
		});
		expect(await listDropOffs(group)).toHaveLength(2);
		const places = await listPlaces(group);
		expect(places.map(({ name, bags }) => [name, bags])).toEqual([['Ferry kiosk', 200]]);
	});

	it('goes into the store when it is sorted, all of it or nothing', async () => {
		const sent = key();
		const entry = { ...sorting, kindId };
		expect((await keep(group, sent, entry)).outcome).toBe('kept');
		expect((await keep(group, sent, entry)).outcome).toBe('duplicate');
		const lines = (await listBalances(group)).map(({ form, amount }) => [form, amount]);
		expect(lines).toEqual([
			['bag', 140],
			['stuffing', 12]
		]);
		const refused = await keep(group, key(), {
			...entry,
			kindId: crypto.randomUUID()
		});
		expect(refused.outcome).toBe('refused');
		expect((await listPlaces(group))[0]).toMatchObject({ sorted: 172, rejected: 32 });
	});
});
