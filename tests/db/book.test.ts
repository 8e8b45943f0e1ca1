import * as commonWords from '../../src/lib/words/common';
import { type Db, house } from '../../src/lib/server/db/db';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { colourNames } from '../../src/lib/core/colour/colours';
import { codeOf, readCode } from '../../src/lib/core/code/code';
import { reserveCodes } from '../../src/lib/server/book/codes';
import { forgetPerson } from '../../src/lib/server/book/forget-person';
import { listPeople } from '../../src/lib/server/people/people';
import {
	linkDays,
	listLinks,
	makeLink,
	openLink,
	revokeLink
} from '../../src/lib/server/book/links';
import { bindThing, findThing, happenTo } from '../../src/lib/server/book/things';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { listBalances, listMovements } from '../../src/lib/server/gather/ledger';
import { layImport, rowsOfImport } from '../../src/lib/server/gather/list-imports';
import {
	addReceivingPlace,
	endReceiving,
	listPlaces,
	listReceivingPlaces
} from '../../src/lib/server/gather/places';
import { listMakers, practiceOfGroup } from '../../src/lib/server/measures/practice';
import { deletePlan, insertPlan, renamePlan } from '../../src/lib/server/plan/plans';
import { findPlanVersion } from '../../src/lib/server/plan/plan-versions';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import { barePoint, barePractice } from '../../src/lib/core/practice/practice';
import { matDemand } from '../../src/lib/core/store/mat-demand';
import { loadAsks } from '../../src/lib/server/asks/load-asks';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { wantMats } from '../../src/lib/server/gather/wanted';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { rowsOf } from '../../src/lib/server/out/everything';
import { useDatabase } from './database';
import {
	dropOff,
	keep,
	measurement,
	movement,
	newGroup,
	newTable,
	sorting,
	timed
} from './samples';

useDatabase();

const key = () => crypto.randomUUID();
const back = (group: Db, corrects: number, under = key()) =>
	keep(group, under, { type: 'correction', of: 'entry', corrects, note: 'a slip', byName: null });

/** What is wrong with the books of a group: nothing, if all is well. */
const wrongIn = (group: Db) =>
	house.one<{ entries: number; film: number; balances: number; below: number }>(
		`select
			(select count(*) from (select 1 from movement where group_id = $1
				group by entry_id having sum(film_mg) <> 0) e) as entries,
			(select coalesce(sum(film_mg), 0) from movement where group_id = $1) as film,
			(select count(*) from
				(select line_id, holder, thing_id, sum(amount) as amount, sum(film_mg) as film_mg, count(*) as movements
					from movement where group_id = $1 and holder in ('store', 'mat') group by line_id, holder, thing_id) m
				full join (select * from balance where group_id = $1) b
					on b.line_id = m.line_id and b.holder = m.holder and b.thing_id is not distinct from m.thing_id
				where (m.amount, m.film_mg, m.movements) is distinct from (b.amount, b.film_mg, b.movements)
			) as balances,
			(select count(*) from balance where group_id = $1 and holder = 'store' and amount < 0) as below`,
		[group.groupId]
	);
const allWell = { entries: 0, film: 0, balances: 0, below: 0 };

const held = async (group: Db) =>
	new Map((await listBalances(group)).map((line) => [`${line.colour} ${line.form}`, line.amount]));

