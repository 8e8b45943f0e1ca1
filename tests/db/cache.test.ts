import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { AskedTogether, Answers, markedTables, markOf, Memo } from '../../src/lib/server/db/cache';
import type { MarkedTable } from '../../src/lib/server/db/cache';
import { addReceivingPlace } from '../../src/lib/server/gather/places';
import { addTableDay } from '../../src/lib/server/people/table-days';
import { seasonTables } from '../../src/lib/server/season/season-now';
import { send, today, withBall } from './a-mat';
import { useDatabase } from './database';
import { keep, measurement, timed } from './samples';

useDatabase();

/** A group with something in every table, and how each of them is changed; what goes into the book changes that, too. */
async function changing() {
	const t = await withBall(20);
	const { groupId } = t.group;
	const ask = (sql: string, ...more: string[]) => t.group.execute(sql, [groupId, ...more]);
	const kept = async (type: string, typed: Record<string, string>) =>
		expect(await send(t.group, type, typed)).toEqual({
			outcome: 'kept',
			id: expect.anything() as unknown
		});
	await addTableDay(t.group, randomUUID(), '2099-12-03', 'boat shed');
	await ask(
		`insert into day_person (group_id, day_id, person_id)
		 select $1, d.id, p.id from table_day d, person p where d.group_id = $1 and p.group_id = $1 limit 1`
	);
	const { id: place } = await addReceivingPlace(t.group, 'Tide House');
	await kept('issue', { mat: t.code, ball: t.ball });
	const tool = {
		sort: 'loom',
		pegs: 28,
		pitchMm: 25.4,
		pegToPegMm: 1828.8,
		hasRods: true
	} as const;
	for (const entry of [
		{ type: 'tool', toolId: null, name: 'Hall loom', count: 1, tool },
		{ ...measurement, planId: t.planned.planId },
		timed
	] as const)
		expect(await keep(t.group, randomUUID(), entry)).toMatchObject({ outcome: 'kept' });
	const changes: readonly (readonly [MarkedTable, () => Promise<unknown>])[] = [
		['entry', () => kept('finish', { mat: t.code })],
		['mat_check', () => kept('check', { mat: t.code, width: '86 cm', length: '185 cm' })],
		['delivery', () => kept('deliver', { place, mats: t.code, goes_on: today })],
		['sent_back', () => kept('sent-back', { mat: t.code, note: 'a tie gave' })],
		[
			'taken_back',
			async () => {
				const [back] = await t.group.many<{ id: number }>(
					`select id from entry where group_id = $1 and type = 'sent-back'`,
					[groupId]
				);
				await kept('correction', { of: 'entry', corrects: String(back?.id), note: 'slip' });
			}
		],
		['plan', () => ask('update plan set mats_wanted = 7 where group_id = $1')],
		['table_day', () => ask('update table_day set called_off_at = now() where group_id = $1')],
		['day_person', () => ask('update day_person set came = true where group_id = $1')],
		[
			'seat',
			() =>
				ask(
					`insert into seat (group_id, id, day_id, person_id, station, from_minute, to_minute)
					 select group_id, gen_random_uuid(), day_id, person_id, 'cut', 1080, 1140 from day_person where group_id = $1`
				)
		],
		['person', () => ask(`update person set name = 'Suri' where group_id = $1`)],
		['place', () => ask(`update place set version = version + 1 where group_id = $1`)],
		['bag_kind', () => ask('update bag_kind set mass_g = mass_g * 2 where group_id = $1')],
		['tool', () => ask('update tool set count = 9 where group_id = $1')],
		['measurement', () => ask('update measurement set is_left_out = true where group_id = $1')],
		['timed_work', () => ask('update timed_work set is_left_out = true where group_id = $1')],
		[
			'rhythm',
			() =>
				ask(
					`insert into rhythm (group_id, starts_on, place, from_minute, to_minute, breaks, pause_minutes)
					 values ($1, '2026-12-01', 'Boat shed', 1080, 1230, '{}', 5)`
				)
		],
		[
			'hall_shut',
			() =>
				ask(
					`insert into hall_shut (group_id, id, from_day, to_day) values ($1, gen_random_uuid(), '2026-12-21', '2027-01-03')`
				)
		],
		[
			'away',
			() =>
				ask(
					`insert into away (group_id, id, person_id, from_day, to_day)
					 select group_id, gen_random_uuid(), id, '2026-12-21', '2027-01-03' from person where group_id = $1 limit 1`
				)
		],
		[
			'counted_on',
			() =>
				ask(
					`insert into counted_on (group_id, id, what) values ($1, gen_random_uuid(), 'bags-300')`
				)
		]
	];
	return { group: t.group, changes };
}

