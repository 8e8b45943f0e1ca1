import { type Db } from '../../src/lib/server/db/db';
import { beforeEach, describe, expect, it } from 'vitest';
import { listDropOffs } from '../../src/lib/server/gather/drop-offs';
import { givenBack } from '../../src/lib/server/gather/give-back';
import { practiceOfGroup } from '../../src/lib/server/measures/practice';
import { pointOf } from '../../src/lib/core/practice/practice';
import { bagPresets } from '../../src/lib/core/bag/presets';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { useDatabase } from './database';
import { dropOff, keep, newTable } from './samples';

useDatabase();

let group: Db;
let kindId = '';
beforeEach(async () => {
	({ group, kindId } = await newTable());
});
const key = () => crypto.randomUUID();
const [{ bag: thin }] = bagPresets;
const massFactor = async () => pointOf(await practiceOfGroup(group), thin).factors.bagMass;
const weighing = {
	grossG: 1200,
	tareG: 200,
	meanG: 5.6,
	spreadG: 0.2,
	handfuls: 4,
	sampled: 40,
	scaleErrorG: 2
};
const weighed = { ...dropOff, method: 'weight' as const, weighing, kindId: '' };

describe('handfuls weighed at the door', () => {
	it('count for what a bag of their kind weighs, once, however often they are sent', async () => {
		expect(await massFactor()).toBe(1);
		const sent = key();
		const saved = await Promise.all([1, 2, 3].map(() => keep(group, sent, { ...weighed, kindId })));
		expect(saved.map(({ outcome }) => outcome).sort()).toEqual(['duplicate', 'duplicate', 'kept']);
		// Forty bags of 5.6 g against the 5.2 g of the kind: nearly all the way from 1 to 1.077.
		const once = await massFactor();
		expect(once).toBeGreaterThan(1.06);
		expect(once).toBeLessThan(1.0769);
		await keep(group, key(), { ...weighed, kindId });
		expect(await massFactor()).toBeGreaterThan(once);
	});

	it('count for nothing where they are of several kinds, or the drop-off is undone', async () => {
		await keep(group, key(), { ...weighed, kindId: null });
		expect(await massFactor()).toBe(1);
		await keep(group, key(), { ...weighed, kindId });
		const [line] = await listDropOffs(group);
		const back = {
			type: 'correction',
			of: 'drop-off',
			corrects: line?.id ?? 0,
			note: 'wrong kind',
			byName: null
		};
		expect((await keep(group, key(), back as never)).outcome).toBe('kept');
		expect(await massFactor()).toBe(1);
	});

	it('are asked about where no bag of that kind weighs so much, and refused of a kind that is gone', async () => {
		const heavy = { ...weighed, kindId, weighing: { ...weighing, meanG: 52 } };
		expect(await keep(group, key(), heavy)).toMatchObject({
			outcome: 'refused',
			problems: { sure: expect.any(String) }
		});
		expect(await listDropOffs(group)).toEqual([]);
		expect(await keep(group, key(), { ...weighed, kindId: crypto.randomUUID() })).toMatchObject({
			problems: { kind: 'That kind is not in the list any more.' }
		});
	});
});

describe('what is undone', () => {
	const hall = { lengthSystem: 'cm' as const, timeZone: 'UTC' };

	it('is given back as it was typed, the names with it, but not the word that an odd count was right', async () => {
		const typed = {
			place: 'Ferry kiosk',
			came_on: '2026-11-19',
			method: 'hand',
			bags: '180',
			brought_by: 'Wren',
			sacks: '2',
			sure: 'yes'
		};
		const saved = await saveEntry(group, { key: key(), type: 'drop-off', typed }, hall);
		expect(saved.outcome).toBe('kept');
		const [line] = await listDropOffs(group);
		expect(await givenBack(group, 'drop-off', line?.id ?? null)).toEqual({
			type: 'drop-off',
			typed: {
				place: 'Ferry kiosk',
				came_on: '2026-11-19',
				method: 'hand',
				bags: '180',
				brought_by: 'Wren',
				sacks: '2'
			}
		});
	});

	it('is nothing where nothing is meant, nothing is known, or another group has it', async () => {
		expect(await givenBack(group, 'drop-off', null)).toBeNull();
		expect(await givenBack(group, 'sorting', 77)).toBeNull();
		await saveEntry(
			group,
			{
				key: key(),
				type: 'drop-off',
				typed: { place: 'A', came_on: '2026-11-19', method: 'hand', bags: '8' }
			},
			hall
		);
		const [line] = await listDropOffs(group);
		const { group: other } = await newTable();
		expect(await givenBack(other, 'drop-off', line?.id ?? null)).toBeNull();
	});
});