describe('the book', () => {
	it('after any history, from two devices, out of order and sent again, has balances that are its sums, film that is nothing, and counts nothing twice', async () => {
		const act = fc.oneof(
			fc.record({
				do: fc.constant('move' as const),
				amount: fc.integer({ min: -25, max: 40 }).filter((amount) => amount !== 0),
				colour: fc.constantFrom(...colourNames.slice(0, 2)),
				form: fc.constantFrom('bag', 'ball', 'scrap' as const),
				reason: fc.constantFrom('counted', 'cut', 'given')
			}),
			fc.record({
				do: fc.constant('sort' as const),
				strand: fc.integer({ min: 0, max: 30 }),
				stuffing: fc.integer({ min: 1, max: 9 })
			}),
			fc.record({ do: fc.constant('back' as const), which: fc.nat(30) })
		);
		await fc.assert(
			fc.asyncProperty(
				fc.array(fc.tuple(act, fc.boolean()), { minLength: 3, maxLength: 14 }),
				async (history) => {
					const { group, kindId } = await newTable();
					/** What should stand, reckoned beside the book. */
					const standing = new Map<number, Map<string, number>>();
					const kept: number[] = [];
					for (const [one, isResent] of history) {
						const sent = key();
						const send = () =>
							one.do === 'move'
								? keep(group, sent, {
										...movement,
										kindId,
										amount: one.amount,
										colour: one.colour,
										form: one.form as 'bag',
										reason: one.reason as 'cut',
										isSure: true
									})
								: one.do === 'sort'
									? keep(group, sent, {
											...sorting,
											kindId,
											colour: 'white',
											strand: one.strand,
											stuffing: one.stuffing,
											drying: 0,
											rejected: 0,
											lookAgainHours: null,
											isSure: true
										})
									: back(group, kept[one.which % Math.max(1, kept.length)] ?? 0, sent);
						// Two devices that send the same at once, and once more after that.
						const answers = isResent
							? [...(await Promise.all([send(), send()])), await send()]
							: [await send()];
						const first = answers.filter(({ outcome }) => outcome === 'kept');
						expect(first.length).toBeLessThanOrEqual(1);
						if (first.length === 0) continue;
						expect(answers.every(({ outcome }) => outcome !== 'refused')).toBe(true);
						const { id } = await oneEntry(group, sent);
						if (one.do === 'back') standing.delete(kept[one.which % kept.length] ?? 0);
						else {
							kept.push(id);
							standing.set(
								id,
								one.do === 'move'
									? new Map([[`${one.colour} ${one.form}`, one.amount]])
									: new Map([
											['white bag', one.strand],
											['white stuffing', one.stuffing]
										])
							);
						}
					}
					const wanted = new Map<string, number>();
					for (const lines of standing.values())
						for (const [line, amount] of lines) wanted.set(line, (wanted.get(line) ?? 0) + amount);
					for (const [line, amount] of wanted) if (amount === 0) wanted.delete(line);
					expect(await held(group)).toEqual(wanted);
					expect(await wrongIn(group)).toEqual(allWell);
				}
			),
			{ numRuns: 12 }
		);
	});

	const oneEntry = (group: Db, sent: string) =>
		house.one<{ id: number }>('select id from entry where group_id = $1 and key = $2', [
			group.groupId,
			sent
		]);

	it('freezes film at the act: a kind measured anew changes nothing that was booked', async () => {
		const { group, kindId } = await newTable();
		const saved = await keep(group, key(), { ...movement, kindId, amount: 10 });
		await house.execute('update bag_kind set mass_g = 20 where group_id = $1 and id = $2', [
			group.groupId,
			kindId
		]);
		const film = () =>
			house.one<{ film: number }>(
				`select film_mg as film from balance where group_id = $1 and holder = 'store'`,
				[group.groupId]
			);
		expect(await film()).toEqual({ film: 52_000 });
		await keep(group, key(), { ...movement, kindId, amount: 1 });
		expect(await film()).toEqual({ film: 72_000 });
		if (saved.outcome === 'kept') await back(group, Number(saved.id));
		expect(await film()).toEqual({ film: 20_000 });
		expect(await wrongIn(group)).toEqual(allWell);
	});

	it('refuses an entry that makes film of nothing', async () => {
		const { group, kindId } = await newTable();
		const saved = await keep(group, key(), { ...movement, kindId });
		const put = house.execute(
			`insert into movement (group_id, entry_id, part, line_id, holder, amount, film_mg)
			 select group_id, id, 9, (select id from line where group_id = $1 limit 1), 'store', 1, 5
			 from entry where group_id = $1 and id = $2`,
			[group.groupId, saved.outcome === 'kept' ? saved.id : 0]
		);
		await expect(put).rejects.toThrow('makes or loses film');
		await expect(
			house.execute(
				`insert into entry (group_id, key, digest, type, typed_at) values (gen_random_uuid(), gen_random_uuid(), '', 'x', now())`,
				[]
			)
		).rejects.toThrow('of no group');
		await expect(
			house.execute(
				`insert into entry (group_id, key, digest, type, typed_at, person_id)
				 values ($1, gen_random_uuid(), '', 'x', now(), gen_random_uuid())`,
				[group.groupId]
			)
		).rejects.toThrow('by nobody');
		const line = '(select id from line where group_id = $1 limit 1)';
		const entry = '(select id from entry where group_id = $1 limit 1)';
		for (const [values, words] of [
			[`999999, 1, ${line}, 'store', null`, 'no entry, or no line'],
			[`${entry}, 9, 999999, 'store', null`, 'no entry, or no line'],
			[`${entry}, 9, ${line}, 'mat', 999999`, 'no mat']
		])
			await expect(
				house.execute(
					`insert into movement (group_id, entry_id, part, line_id, holder, thing_id, amount, film_mg)
					 values ($1, ${values}, 1, 0)`,
					[group.groupId]
				)
			).rejects.toThrow(words);
	});

	it('says which entries rest on one that cannot be taken back, and takes it back after them', async () => {
		const { group, kindId } = await newTable();
		const at = new Date('2026-11-12T18:00:00Z');
		const take = async (amount: number, reason: 'counted' | 'cut' | 'given') => {
			const saved = await keep(group, key(), { ...movement, kindId, amount, reason }, at);
			return Number(saved.outcome === 'kept' && saved.id);
		};
		const [first, cut, given] = [
			await take(50, 'counted'),
			await take(-20, 'cut'),
			await take(-15, 'given')
		];
		expect(await back(group, first)).toEqual({
			outcome: 'refused',
			problems: {
				corrects:
					'Some of it has already left the store: 15 blue bags (given, 2026-11-12) · 20 blue bags (cut, 2026-11-12). Undo those first, newest first.'
			}
		});
		for (const id of [given, cut, first]) expect((await back(group, id)).outcome).toBe('kept');
		expect(await held(group)).toEqual(new Map());
		const lines = await listMovements(group, { kindId, colour: 'blue', form: 'bag' });
		expect(lines.map(({ amount, reason }) => [amount, reason])).toEqual([
			[-50, 'correction'],
			[20, 'correction'],
			[15, 'correction'],
			[-15, 'given'],
			[-20, 'cut'],
			[50, 'counted']
		]);
		expect((await back(group, first)).outcome).toBe('refused');
	});

	it('takes a measure back with its entry', async () => {
		const group = await newGroup();
		const kept = await insertPlan(group, writeOf('Mine', startingPlan, key(), barePractice));
		if (kept.outcome !== 'kept') throw new Error('not kept');
		const sent = key();
		await keep(group, sent, { ...measurement, planId: kept.plan.id });
		await keep(group, key(), timed);
		const before = (await practiceOfGroup(group)).factors;
		expect(before.pieceLength.median).not.toBe(barePractice.factors.pieceLength.median);
		for (const { id } of await house.many<{ id: number }>(
			'select id from entry where group_id = $1 order by id',
			[group.groupId]
		))
			expect((await back(group, id)).outcome).toBe('kept');
		expect((await practiceOfGroup(group)).factors).toEqual(barePractice.factors);
	});

	it('keeps what was typed, on which device and when, and no name beside the person', async () => {
		const { group, kindId } = await newTable();
		const typed = {
			kind: kindId,
			colour: 'blue',
			form: 'bag',
			direction: 'in',
			amount: '12',
			reason: 'counted',
			by_name: 'Wren',
			note: ''
		};
		const device = key();
		const now = new Date('2026-11-26T10:00:00Z');
		const sent = {
			key: key(),
			type: 'movement',
			typed,
			at: '2026-11-26T09:00:00Z',
			device,
			sequence: 7
		};
		await saveEntry(group, sent, { lengthSystem: 'cm', timeZone: 'UTC' }, now);
		const { by_name, note, ...without } = typed;
		expect([by_name, note]).toEqual(['Wren', '']);
		expect(
			await house.one(
				`select typed, typed_at, device, sequence, reason,
					(select name from person p where p.group_id = entry.group_id and p.id = person_id) as name
				 from entry where group_id = $1`,
				[group.groupId]
			)
		).toEqual({
			typed: without,
			typed_at: new Date('2026-11-26T09:00:00Z'),
			device,
			sequence: 7,
			reason: 'counted',
			name: 'Wren'
		});
	});

	it('goes out for its own group alone', async () => {
		const { group, kindId } = await newTable();
		const saved = await keep(group, key(), { ...movement, kindId });
		await back(group, Number(saved.outcome === 'kept' && saved.id));
		const other = await newGroup();
		const moment = await group.snapshot();
		const others = await other.snapshot();
		const counts = async (of: Db) => {
			const counted: number[] = [];
			for (const name of ['entries', 'lines', 'movements', 'taken-back'] as const) {
				let rows = 0;
				for await (const some of rowsOf(of, name)) rows += some.length;
				counted.push(rows);
			}
			return counted;
		};
		expect(await counts(moment.db)).toEqual([2, 1, 4, 1]);
		expect(await counts(others.db)).toEqual([0, 0, 0, 0]);
		await Promise.all([moment.close(), others.close()]);
	});

	it('and each of its partitions is appended to, never emptied', async () => {
		const name = `parted_${key().slice(0, 8)}`;
		await house.execute(
			`create table ${name} (group_id uuid, id integer) partition by hash (group_id)`,
			[]
		);
		await house.execute(
			`create table ${name}_0 partition of ${name} for values with (modulus 1, remainder 0)`,
			[]
		);
		await house.writer.one(`select keep_appended($1::regclass)`, [name]);
		await house.execute(
			`insert into ${name} values ((select id from volunteer_group limit 1), 1)`,
			[]
		);
		for (const table of [name, `${name}_0`]) {
			await expect(house.execute(`truncate ${table}`, [])).rejects.toThrow('never emptied');
			await expect(house.execute(`update ${table} set id = 2`, [])).rejects.toThrow(
				'never changed'
			);
			await expect(house.execute(`delete from ${table}`, [])).rejects.toThrow('never changed');
		}
	});
});

