import { type Db, house } from '../../src/lib/server/db/db';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { cutBag } from '../../src/lib/core/cut/cut-bag';
import type { ColourName } from '../../src/lib/core/colour/colours';
import { barePractice } from '../../src/lib/core/practice/practice';
import { snapshotOf } from '../../src/lib/core/prepare/cut-pile';
import type { Entry } from '../../src/lib/entries/registry';
import type { BallEntry } from '../../src/lib/entries/types/ball';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import { insertPlan } from '../../src/lib/server/plan/plans';
import { keep, movement, newTable } from './samples';

const key = () => crypto.randomUUID();

/** The rings of the starting plan: four a bag. */
export const rings = snapshotOf(startingPlan.bag, cutBag(startingPlan.bag, startingPlan.cut));

/** A group with so many blue bags and white ones on its table, and the entries of its acts. */
export async function aTable(bags: number, plan = startingPlan) {
	const { group, kindId } = await newTable();
	const kept = await insertPlan(group, writeOf('A mat', plan, key(), barePractice));
	if (kept.outcome !== 'kept') throw new Error('not kept');
	for (const colour of ['blue', 'white'] as const)
		await keep(group, key(), { ...movement, kindId, colour, amount: bags });
	const planned = { planId: kept.plan.id, planVersion: 1 };
	const base = (colour: ColourName = 'blue') => ({ kindId, colour, byName: null }) as const;
	return {
		group,
		kindId,
		planned,
		flatten: (count: number, colour?: ColourName): Entry => ({
			type: 'flatten',
			...base(colour),
			bags: count
		}),
		cut: (count: number, spoiledShare = 0, colour?: ColourName): Entry => ({
			type: 'cut',
			...base(colour),
			...planned,
			bags: count,
			use: 'strand',
			spoiledShare
		}),
		join: (pieces: number, colour?: ColourName): Entry => ({
			type: 'join',
			...base(colour),
			cut: rings,
			pieces
		}),
		ball: (count: number, more: Partial<BallEntry> = {}): BallEntry => ({
			type: 'ball',
			as: 'ball',
			kindId,
			cut: rings,
			colours: [{ colour: 'blue', bags: count }],
			code: null,
			...planned,
			massG: null,
			scaleErrorG: 1,
			byName: null,
			...more
		})
	};
}

/** The piles of a group's store: how much of each colour and form, and its film, mg. */
export const pilesOf = async (group: Db) =>
	Object.fromEntries(
		(
			await house.many<{ pile: string; amount: number; filmMg: number }>(
				`select l.colour || ' ' || l.form as pile, sum(b.amount) as amount, sum(b.film_mg) as "filmMg"
				 from balance b join line l on l.group_id = b.group_id and l.id = b.line_id
				 where b.group_id = $1 and b.holder = 'store' and (b.amount <> 0 or b.film_mg <> 0)
				 group by 1 order by 1`,
				[group.groupId]
			)
		).map(({ pile, amount, filmMg }) => [pile, [amount, filmMg]])
	);

/** Entries of a group that make or lose film, and piles below nothing: none, if all is well. */
export const wrongAt = (group: Db) =>
	house.one<{ film: number; below: number; filmBelow: number }>(
		`select
			(select count(*) from (select 1 from movement where group_id = $1
				group by entry_id having sum(film_mg) <> 0) e) as film,
			(select count(*) from balance where group_id = $1 and amount < 0) as below,
			(select count(*) from balance where group_id = $1 and film_mg < -2) as "filmBelow"`,
		[group.groupId]
	);
