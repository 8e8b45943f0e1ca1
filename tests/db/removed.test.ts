import { type Db, house } from '../../src/lib/server/db/db';
import { beforeAll, describe, expect, it } from 'vitest';
import { clearAway } from '../../scripts/lib/clear-away.mjs';
import { listKinds, removeKind } from '../../src/lib/server/gather/kinds';
import {
	addReceivingPlace,
	endReceiving,
	listReceivingPlaces
} from '../../src/lib/server/gather/places';
import { listWantedPlans, wantMats } from '../../src/lib/server/gather/wanted';
import { deletePlan, hangsOnPlan, listPlans } from '../../src/lib/server/plan/plans';
import { listTools } from '../../src/lib/server/prepare/tools';
import { bringBack, listRemoved } from '../../src/lib/server/removed/removed';
import { aMat } from './a-mat';
import { useDatabase } from './database';
import { keep, newTable } from './samples';

useDatabase();
let ownerUrl = '';
beforeAll(() => {
	ownerUrl = process.env.DATABASE_URL ?? '';
});
const key = () => crypto.randomUUID();

/** A group from which one of each was removed. */
async function removedOfEach() {
	const t = await aMat();
	const { group, planned } = t;
	const place = (await addReceivingPlace(group, 'Tide House')).id;
	await endReceiving(group, place);
	const tool = key();
	const loom = { type: 'tool', toolId: null, name: 'Fork', count: 1, tool: { sort: 'spindle' } };
	await keep(group, tool, loom as never);
	await keep(group, key(), { ...loom, toolId: tool, tool: null } as never);
	const unused = (await listKinds(group)).find(({ id }) => id !== t.kindId)?.id ?? '';
	expect(await removeKind(group, unused)).toBe(true);
	await deletePlan(group, planned.planId);
	return { group, ids: { plan: planned.planId, kind: unused, place, tool } };
}
const shown = async (group: Db) => ({
	plan: (await listPlans(group)).map(({ id }) => id),
	kind: (await listKinds(group)).map(({ id }) => id),
	place: (await listReceivingPlaces(group)).map(({ id }) => id),
	tool: (await listTools(group)).map(({ id }) => id)
});

describe('what is removed', () => {
	it('is listed, each of its sort, and can be brought back once', async () => {
		const { group, ids } = await removedOfEach();
		const listed = await listRemoved(group);
		expect(Object.fromEntries(listed.map(({ sort, id }) => [sort, id]))).toEqual(ids);
		for (const { sort, id } of listed) {
			expect((await shown(group))[sort]).not.toContain(id);
			expect(await bringBack(group, sort, id)).toBe('back');
			expect((await shown(group))[sort]).toContain(id);
			expect(await bringBack(group, sort, id)).toBe('gone');
		}
		expect(await listRemoved(group)).toEqual([]);
	});

	it('ends after seven days, and not before', async () => {
		const { group, ids } = await removedOfEach();
		const age = async (days: number) => {
			for (const [table, column] of [
				['plan', 'deleted_at'],
				['bag_kind', 'removed_at'],
				['place', 'receiving_ended_at'],
				['tool', 'gone_at']
			])
				await house.execute(
					`update ${table} set ${column} = now() - make_interval(days => $2::integer)
					 where group_id = $1 and ${column} is not null`,
					[group.groupId, days]
				);
			await clearAway(ownerUrl);
		};
		await age(6);
		expect(await listRemoved(group)).toHaveLength(4);
		await age(8);
		expect(await listRemoved(group)).toEqual([]);
		for (const sort of ['plan', 'kind', 'place', 'tool'] as const)
			expect(await bringBack(group, sort, ids[sort])).toBe('gone');
		for (const [table, id] of [
			['bag_kind', ids.kind],
			['place', ids.place],
			['tool', ids.tool]
		] as const)
			expect(
				await house.many(`select id from ${table} where group_id = $1 and id = $2`, [
					group.groupId,
					id
				])
			).toEqual([]);
	});

	it('keeps its name for nobody: another may have it, and then that is said', async () => {
		const { group } = await newTable();
		const [kind] = await listKinds(group);
		if (!kind) throw new Error('no kind');
		await removeKind(group, kind.id);
		await house.execute(
			`insert into bag_kind (group_id, name, flat_width_mm, gusset_mm, body_mm, handle_mm, mass_g, handful_count)
			 values ($1, $2, 300, 0, 400, 0, 6, 10)`,
			[group.groupId, kind.name]
		);
		expect(await bringBack(group, 'kind', kind.id)).toBe('name');
	});
});

describe('a plan that is removed', () => {
	it('says first what hangs on it, and what is wanted of it is wanted still', async () => {
		const { group, planned } = await aMat();
		await wantMats(group, planned.planId, 4, 0);
		expect(await hangsOnPlan(group, planned.planId)).toEqual({
			name: 'A mat',
			begun: 1,
			wanted: 4,
			days: 0
		});
		await deletePlan(group, planned.planId);
		expect(await hangsOnPlan(group, planned.planId)).toBeNull();
		expect(await listWantedPlans(group)).toMatchObject([
			{ id: planned.planId, matsWanted: 4, isRemoved: true }
		]);
		expect(await wantMats(group, planned.planId, 0, 4)).toEqual({ outcome: 'set' });
		expect(await listWantedPlans(group)).toEqual([]);
		expect(await wantMats(group, planned.planId, 1, 0)).toEqual({ outcome: 'gone' });
	});
});