describe('people', () => {
	it('are the same by any spelling, whatever they did', async () => {
		const { group, kindId } = await newTable();
		await keep(group, key(), { ...dropOff, broughtBy: 'Wren' });
		await keep(group, key(), { ...movement, kindId, byName: ' wren' });
		await keep(group, key(), { ...timed, maker: 'WREN ' });
		await Promise.all(
			Array.from({ length: 6 }, () => keep(group, key(), { ...movement, kindId, byName: 'Odo' }))
		);
		expect((await listPeople(group, '2026-11-27')).map(({ name }) => name)).toEqual([
			'Odo',
			'Wren'
		]);
	});

	it('are forgotten everywhere, and what they did and measured stays', async () => {
		const { group, kindId } = await newTable();
		const kept = await insertPlan(group, writeOf('Mine', startingPlan, key(), barePractice));
		if (kept.outcome !== 'kept') throw new Error('not kept');
		await keep(group, key(), { ...dropOff, broughtBy: 'Ottoline' });
		await keep(group, key(), { ...movement, kindId, amount: 9, byName: 'Ottoline' });
		await keep(group, key(), { ...measurement, planId: kept.plan.id, maker: 'Ottoline' });
		const heads = ['date', 'place', 'bags', 'brought by'];
		const rows = [
			['2026-11-12', 'Ottoline', '9', ' ottoline'],
			['2026-11-13', 'Kiosk', '8', 'Odo']
		];
		const { id: list } = await layImport(group, 'drop-offs', 'a.csv', { heads, rows });
		const before = (await practiceOfGroup(group)).factors;
		const person = (await listPeople(group, '2026-11-27')).find(({ name }) => name === 'Ottoline');
		expect(await forgetPerson(group, person?.id ?? '')).toBe('Ottoline');
		expect(await forgetPerson(group, person?.id ?? '')).toBeNull();
		expect(await listPeople(group, '2026-11-27')).toEqual([]);
		expect(await listMakers(group)).toEqual([]);
		// A place may be called like a person: it is no name of anybody.
		expect((await rowsOfImport(group, list)).rows).toEqual([
			['2026-11-12', 'Ottoline', '9', ''],
			['2026-11-13', 'Kiosk', '8', 'Odo']
		]);
		const tables = await house.many<{ name: string }>(
			`select table_name as name from information_schema.columns
			 where table_schema = 'public' and column_name = 'group_id'
				and table_name not in ('list_import', 'place') and table_name not like '%standing%'`,
			[]
		);
		for (const { name } of tables) {
			const { text } = await house.one<{ text: string }>(
				`select coalesce(string_agg(t::text, ' '), '') as text from ${name} t where group_id = $1`,
				[group.groupId]
			);
			expect(text.toLowerCase(), name).not.toContain('ottoline');
		}
		expect((await held(group)).get('blue bag')).toBe(9);
		expect((await practiceOfGroup(group)).factors).toEqual(before);
		// Whoever comes with that name later is somebody new.
		await keep(group, key(), { ...movement, kindId, byName: 'Ottoline' });
		expect((await listPeople(group, '2026-11-27'))[0]?.id).not.toBe(person?.id);
	});
});

