import { type Db, dbOf, house } from '../../src/lib/server/db/db';
import { barePractice } from '../../src/lib/core/practice/practice';
import { beforeEach, describe, expect, it } from 'vitest';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import {
	deletePlan,
	duplicatePlan,
	findDeletedPlan,
	findPlan,
	insertPlan,
	listPlans,
	renamePlan,
	restorePlan,
	updatePlan
} from '../../src/lib/server/plan/plans';
import { listWantedPlans, wantMats } from '../../src/lib/server/gather/wanted';
import type { GroupId } from '../../src/lib/server/base/group-id';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();
let group: Db;
beforeEach(async () => {
	group = await newGroup();
});

const key = () => crypto.randomUUID();
const write = (name: string, widthMm = 850, withKey = key()) =>
	writeOf(
		name,
		{ ...startingPlan, target: { ...startingPlan.target, widthMm } },
		withKey,
		barePractice
	);

async function kept(name: string) {
	const result = await insertPlan(group, write(name));
	if (result.outcome !== 'kept') throw new Error('not kept');
	return result.plan;
}

describe('keeping a new plan', () => {
	it('gives back what was kept, at version 1', async () => {
		const plan = await kept('Blue');
		expect(plan).toMatchObject({ name: 'Blue', version: 1 });
		expect(await findPlan(group, plan.id)).toEqual(plan);
	});

	it('counts once when it is sent twice, even at the same moment', async () => {
		const twice = write('Blue');
		const results = await Promise.all([
			insertPlan(group, twice),
			insertPlan(group, twice),
			insertPlan(group, twice)
		]);
		expect(
			new Set(results.map((result) => (result.outcome === 'kept' ? result.plan.id : 'lost'))).size
		).toBe(1);
		const list = await listPlans(group);
		expect(list).toHaveLength(1);
		expect(list[0]?.version).toBe(1);
	});

	it('keeps a change made before the same page sent it again', async () => {
		const same = key();
		await insertPlan(group, write('Blue', 850, same));
		const second = await insertPlan(group, write('Blue', 900, same));
		expect(second).toMatchObject({ outcome: 'kept', plan: { version: 2 } });
		expect((await listPlans(group)).length).toBe(1);
	});
});

describe('keeping a plan again', () => {
	it('moves the version on', async () => {
		const { id } = await kept('Blue');
		const result = await updatePlan(group, id, 1, write('Blue', 900));
		expect(result).toMatchObject({ outcome: 'kept', plan: { version: 2 } });
	});

	it('never goes over what someone else kept: one of two wins and the other is shown it', async () => {
		const { id } = await kept('Blue');
		const results = await Promise.all([
			updatePlan(group, id, 1, write('Mine')),
			updatePlan(group, id, 1, write('Theirs'))
		]);
		const won = results.find(({ outcome }) => outcome === 'kept');
		const told = results.find(({ outcome }) => outcome === 'changed-meanwhile');
		expect(won && 'plan' in won && told && 'plan' in told && told.plan.name === won.plan.name).toBe(
			true
		);
		expect((await findPlan(group, id))?.version).toBe(2);
	});

	it('counts once when its answer was lost and it is sent again', async () => {
		const { id } = await kept('Blue');
		const again = write('Blue', 900);
		await updatePlan(group, id, 1, again);
		expect(await updatePlan(group, id, 1, again)).toMatchObject({
			outcome: 'kept',
			plan: { version: 2 }
		});
	});

	it('says that the plan is gone when it was deleted', async () => {
		const { id } = await kept('Blue');
		await deletePlan(group, id);
		expect(await updatePlan(group, id, 1, write('Blue'))).toEqual({ outcome: 'gone' });
	});
});

describe('the list', () => {
	it('shows the newest first and no deleted plan, and brings a deleted one back', async () => {
		const first = await kept('First');
		await kept('Second');
		expect((await listPlans(group)).map(({ name }) => name)).toEqual(['Second', 'First']);
		expect(await deletePlan(group, first.id)).toBe(true);
		expect(await deletePlan(group, first.id)).toBe(false);
		expect((await findDeletedPlan(group, first.id))?.name).toBe('First');
		expect((await listPlans(group)).map(({ name }) => name)).toEqual(['Second']);
		expect(await restorePlan(group, first.id)).toBe(true);
		expect(await listPlans(group)).toHaveLength(2);
	});

	it('renames, and tells a tab that still has the old version', async () => {
		const { id } = await kept('Blue');
		expect(await renamePlan(group, id, 'Green')).toBe(true);
		expect((await updatePlan(group, id, 1, write('Blue'))).outcome).toBe('changed-meanwhile');
		expect(await renamePlan(group, key(), 'Green')).toBe(false);
	});

	it('copies a plan once for one press, under a name that says so', async () => {
		const { id } = await kept('x'.repeat(120));
		const press = key();
		const [one, two] = await Promise.all([
			duplicatePlan(group, id, press),
			duplicatePlan(group, id, press)
		]);
		expect(one?.id).toBe(two?.id);
		const copy = await findPlan(group, one?.id ?? '');
		expect(copy?.name.startsWith('Copy of xxx')).toBe(true);
		expect(copy?.name).toHaveLength(120);
	});

	it('holds nothing of another group, whatever is asked of it', async () => {
		const other = dbOf(key() as GroupId);
		await house.execute('insert into volunteer_group (id, name) values ($1, $2)', [
			other.groupId,
			'Another table'
		]);
		const { id } = await kept('Blue');
		expect(await listPlans(other)).toEqual([]);
		expect(await findPlan(other, id)).toBeNull();
		expect(await deletePlan(other, id)).toBe(false);
		expect(await renamePlan(other, id, 'Taken')).toBe(false);
		expect((await updatePlan(other, id, 1, write('Taken'))).outcome).toBe('gone');
		expect((await findPlan(group, id))?.name).toBe('Blue');
	});
});

describe('the database itself', () => {
	it.each([
		['a name of spaces', `update plan set version = 2, name = '   '`, '23514'],
		['a name beyond its length', `update plan set version = 2, name = repeat('x', 121)`, '23514'],
		['a document that is a list', `update plan set version = 2, document = '[]'`, '23514'],
		['version 0', 'update plan set version = 0', '23514'],
		['a group that is not there', `update plan set group_id = gen_random_uuid()`, '23503'],
		['another name under the same version', `update plan set name = 'Red'`, '23000'],
		['a version that is changed', `update plan_version set name = 'Red'`, '23000']
	])('refuses %s', async (_, sql, code) => {
		await kept('Blue');
		await expect(house.execute(sql, [])).rejects.toMatchObject({ code });
	});
});

describe('a plan', () => {
	it('a rename leaves no key behind: what was kept before is not sent over it', async () => {
		const sent = write('First name');
		const kept = await insertPlan(group, sent);
		if (kept.outcome !== 'kept') throw new Error('not kept');
		await renamePlan(group, kept.plan.id, 'Second name');
		expect((await insertPlan(group, sent)).outcome).toBe('changed-meanwhile');
		expect((await findPlan(group, kept.plan.id))?.name).toBe('Second name');
	});

	it('the season’s wanted plans are all asked for, however many', async () => {
		const other = await newGroup();
		for (let at = 0; at < 70; at++) {
			const kept = await insertPlan(other, write(`Plan ${at}`));
			if (kept.outcome === 'kept' && at < 65) await wantMats(other, kept.plan.id, 1, 0);
		}
		const wanted = await listWantedPlans(other, 3);
		expect(wanted.filter(({ matsWanted }) => matsWanted > 0)).toHaveLength(65);
		expect(wanted).toHaveLength(68);
	});
});
