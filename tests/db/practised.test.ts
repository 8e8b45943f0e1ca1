import { type Db, house } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import { exerciseOf, isRight } from '../../src/lib/core/know-how/exercises';
import { forgetPerson } from '../../src/lib/server/book/forget-person';
import { ownThings } from '../../src/lib/server/know-how/own-things';
import { practisedBy } from '../../src/lib/server/know-how/practised';
import { addPerson } from '../../src/lib/server/people/people';
import { aMat, send } from './a-mat';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();

async function someone(): Promise<{ group: Db; person: string }> {
	const group = await newGroup();
	const person = crypto.randomUUID();
	await addPerson(group, person, 'Wren');
	return { group, person };
}
const { facts, options } = exerciseOf('over-under', 7);
const right = String(options.find((option) => isRight(facts, option)));
const wrong = String(options.find((option) => !isRight(facts, option)));

describe('an answer under a name', () => {
	const typed = (person: string, answer: string) => ({
		person,
		kind: 'over-under',
		seed: '7',
		answer
	});
	it('is judged from its question, counts once when it is sent again, and is theirs alone', async () => {
		const { group, person } = await someone();
		const other = crypto.randomUUID();
		await addPerson(group, other, 'Ivo');
		const key = crypto.randomUUID();
		expect((await send(group, 'practised', typed(person, right), { key })).outcome).toBe('kept');
		expect((await send(group, 'practised', typed(person, right), { key })).outcome).toBe(
			'duplicate'
		);
		await send(group, 'practised', typed(person, wrong));
		const kept = await practisedBy(group, person);
		expect(kept.map((one) => one.isRight).toSorted()).toEqual([false, true]);
		expect(kept[0]?.at).toBe(Date.parse('2026-11-28T12:00:00Z'));
		expect(await practisedBy(group, other)).toEqual([]);
	});
	it('is not there any more once it is taken back, or the name is forgotten', async () => {
		const { group, person } = await someone();
		await send(group, 'practised', typed(person, right));
		await send(group, 'practised', typed(person, wrong));
		const [first] = await house.many<{ id: number }>(
			`select id from entry where group_id = $1 and type = 'practised' order by id limit 1`,
			[group.groupId]
		);
		await send(group, 'correction', { of: 'entry', corrects: String(first?.id), note: 'a slip' });
		expect((await practisedBy(group, person)).map((one) => one.isRight)).toEqual([false]);
		await forgetPerson(group, person);
		expect(await practisedBy(group, person)).toEqual([]);
	});
	it.each([
		[{ answer: '12' }, 'answer'],
		[{ answer: 'over' }, 'answer'],
		[{ kind: 'singing' }, 'kind'],
		[{ seed: '-1' }, 'seed'],
		[{ person: crypto.randomUUID() }, 'person'],
		[{ person: 'Wren' }, 'person']
	])('with %j is refused at its field', async (slip, field) => {
		const { group, person } = await someone();
		const sent = await send(group, 'practised', { ...typed(person, right), ...slip });
		expect(sent.outcome).toBe('refused');
		expect(Object.keys('problems' in sent ? (sent.problems ?? {}) : {})).toEqual([field]);
	});
});

describe('what acts are drawn with', () => {
	it('is the group’s first kind of bag, its newest plan’s cut and hook; the usual bag besides', async () => {
		const { group } = await aMat();
		const [own, usual] = await ownThings(group);
		expect(own?.bagName).toMatch(/^your /);
		expect(usual?.bagName).toBe('a thin carrier');
		expect(own?.cut).toMatchObject({ style: 'loops' });
		expect(own?.hookMm).toBeGreaterThan(2);
		expect(own?.loom).toBeNull();
		expect(own?.stitch).toMatch(/^(sc|hdc|dc)$/);
	});
	it('is the thinnest bag with handles and side folds, whatever came first', async () => {
		const group = await newGroup();
		expect((await ownThings(group))[0]?.bagName).toBe('your Thin carrier');
		for (const [name, flatWidthMm, gussetMm, handleMm, massG] of [
			['Pouch', 200, 0, 0, 2],
			['Heavy carrier', 320, 100, 160, 12],
			['Light carrier', 300, 80, 150, 3]
		] as const)
			await group.execute(
				`insert into bag_kind (group_id, name, flat_width_mm, gusset_mm, body_mm, handle_mm, mass_g, handful_count)
				 values ($1, $2, $3, $4, 400, $5, $6, 10)`,
				[group.groupId, name, flatWidthMm, gussetMm, handleMm, massG]
			);
		const [own] = await ownThings(group);
		expect(own?.bagName).toBe('your Light carrier');
	});
	it('is usual in a group that has nothing yet', async () => {
		const [own] = await ownThings(await newGroup());
		expect(own?.cut).toBeNull();
		expect(own?.hookMm).toBeNull();
	});
});