describe('a version of a plan', () => {
	it('stays as it was kept when the plan is renamed or deleted, and measures stand on theirs', async () => {
		const group = await newGroup();
		const kept = await insertPlan(group, writeOf('Blue', startingPlan, key(), barePractice));
		if (kept.outcome !== 'kept') throw new Error('not kept');
		const { id } = kept.plan;
		await keep(group, key(), { ...measurement, planId: id });
		await renamePlan(group, id, 'Red');
		await keep(group, key(), { ...measurement, planId: id });
		await deletePlan(group, id);
		expect((await findPlanVersion(group, id, 1))?.name).toBe('Blue');
		expect((await findPlanVersion(group, id, 2))?.name).toBe('Red');
		expect(await findPlanVersion(group, id, 3)).toBeNull();
		expect(
			await house.many('select plan_version from measurement where group_id = $1 order by id', [
				group.groupId
			])
		).toEqual([{ plan_version: 1 }, { plan_version: 2 }]);
	});
});

describe('asks', () => {
	it('are for mats not begun, and for what those being made lack; what is taken apart is wanted anew', async () => {
		const { group, kindId } = await newTable();
		const kept = await insertPlan(group, writeOf('Mine', startingPlan, key(), barePractice));
		if (kept.outcome !== 'kept') throw new Error('not kept');
		const plan = { id: kept.plan.id, version: kept.plan.version };
		await wantMats(group, plan.id, 3, 0);
		const oneMat = matDemand(startingPlan, barePoint).bags;
		let times = 0;
		const asked = async () => {
			// A thing changes here without an entry of its own: each time is another day, so that all is read anew.
			const today = `2026-11-${String(10 + times++)}`;
			const { asks, plans } = await loadAsks(group, null, listKinds(group), {
				today,
				timeZone: 'UTC'
			});
			return { bags: asks[0]?.bags ?? 0, begun: plans[0]?.begun };
		};
		const close = (bags: number) => expect.closeTo(bags, 6) as number;
		expect(await asked()).toEqual({ bags: close(3 * oneMat), begun: 0 });

		const saved = await keep(group, key(), { ...movement, kindId, amount: 200 });
		const entryId = Number(saved.outcome === 'kept' && saved.id);
		const [code = ''] = (await reserveCodes(group, key(), 1))?.codes ?? [];
		const made = { code, sort: 'mat', plan, content: {} } as const;
		const mat = await group.transaction((db) => bindThing(db, entryId, made, 'begun'));
		const id = Number(mat.outcome === 'kept' && mat.id);
		// Begun, and nothing given to it: as much is asked for as before, less what is in the store.
		expect(await asked()).toEqual({ bags: close(3 * oneMat - 200), begun: 1 });
		await house.execute(
			`insert into movement (group_id, entry_id, part, line_id, holder, thing_id, amount, film_mg)
			 select $1, $2, part, l.id, holder, thing_id, amount, amount * 5200 from line l
			 cross join (values (8, 'store', null::bigint, -150), (9, 'mat', $3::bigint, 150)) v (part, holder, thing_id, amount)
			 where l.group_id = $1`,
			[group.groupId, entryId, id]
		);
		// 150 bags went from the store to the mat: what is lacking stays as it was.
		expect(await asked()).toEqual({ bags: close(3 * oneMat - 200), begun: 1 });
		await group.transaction((db) => happenTo(db, entryId, id, 'finished'));
		// It is made, though it had less than was reckoned: it asks for nothing more.
		expect(await asked()).toEqual({ bags: close(2 * oneMat - 50), begun: 1 });
		await group.transaction((db) => happenTo(db, entryId, id, 'taken-apart'));
		expect(await asked()).toEqual({ bags: close(3 * oneMat - 50), begun: 0 });
		await back(group, entryId);
		expect(await wrongIn(group)).toEqual(allWell);
	});
});

