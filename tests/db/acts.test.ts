import { describe, expect, it } from 'vitest';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { bagPresets } from '../../src/lib/core/bag/presets';
import { cutBag } from '../../src/lib/core/cut/cut-bag';
import { barePractice } from '../../src/lib/core/practice/practice';
import { snapshotOf } from '../../src/lib/core/prepare/cut-pile';
import type { Entry } from '../../src/lib/entries/registry';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import { insertPlan } from '../../src/lib/server/plan/plans';
import type { GroupId } from '../../src/lib/server/base/group-id';
import { many } from '../../src/lib/server/db/verbs';
import { useDatabase } from './database';
import { keep, movement, newTable } from './samples';

useDatabase();
const key = () => crypto.randomUUID();
const carrier = bagPresets[0]?.bag as (typeof bagPresets)[number]['bag'];
const rings = snapshotOf(carrier, cutBag(carrier, startingPlan.cut));

async function table(bags = 100) {
	const { group, kindId } = await newTable();
	const plan = await insertPlan(group, writeOf('A mat', startingPlan, key(), barePractice));
	await keep(group, key(), { ...movement, kindId, amount: bags });
	const base = { kindId, colour: 'blue', byName: null } as const;
	const planned = { planId: String(plan.outcome === 'kept' ? plan.plan.id : ''), planVersion: 1 };
	return {
		group,
		kindId,
		flatten: (n: number): Entry => ({ type: 'flatten', ...base, bags: n }),
		cut: (n: number, spoiledShare = 0): Entry => ({
			type: 'cut',
			...base,
			...planned,
			bags: n,
			use: 'strand',
			spoiledShare
		}),
		join: (pieces: number): Entry => ({ type: 'join', ...base, cut: rings, pieces }),
		ball: (bags: number, code: string | null = null): Entry => ({
			type: 'ball',
			as: 'ball',
			kindId,
			cut: rings,
			colours: [{ colour: 'blue', bags }],
			code,
			...planned,
			massG: null,
			scaleErrorG: 1,
			byName: null
		})
	};
}
const piles = (group: GroupId) =>
	many<{ form: string; amount: number; filmMg: number }>(
		`select l.form, b.amount, b.film_mg as "filmMg" from balance b join line l on l.group_id = b.group_id and l.id = b.line_id
		 where b.group_id = $1 and b.holder = 'store' and (b.amount <> 0 or b.film_mg <> 0) order by l.id`,
		[group]
	);

describe('bags at the table', () => {
	it('become a ball, their film with them', async () => {
		const t = await table();
		for (const entry of [t.flatten(20), t.cut(20, 0.05), t.join(76), t.ball(19)])
			expect(await keep(t.group, key(), entry)).toMatchObject({ outcome: 'kept' });
		console.log(await piles(t.group));
	});
});
