import * as commonWords from '../../src/lib/words/common';
import { type Db, house } from '../../src/lib/server/db/db';
import { beforeEach, describe, expect, it } from 'vitest';
import { listDropOffs } from '../../src/lib/server/gather/drop-offs';
import { listStoredKinds } from '../../src/lib/server/gather/kinds';
import { deletePlan, insertPlan } from '../../src/lib/server/plan/plans';
import { listPlaces } from '../../src/lib/server/gather/places';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import type { SentEntry } from '../../src/lib/server/entries/take-entry';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { barePractice } from '../../src/lib/core/practice/practice';
import { startingPlan } from '../../src/lib/core/model/starting-plan';
import { useDatabase } from './database';
import { newTable } from './samples';

useDatabase();

let group: Db;
let kindId = '';
beforeEach(async () => {
	({ group, kindId } = await newTable());
});

const key = () => crypto.randomUUID();
const now = new Date('2026-11-25T02:00:00Z');
const take = (sent: Omit<SentEntry, 'key'> & { key?: string }, timeZone = 'UTC') =>
	saveEntry(group, { key: key(), ...sent }, { lengthSystem: 'cm', timeZone }, now);
const came = (more: Record<string, string> = {}) => ({
	type: 'drop-off',
	typed: { place: 'Ferry kiosk', came_on: '2026-11-24', method: 'hand', bags: '120', ...more }
});
const sorted = (strand: string, more: Record<string, string> = {}) => ({
	type: 'sorting',
	typed: { place: 'Ferry kiosk', kind: kindId, colour: 'blue', strand, ...more }
});

describe('an entry under a key', () => {
	it('counts once with the same content, and is a conflict with another', async () => {
		const sent = { ...came(), key: key() };
		expect((await take(sent)).outcome).toBe('kept');
		expect((await take({ ...sent, typed: { ...sent.typed, note: ' ' } })).outcome).toBe(
			'duplicate'
		);
		expect(await take({ ...came({ bags: '121' }), key: sent.key })).toMatchObject({
			outcome: 'refused',
			problems: {
				key: expect.stringContaining('This was already saved with other content') as string
			}
		});
		expect(await take({ ...sorted('4'), key: sent.key })).toMatchObject({ outcome: 'refused' });
		expect((await listPlaces(group))[0]?.bags).toBe(120);
	});

	it('sent ten times at once counts once', async () => {
		const sent = { ...came(), key: key() };
		const outcomes = await Promise.all(Array.from({ length: 10 }, () => take(sent)));
		expect(outcomes.filter(({ outcome }) => outcome === 'kept')).toHaveLength(1);
		expect(outcomes.filter(({ outcome }) => outcome === 'duplicate')).toHaveLength(9);
		expect(await listDropOffs(group)).toHaveLength(1);
	});

	it('that was refused is not used up: put right, it is kept under it', async () => {
		const sent = key();
		expect((await take({ ...came({ bags: 'many' }), key: sent })).outcome).toBe('refused');
		expect((await take({ ...came(), key: sent })).outcome).toBe('kept');
	});

	it('of a measure counts once though its plan is deleted meanwhile', async () => {
		const kept = await insertPlan(group, writeOf('Mine', startingPlan, key(), barePractice));
		if (kept.outcome !== 'kept') throw new Error('not kept');
		const sent = {
			key: key(),
			type: 'measurement',
			typed: {
				measure: 'chain',
				plan: kept.plan.id,
				measured_on: '2026-11-20',
				counted: '10',
				length: '440'
			}
		};
		expect((await take(sent)).outcome).toBe('kept');
		await deletePlan(group, kept.plan.id);
		expect((await take(sent)).outcome).toBe('duplicate');
	});
});

describe('a day', () => {
	it('is the hall’s: nothing lies after it, whatever the day is elsewhere', async () => {
		const tomorrow = came({ came_on: '2026-11-25' });
		expect((await take(tomorrow, 'America/Denver')).outcome).toBe('refused');
		expect((await take(tomorrow, 'UTC')).outcome).toBe('kept');
		expect(await take(came({ came_on: '2099-01-01' }))).toMatchObject({
			problems: { came_on: commonWords.formReader.thatDayIsStillTo() }
		});
	});
});

describe('lengths', () => {
	it('are in the units of the device that typed them', async () => {
		const bag = {
			type: 'bag-kind',
			typed: { name: 'Bread', width: '10', body: '16', handful: '2.5', handful_count: '20' }
		};
		expect((await take({ ...bag, lengths: 'ft' })).outcome).toBe('kept');
		const kind = (await listStoredKinds(group)).find(({ name }) => name === 'Bread');
		expect(kind?.flatWidthMm).toBe(254);
		expect(kind?.massG).toBeCloseTo((2.5 * 28.349523) / 20, 5);
		expect(kind?.handfulCount).toBe(20);
		// Only its name is put right: what it weighs stays.
		const again = {
			type: 'bag-kind',
			typed: {
				...bag.typed,
				kind: kind?.id ?? '',
				name: 'Bread bag',
				handful_count: String(kind?.handfulCount)
			}
		};
		expect((await take({ ...again, lengths: 'ft' })).outcome).toBe('kept');
		const renamed = (await listStoredKinds(group)).find(({ name }) => name === 'Bread bag');
		expect(renamed?.massG).toBeCloseTo(kind?.massG ?? NaN, 9);
	});
});

