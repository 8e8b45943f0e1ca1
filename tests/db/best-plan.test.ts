import { beforeEach, describe, expect, it } from 'vitest';
import { type Db } from '../../src/lib/server/db/db';
import { readBestPage } from '../../src/lib/server/asks/best-page';
import { forgetPerson } from '../../src/lib/server/book/forget-person';
import { readNeed } from '../../src/lib/server/need/need';
import { findDay } from '../../src/lib/server/people/day';
import { addPerson } from '../../src/lib/server/people/people';
import { addTableDay } from '../../src/lib/server/people/table-days';
import { keepAim, keepBegin, keepNextPlan } from '../../src/lib/server/season/best-kept';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { barePractice } from '../../src/lib/core/practice/practice';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import { insertPlan } from '../../src/lib/server/plan/plans';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();
const key = () => crypto.randomUUID();
const now = { today: '2026-12-01', timeZone: 'Europe/London' };
let group: Db;
beforeEach(async () => void (group = await newGroup()));
const person = async (name: string) => {
	const id = key();
	await addPerson(group, id, name);
	return id;
};
const plan = async (name: string) => {
	const kept = await insertPlan(group, writeOf(name, startingPlan, key(), barePractice));
	if (kept.outcome !== 'kept') throw new Error('not kept');
	return kept.plan.id;
};
const orders = (db: Db) =>
	db.many<{ name: string; at: number | null; later: boolean; version: number }>(
		`select name, begins_at as at, begins_later as later, version from person
		 where group_id = $1 and name is not null order by name`,
		[db.groupId]
	);

describe('who begins next', () => {
	it('is kept in its order, whole each time, and dropped by naming nobody', async () => {
		const [ada, bo, cy] = [await person('Ada'), await person('Bo'), await person('Cy')];
		await keepBegin(group, [cy, ada], [bo]);
		expect((await orders(group)).map(({ at, later }) => [at, later])).toEqual([
			[1, false],
			[null, true],
			[0, false]
		]);
		// Pressed twice it changes nothing.
		expect(await keepBegin(group, [cy, ada], [bo])).toBe(0);
		await keepBegin(group, [bo], []);
		expect((await orders(group)).map(({ at, later }) => [at, later])).toEqual([
			[null, false],
			[0, false],
			[null, false]
		]);
		expect(await keepBegin(group, [], [])).toBe(1);
	});

	it('touches nobody of another group, and goes with who is forgotten', async () => {
		const ada = await person('Ada');
		const other = await newGroup();
		await keepBegin(other, [ada], []);
		expect(await orders(group)).toMatchObject([{ at: null }]);
		await keepBegin(group, [ada], []);
		await forgetPerson(group, ada);
		expect(
			await group.one<{ at: number | null }>(
				'select begins_at as at from person where group_id = $1 and id = $2',
				[group.groupId, ada]
			)
		).toEqual({ at: null });
	});
});

describe('the plan that the next mats follow', () => {
	it('is one at most, and none where it is taken away or was deleted', async () => {
		const [one, two] = [await plan('One'), await plan('Two')];
		const next = async () =>
			(
				await group.many<{ id: string }>('select id from plan where group_id = $1 and is_next', [
					group.groupId
				])
			).map(({ id }) => id);
		await keepNextPlan(group, one);
		expect(await next()).toEqual([one]);
		await keepNextPlan(group, two);
		await keepNextPlan(group, two);
		expect(await next()).toEqual([two]);
		expect((await readBestPage(group, now, null)).nextPlan).toBe('Two');
		expect((await readNeed(group, now)).plans.map(({ name }) => name)).toContain('Two');
		await keepNextPlan(group, null);
		expect(await next()).toEqual([]);
	});
});

describe('what a day aims at', () => {
	it('is set on a day to come, and not on one that is open, of another group, or without such a plan', async () => {
		const planId = await plan('One');
		const day = key();
		await addTableDay(group, day, '2026-12-03', 'Boat shed');
		const aim = { day, planId, balls: 12, strands: 0, checks: 2, pillows: 0 };
		expect(await keepAim(group, aim)).toBe(true);
		expect(await findDay(group, day)).toMatchObject({
			planId,
			ballsWanted: 12,
			besides: { load: 0, check: 2, pillows: 0 }
		});
		expect(await keepAim(group, { ...aim, planId: key() })).toBe(false);
		expect(await keepAim(await newGroup(), aim)).toBe(false);
		await group.execute('update table_day set opened_at = now() where group_id = $1 and id = $2', [
			group.groupId,
			day
		]);
		expect(await keepAim(group, { ...aim, balls: 3 })).toBe(false);
		expect((await findDay(group, day))?.ballsWanted).toBe(12);
	});

	it('has nothing to plan where no place asks for mats', async () =>
		expect(await readBestPage(group, now, null)).toMatchObject({
			order: null,
			hasAsks: false,
			aims: []
		}));
});
