import { type Db } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { listDropOffs } from '../../src/lib/server/gather/drop-offs';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { listBalances } from '../../src/lib/server/gather/ledger';
import { listPlaces, makeOnePlace, makeOwnPlace } from '../../src/lib/server/gather/places';
import { listSameKinds } from '../../src/lib/server/prepare/same-kind';
import { withBall } from './a-mat';
import { useDatabase } from './database';
import { keep, movement, newTable } from './samples';

useDatabase();
const key = () => crypto.randomUUID();
const send = (group: Db, type: string, typed: Record<string, string>) =>
	saveEntry(
		group,
		{ key: key(), type, typed },
		{ lengthSystem: 'cm', timeZone: 'UTC' },
		new Date('2026-11-28T12:00:00Z')
	);
const came = (place: string, bags: string, sure = '') => ({
	place,
	came_on: '2026-11-20',
	method: 'hand',
	bags,
	sure
});
const placesOf = async (group: Db) =>
	(await listPlaces(group)).map(({ name, bags, dropOffs }) => [name, bags, dropOffs]);

describe('a place that is named nearly as another', () => {
	it('is asked about, and is a new one only where somebody says so', async () => {
		const { group } = await newTable();
		await send(group, 'drop-off', came('Town library', '40'));
		expect(await send(group, 'drop-off', came('Town libary', '30'))).toMatchObject({
			outcome: 'refused',
			problems: { sure: expect.stringContaining('Town library') as string }
		});
		expect((await send(group, 'drop-off', came('town LIBRARY', '30'))).outcome).toBe('kept');
		expect((await send(group, 'drop-off', came('Town libary', '5', 'yes'))).outcome).toBe('kept');
		expect(await placesOf(group)).toEqual([
			['Town libary', 5, 1],
			['Town library', 70, 2]
		]);
	});
});

describe('two places', () => {
	it('are made one, for all that came and comes, and two again', async () => {
		const { group } = await newTable();
		await send(group, 'drop-off', came('Town library', '40'));
		await send(group, 'drop-off', came('Town libary', '30', 'yes'));
		const [wrong, right] = await listPlaces(group);
		const [wrongId = '', rightId = ''] = [wrong?.id, right?.id];
		expect(await makeOnePlace(group, wrongId, rightId)).toBe(true);
		expect(await makeOnePlace(group, rightId, wrongId)).toBe(false);
		expect(await makeOnePlace(group, rightId, rightId)).toBe(false);
		await send(group, 'drop-off', came('Town libary', '2'));
		expect(await placesOf(group)).toEqual([['Town library', 72, 3]]);
		expect((await listPlaces(group))[0]?.also).toEqual([{ id: wrongId, name: 'Town libary' }]);
		expect(new Set((await listDropOffs(group)).map(({ place }) => place))).toEqual(
			new Set(['Town library'])
		);
		expect(await makeOwnPlace(group, wrongId)).toBe(true);
		expect(await makeOwnPlace(group, wrongId)).toBe(false);
		// What came under its name meanwhile went to the other, and stays there.
		expect(await placesOf(group)).toEqual([
			['Town libary', 30, 1],
			['Town library', 42, 2]
		]);
	});
});

describe('two kinds', () => {
	it('are made one with all that is in store of them, and two again', async () => {
		const { group, kindId } = await newTable();
		const other = (await listKinds(group)).find(({ id }) => id !== kindId)?.id ?? '';
		const put = (kind: string, amount: number) =>
			keep(group, key(), {
				...movement,
				kindId: kind,
				colour: 'blue',
				form: 'bag',
				amount
			} as never);
		await put(kindId, 30);
		await put(other, 12);
		const inStore = async () =>
			Object.fromEntries(
				(await listBalances(group))
					.filter(({ amount }) => amount > 0)
					.map((one) => [one.kindId, one.amount])
			);
		const made = await send(group, 'same-kind', { kind: other, same_as: kindId });
		expect(made.outcome).toBe('kept');
		expect(await inStore()).toEqual({ [kindId]: 42 });
		expect((await listKinds(group)).map(({ id }) => id)).not.toContain(other);
		const [same] = await listSameKinds(group);
		const back = { of: 'entry', corrects: String(same?.id), note: '' };
		expect((await send(group, 'correction', back)).outcome).toBe('kept');
		expect(await inStore()).toEqual({ [kindId]: 30, [other]: 12 });
		expect((await listKinds(group)).map(({ id }) => id)).toContain(other);
		expect(await listSameKinds(group)).toEqual([]);
	});
	it('stay two where balls of the one are in store, and where they are one already', async () => {
		const t = await withBall(20);
		const [, other = ''] = (await listKinds(t.group)).map(({ id }) => id);
		expect(await send(t.group, 'same-kind', { kind: t.kindId, same_as: other })).toMatchObject({
			outcome: 'refused',
			problems: { kind: expect.any(String) as string }
		});
		expect((await send(t.group, 'same-kind', { kind: other, same_as: other })).outcome).toBe(
			'refused'
		);
	});
});