describe('a slip', () => {
	it.each([
		[{ bags: '10000' }, 'fill a hall'],
		[{ bags: '2000', sacks: '2' }, 'do not fit in'],
		[
			{
				method: 'weight',
				gross: '37 oz',
				tare: '0 g',
				handfuls: '1.9',
				bags_each: '10',
				scale_error: '2 g'
			},
			'0.19 g, too light'
		]
	])(
		'in what came in, %j, is asked about and kept once it is said to be right',
		async (typed, words) => {
			expect(await take(came(typed))).toMatchObject({
				problems: { sure: expect.stringContaining(words) as string }
			});
			expect(await listDropOffs(group)).toEqual([]);
			expect((await take(came({ ...typed, sure: 'yes' }))).outcome).toBe('kept');
		}
	);

	it('is ten times what a place brings', async () => {
		for (const bags of ['110', '130']) await take(came({ bags }));
		expect(await take(came({ bags: '1300' }))).toMatchObject({
			problems: { sure: expect.stringContaining('usually brings about 120') as string }
		});
		expect((await take(came({ bags: '1100' }))).outcome).toBe('kept');
	});

	it('is more sorted than came, but not of a place nothing is known to come from', async () => {
		await take(came());
		expect(await take(sorted('1000'))).toMatchObject({
			problems: { sure: expect.stringContaining('only 120 came from there') as string }
		});
		expect((await take(sorted('120'))).outcome).toBe('kept');
		expect((await take(sorted('25'))).outcome).toBe('refused');
		expect((await take(sorted('25', { sure: 'yes' }))).outcome).toBe('kept');
		expect((await take(sorted('900', { place: 'Somewhere' }))).outcome).toBe('kept');
	});
});

describe('what is never changed', () => {
	it.each([
		['update drop_off set bags = bags + 1', 'never changed'],
		['delete from drop_off', 'never changed'],
		['truncate drop_off cascade', 'never emptied'],
		['truncate movement cascade', 'never emptied'],
		['update movement set amount = 1', 'never changed'],
		['update sorting set strand = 0', 'never changed'],
		['delete from sorting', 'never changed'],
		['truncate sorting cascade', 'never emptied'],
		['truncate taken_back cascade', 'never emptied'],
		['update entry set note = null', 'never changed'],
		['delete from entry', 'never changed'],
		['truncate entry cascade', 'never emptied'],
		['update line set colour = colour', 'never changed']
	])('is refused by the database: %s', async (sql, words) => {
		await take(came());
		await take(sorted('40', { drying: '8', look_again: '2' }));
		await expect(house.execute(sql, [])).rejects.toThrow(words);
	});

	it('goes with a group that is deleted, and a pile may be said to be gone', async () => {
		await take(came());
		await take(sorted('40', { drying: '8', look_again: '2' }));
		expect(
			await house.execute('update sorting set looked_again_at = now() where group_id = $1', [
				group.groupId
			])
		).toBe(1);
		expect(await house.execute('delete from volunteer_group where id = $1', [group.groupId])).toBe(
			1
		);
		expect(
			await house.one('select count(*)::int as n from drop_off where group_id = $1', [
				group.groupId
			])
		).toEqual({ n: 0 });
	});
});

describe('what is kept beside the entries', () => {
	it('is what adding all of them up gives, whatever came, was sorted, dried and undone', async () => {
		await take(came());
		await take(came({ bags: '60', came_on: '2026-11-20' }));
		await take(sorted('50', { stuffing: '4', rejected: '6', drying: '9', look_again: '2' }));
		const pile = await house.one<{ id: number }>('select id from drying_pile where group_id = $1', [
			group.groupId
		]);
		await take(sorted('5', { dried: String(pile.id) }));
		const last = (await listDropOffs(group))[0]?.id ?? 0;
		await take({
			type: 'correction',
			typed: { of: 'drop-off', corrects: String(last), note: 'twice' }
		});
		const { tally, counted } = await house.one<{ tally: object; counted: object }>(
			`select json_build_object('bags', t.bags, 'came', t.last_came, 'sorted', t.sorted,
					'rejected', t.rejected, 'hanging', (select sum(hanging) from drying where group_id = $1)) as tally,
				json_build_object(
					'bags', (select sum(bags) from standing_drop_off where group_id = $1),
					'came', (select max(came_on) from standing_drop_off where group_id = $1),
					'sorted', (select sum(strand + stuffing + rejected) from standing_sorting where group_id = $1),
					'rejected', (select sum(stuffing + rejected) from standing_sorting where group_id = $1),
					'hanging', (select sum(s.drying) from standing_sorting s where s.group_id = $1)
						- (select sum(strand + stuffing + drying + rejected) from standing_sorting
							where group_id = $1 and dried_from is not null)) as counted
			 from place_tally t where t.group_id = $1`,
			[group.groupId]
		);
		expect(tally).toEqual(counted);
		expect(tally).toMatchObject({ bags: 60, came: '2026-11-20', sorted: 65, hanging: 4 });
	});
});