describe('places', () => {
	it('that give bags and that receive mats are told apart, and one may do both', async () => {
		const group = await newGroup();
		await keep(group, key(), dropOff);
		const house = await addReceivingPlace(group, 'Tide House');
		await addReceivingPlace(group, 'ferry KIOSK');
		await addReceivingPlace(group, ' tide house ');
		expect((await listPlaces(group)).map(({ name }) => name)).toEqual(['Ferry kiosk']);
		expect(
			(await listReceivingPlaces(group)).map(({ name, givesBags }) => [name, givesBags])
		).toEqual([
			['Ferry kiosk', true],
			['Tide House', false]
		]);
		await keep(group, key(), { ...dropOff, place: 'Tide House' });
		expect(await listPlaces(group)).toHaveLength(2);
		expect(await endReceiving(group, house.id)).toBe(true);
		expect(await endReceiving(group, house.id)).toBe(false);
		expect((await listReceivingPlaces(group)).map(({ name }) => name)).toEqual(['Ferry kiosk']);
		// Its bags are counted still.
		expect((await listPlaces(group)).find(({ name }) => name === 'Tide House')?.bags).toBe(180);
	});
});

describe('codes', () => {
	it('of ten tablets that reserve at once and work without network are all different', async () => {
		const group = await newGroup();
		const blocks = await Promise.all(
			Array.from({ length: 10 }, () => reserveCodes(group, key(), 24, key()))
		);
		const codes = blocks.flatMap((block) => block?.codes ?? []);
		expect(codes).toHaveLength(240);
		expect(new Set(codes).size).toBe(240);
		for (const code of codes) expect(readCode(code).problem).toBeUndefined();
	});

	it('are the same block for the same key, sent again or at once', async () => {
		const group = await newGroup();
		const sent = key();
		const [one, other] = await Promise.all([
			reserveCodes(group, sent, 5),
			reserveCodes(group, sent, 5)
		]);
		expect(one).toEqual(other);
		expect(await reserveCodes(group, sent, 5)).toEqual(one);
		const next = await reserveCodes(group, key(), 5);
		expect(next?.codes.some((code) => one?.codes.includes(code))).toBe(false);
	});

	it('of one group are no other’s, though both reserve under the same key', async () => {
		const [group, other] = [await newGroup(), await newGroup()];
		const sent = key();
		await reserveCodes(group, key(), 3);
		expect((await reserveCodes(group, sent, 2))?.firstSerial).toBe(3);
		expect((await reserveCodes(other, sent, 2))?.firstSerial).toBe(0);
	});

	it('end when all are given out, and in no block are more than a thousand', async () => {
		const group = await newGroup();
		await house.execute('update volunteer_group set codes_reserved = 923520 where id = $1', [
			group.groupId
		]);
		expect(await reserveCodes(group, key(), 2)).toBeNull();
		expect((await reserveCodes(group, key(), 1))?.codes).toEqual([codeOf(923_520)]);
		await expect(reserveCodes(group, key(), 1001)).rejects.toThrow('count');
	});

	it('are bound once, to what was made, and only if they were reserved', async () => {
		const { group, kindId } = await newTable();
		const saved = await keep(group, key(), { ...movement, kindId });
		const entryId = Number(saved.outcome === 'kept' && saved.id);
		const block = await reserveCodes(group, key(), 3);
		const [code = ''] = block?.codes ?? [];
		const bind = (text: string) =>
			group.transaction((db) =>
				bindThing(db, entryId, {
					code: text,
					sort: 'ball',
					plan: null,
					content: { bags: 20 }
				})
			);
		const bound = await Promise.all([bind(code), bind(code.toLowerCase())]);
		expect(bound.map(({ outcome }) => outcome).sort()).toEqual(['kept', 'refused']);
		expect(await findThing(group, code)).toMatchObject({
			sort: 'ball',
			content: { bags: 20 },
			state: 'made'
		});
		const problem = async (text: string) => {
			const answer = await bind(text);
			return answer.outcome === 'refused' ? answer.problems.code : '';
		};
		expect(await problem(code)).toContain('already on something');
		expect(await problem(codeOf(500))).toContain('No label with that code');
		expect(await problem('2222')).toBe(commonWords.codeWords.aCodeHasFiveSigns());
		expect(await problem('O2222')).toContain('without 0, 1, I, L and O');
		expect(await problem('22223')).toContain('is not a label code');
		const thing = await findThing(group, code);
		await group.transaction((db) => happenTo(db, entryId, thing?.id ?? 0, 'lost'));
		expect((await findThing(group, code))?.state).toBe('lost');
		await back(group, entryId);
		expect((await findThing(group, code))?.state).toBeNull();
	});
});