describe('what is remembered of a group', () => {
	it('is read anew whichever of the tables it rests on is changed, and by no other', async () => {
		const { group, changes } = await changing();
		expect(changes.map(([table]) => table).toSorted()).toEqual([...markedTables].toSorted());
		const answers = new Map(markedTables.map((table) => [table, new Answers<object>([table])]));
		const marks = async () =>
			new Map(
				await Promise.all(
					markedTables.map(
						async (table) =>
							[table, await answers.get(table)?.of(group, null, async () => ({}))] as const
					)
				)
			);
		// What comes with an entry changes the book as well.
		const inBook: readonly MarkedTable[] = ['mat_check', 'delivery', 'taken_back', 'sent_back'];
		for (const [table, change] of changes) {
			const before = await marks();
			await change();
			const after = await marks();
			const changed = markedTables.filter((one) => before.get(one) !== after.get(one));
			expect(changed).toEqual(inBook.includes(table) ? ['entry', table] : [table]);
		}
	});

	it('of a season rests on all that is changed in place, and on the book', () => {
		const appended: readonly MarkedTable[] = ['delivery', 'mat_check', 'taken_back', 'sent_back'];
		expect([...seasonTables].toSorted()).toEqual(
			markedTables.filter((table) => !appended.includes(table)).toSorted()
		);
	});

	it('is of one group, and of what it was asked by', async () => {
		const [one, other] = [await changing(), await changing()];
		const answers = new Answers<string>(['plan']);
		const said = (group: typeof one.group, day: string) =>
			answers.of(group, day, () => Promise.resolve(`${group.groupId} ${day}`));
		expect(await said(one.group, 'today')).toBe(`${one.group.groupId} today`);
		expect(await said(other.group, 'today')).toBe(`${other.group.groupId} today`);
		expect(await said(one.group, 'tomorrow')).toBe(`${one.group.groupId} tomorrow`);
		expect(await markOf(one.group, ['plan'])).not.toBe(await markOf(one.group, ['plan', 'tool']));
	});
});

describe('what several ask at once', () => {
	it('is asked for whoever came first, and once more for all who came meanwhile', async () => {
		const together = new AskedTogether<number>();
		let asked = 0;
		const answers: ((value: number) => void)[] = [];
		const ask = () => {
			asked++;
			return new Promise<number>((done) => answers.push(done));
		};
		const first = together.of('a', ask);
		const [second, third] = [together.of('a', ask), together.of('a', ask)];
		const other = together.of('b', ask);
		expect(asked).toBe(2);
		answers[0]?.(1);
		answers[1]?.(9);
		expect([await first, await other]).toEqual([1, 9]);
		await Promise.resolve();
		expect(asked).toBe(3);
		// Who comes while theirs is under way waits for another.
		const fourth = together.of('a', ask);
		answers[2]?.(2);
		expect(await Promise.all([second, third])).toEqual([2, 2]);
		await Promise.resolve();
		expect(asked).toBe(4);
		answers[3]?.(3);
		expect(await fourth).toBe(3);
		const last = together.of('a', ask);
		expect(asked).toBe(5);
		answers[4]?.(4);
		expect(await last).toBe(4);
	});
	it('that fails for one is asked anew for those who wait', async () => {
		const together = new AskedTogether<number>();
		let times = 0;
		const ask = () => (times++ === 0 ? Promise.reject(new Error('away')) : Promise.resolve(times));
		const [first, second] = [together.of('a', ask), together.of('a', ask)];
		await expect(first).rejects.toThrow('away');
		expect(await second).toBe(2);
	});
});

describe('what was worked out', () => {
	it('is worked out once for one key, also where it is nothing, until it is forgotten', () => {
		const memo = new Memo<number | null>(2);
		let times = 0;
		const ask = (key: string, value: number | null) =>
			memo.of(key, () => {
				times++;
				return value;
			});
		expect([ask('a', null), ask('a', 1), ask('b', 2), ask('b', 3)]).toEqual([null, null, 2, 2]);
		expect(times).toBe(2);
		// What was not asked for longest goes first.
		ask('a', 9);
		ask('c', 4);
		expect([memo.get('a'), memo.get('b'), memo.get('c')]).toEqual([null, undefined, 4]);
	});
});
