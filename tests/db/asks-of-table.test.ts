import { type Db } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { barePractice } from '../../src/lib/core/practice/practice';
import type { Entry } from '../../src/lib/entries/registry';
import { loadAsks } from '../../src/lib/server/asks/load-asks';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { wantMats } from '../../src/lib/server/gather/wanted';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import { insertPlan } from '../../src/lib/server/plan/plans';
import { useDatabase } from './database';
import { keep } from './samples';
import { aTable } from './table';

useDatabase();
const key = () => crypto.randomUUID();
const hall = { today: '2026-11-26', timeZone: 'UTC' };
const asksOf = async (group: Db) => (await loadAsks(group, null, listKinds(group), hall)).plans;
async function all(group: Db, acts: readonly Entry[]) {
	for (const act of acts) expect(await keep(group, key(), act)).toMatchObject({ outcome: 'kept' });
}

describe('what the season asks for', () => {
	it('counts balls by the bags in them, and pieces by their own cut', async () => {
		const t = await aTable(100);
		await wantMats(t.group, t.planned.planId, 1, 0);
		const [before] = await asksOf(t.group);
		expect(before?.allocation).toMatchObject({ drawn: 200, from: { ball: 0, piece: 0, bag: 200 } });
		await all(t.group, [t.flatten(40), t.cut(40), t.join(100), t.ball(9), t.ball(14)]);
		const [after] = await asksOf(t.group);
		// 160 bags, and the strand of 40 that nothing is spoiled of any more: 17 of them in pieces.
		expect(after?.allocation.drawn).toBeCloseTo(160 + 40 / 0.92, 6);
		expect(after?.allocation.from).toMatchObject({ ball: 2, bag: 160 });
		expect(after?.allocation.from.piece).toBeCloseTo(17 * 4, 6);
	});

	it('draws nothing for a plan whose strand is cut otherwise', async () => {
		const t = await aTable(40);
		const loops = { ...startingPlan.cut, equalStrips: 8 } as typeof startingPlan.cut;
		const kept = await insertPlan(
			t.group,
			writeOf('Narrow strips', { ...startingPlan, cut: loops }, key(), barePractice)
		);
		if (kept.outcome !== 'kept') throw new Error('not kept');
		await wantMats(t.group, kept.plan.id, 1, 0);
		await all(t.group, [t.flatten(30), t.cut(30), t.join(80), t.ball(20)]);
		const narrow = (await asksOf(t.group)).find(({ name }) => name === 'Narrow strips');
		expect(narrow?.allocation.from).toEqual({ ball: 0, piece: 0, bag: 50 });
	});
});