describe('a link', () => {
	const linked = async () => {
		const group = await newGroup();
		const kept = await insertPlan(group, writeOf('Blue', startingPlan, key(), barePractice));
		if (kept.outcome !== 'kept') throw new Error('not kept');
		return {
			group,
			planId: kept.plan.id,
			address: (await makeLink(group, key(), kept.plan.id)) ?? ''
		};
	};

	it('opens its version of its plan, whatever becomes of the plan; its secret is kept nowhere', async () => {
		const { group, planId, address } = await linked();
		expect(address).toMatch(/^[\w-]{64}$/);
		await renamePlan(group, planId, 'Red');
		await deletePlan(group, planId);
		expect(await openLink(address)).toEqual({
			grants: 'read-plan',
			groupId: group.groupId,
			planId,
			planVersion: 1
		});
		const { text } = await house.one<{ text: string }>(
			'select string_agg(l::text, chr(10)) as text from link l where group_id = $1',
			[group.groupId]
		);
		const secret = Buffer.from(address, 'base64url').subarray(16);
		for (const coded of ['base64url', 'base64', 'hex'] as const)
			expect(text).not.toContain(secret.toString(coded));
		expect((await listLinks(group, null))[0]).toMatchObject({
			planName: 'Blue',
			planVersion: 1,
			revokedAt: null
		});
	});

	it('that is guessed, changed by a sign, revoked or old opens nothing', async () => {
		const { group, address } = await linked();
		const other = await newGroup();
		const moved = Buffer.from(address, 'base64url');
		moved.write(other.groupId.replaceAll('-', ''), 0, 'hex');
		const last = address.endsWith('A') ? 'B' : 'A';
		for (const wrong of [
			'',
			'x',
			address.slice(1),
			address.slice(0, 63) + last,
			moved.toString('base64url')
		])
			expect(await openLink(wrong)).toBeNull();
		const [link] = await listLinks(group, null);
		const days = ((link?.expiresAt?.getTime() ?? 0) - Date.now()) / 86_400_000;
		expect(days).toBeCloseTo(linkDays, 1);
		await house.execute(`update link set expires_at = now() where group_id = $1`, [group.groupId]);
		expect(await openLink(address)).toBeNull();
		await house.execute(`update link set expires_at = null where group_id = $1`, [group.groupId]);
		expect(await openLink(address)).not.toBeNull();
		expect((await listLinks(group, null))[0]?.lastUsedAt?.getTime()).toBeGreaterThan(
			Date.now() - 60_000
		);
		expect(await revokeLink(group, link?.id ?? '')).toBe(true);
		expect(await revokeLink(group, link?.id ?? '')).toBe(false);
		expect(await openLink(address)).toBeNull();
	});

	it('is made once for one press, and never of a plan that is gone', async () => {
		const { group, planId } = await linked();
		const sent = key();
		expect(await makeLink(group, sent, planId)).not.toBeNull();
		expect(await makeLink(group, sent, planId)).toBeNull();
		await deletePlan(group, planId);
		expect(await makeLink(group, key(), planId)).toBeNull();
	});
});
