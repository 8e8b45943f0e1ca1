import { fileURLToPath } from 'node:url';
import { barePractice } from '../src/lib/core/practice/practice';
// The demo world: made up, the same every time, loaded once.
import { loadDaysBehind } from './demo/days-behind';
import { loadGathered } from './demo/gathered';
import { loadMats } from './demo/mats';
import { loadPeople, seatNextDay } from './demo/people';
import { demoPlans } from './demo/plans';
import { writeOf } from '../src/lib/server/plan/keep-form';
import { endPools } from '../src/lib/server/db/pool';
import { dbOf } from '../src/lib/server/db/db';
import { insertPlan } from '../src/lib/server/plan/plans';
import { localGroupId } from '../src/lib/server/base/group-id';

// What is foreseen of the days behind is worked out where the application does it.
process.env.HEAVY_WORK_FILE ??= fileURLToPath(new URL('../build/heavy/heavy.js', import.meta.url));

const db = dbOf(localGroupId);
const isFresh = process.argv.includes('--fresh');

/** Takes the group away with all that is its own, and makes it again with nothing in it. */
async function emptyGroup() {
	await db.execute('delete from volunteer_group where id = $1', [localGroupId]);
	await db.execute('insert into volunteer_group (id, name) values ($1, $2)', [
		localGroupId,
		'Our mat table'
	]);
}

async function load() {
	if (isFresh) await emptyGroup();
	const { isWhole, isBegun } = await db.one<{ isWhole: boolean; isBegun: boolean }>(
		`select has_demo_world as "isWhole", demo_world_begun as "isBegun"
			from volunteer_group where id = $1`,
		[localGroupId]
	);
	if (isWhole) return;
	// A filling that was cut off is begun anew; a group that nothing was filled into is never emptied.
	if (isBegun) await emptyGroup();
	await db.execute('update volunteer_group set demo_world_begun = true where id = $1', [
		localGroupId
	]);
	for (const [index, { name, plan, keptOn }] of demoPlans.entries()) {
		const key = `00000000-0000-4000-8000-${String(1000 + index).padStart(12, '0')}`;
		const { outcome } = await insertPlan(db, writeOf(name, plan, key, barePractice));
		if (outcome !== 'kept') throw new Error(`the demo plan "${name}" was not kept`);
		await db.execute(
			'update plan set created_at = $3, updated_at = $3 where group_id = $1 and created_key = $2',
			[localGroupId, key, new Date(keptOn)]
		);
	}
	await loadPeople(db);
	await loadDaysBehind(db);
	await loadGathered(db);
	await seatNextDay(db);
	await loadMats(db);
	await db.execute('update volunteer_group set name = $2, has_demo_world = true where id = $1', [
		localGroupId,
		'Alder Quay Mat Table'
	]);
}

await load().finally(endPools);
