import { readNeed } from '../../src/lib/server/need/need';
import { type Db } from '../../src/lib/server/db/db';
import { beforeEach, describe, expect, it } from 'vitest';
import { demoPlans } from '../../scripts/demo/plans';
import { barePractice } from '../../src/lib/core/practice/practice';
import type { BagKindEntry } from '../../src/lib/entries/types/bag-kind';
import { listKinds, listStoredKinds, removeKind } from '../../src/lib/server/gather/kinds';
import { partKey } from '../../src/lib/server/db/part-key';
import { listPlaces } from '../../src/lib/server/gather/places';
import { deletePlan, insertPlan } from '../../src/lib/server/plan/plans';
import { listWantedPlans, wantMats } from '../../src/lib/server/gather/wanted';
import { writeOf } from '../../src/lib/server/plan/keep-form';
import { loadAsks } from '../../src/lib/server/asks/load-asks';
import { knownOf } from '../../src/lib/server/bench/known-of';
import { listBallStock, listPiles } from '../../src/lib/server/prepare/piles';
import { stockOf } from '../../src/lib/server/asks/stock';
import { seasonAsks } from '../../src/lib/server/asks/season-asks';
import { useDatabase } from './database';
import { newGroup, keep } from './samples';

useDatabase();

/** What is asked for, as the page has it. */
const hall = { today: '2026-11-26', timeZone: 'UTC' };
const asksOf = (of: Db, place: string | null) => loadAsks(of, place, listKinds(of), hall);

let group: Db;
const key = () => crypto.randomUUID();
beforeEach(async () => {
	group = await newGroup();
});

const bread: BagKindEntry = {
	type: 'bag-kind',
	kindId: null,
	name: 'Bread bag',
	handfulCount: 20,
	source: 'used',
	isSure: false,
	bag: { flatWidthMm: 240, gussetMm: 0, bodyMm: 390, handleMm: 0, massG: 3.3 }
};
const bagsIn = (kindId: string, amount: number, colour: 'blue' | 'white' = 'blue') =>
	keep(group, key(), {
		type: 'movement',
		kindId,
		colour,
		form: 'bag',
		amount,
		reason: 'counted',
		note: null,
		byName: null,
		isSure: false
	});
const kindNamed = async (name: string) =>
	(await listStoredKinds(group)).find((kind) => kind.name === name);

describe('a kind of bag', () => {
	it('is kept once under its key, and known by its name', async () => {
		const sent = key();
		expect(await keep(group, sent, bread)).toEqual({ outcome: 'kept', id: sent });
		expect(await keep(group, sent, bread)).toEqual({ outcome: 'duplicate', id: sent });
		expect(await kindNamed('Bread bag')).toMatchObject({ ...bread.bag, bags: 0, isUsed: false });
	});

	it('has a name of its own, whatever its letters', async () => {
		await keep(group, key(), bread);
		expect(await keep(group, key(), { ...bread, name: ' bread BAG' })).toMatchObject({
			outcome: 'refused',
			problems: { name: expect.stringContaining('already') as string }
		});
	});

	it('is measured again, and may not take another’s name', async () => {
		const sent = key();
		await keep(group, sent, bread);
		const heavier = { ...bread, kindId: sent, bag: { ...bread.bag, massG: 3.6 } };
		expect((await keep(group, key(), heavier)).outcome).toBe('kept');
		expect((await kindNamed('Bread bag'))?.massG).toBe(3.6);
		expect((await keep(group, key(), { ...heavier, name: 'Thin carrier' })).outcome).toBe(
			'refused'
		);
		expect((await keep(group, key(), { ...heavier, kindId: key() })).outcome).toBe('refused');
	});

	it('leaves the list while the store has never seen it, and stays from then on', async () => {
		const sent = key();
		await keep(group, sent, bread);
		await bagsIn(sent, 5);
		await bagsIn(sent, -5);
		expect(await removeKind(group, sent)).toBe(false);
		expect(await kindNamed('Bread bag')).toMatchObject({ bags: 0, isUsed: true });
		const pouch = (await kindNamed('Milk pouch'))?.id ?? '';
		expect(await removeKind(group, pouch)).toBe(true);
		expect(await removeKind(group, pouch)).toBe(false);
	});

	it('comes to the planning bench with what is in the store', async () => {
		const carrier = (await kindNamed('Thin carrier'))?.id ?? '';
		await bagsIn(carrier, 7);
		await bagsIn(carrier, 5, 'white');
		const { kinds, practice } = await knownOf(group);
		expect(kinds.find(({ kind }) => kind === 'Thin carrier')?.count).toBe(12);
		expect(kinds).toHaveLength(3);
		expect(practice).toEqual(barePractice);
	});
});

describe('what the season asks for', () => {
	const plan = demoPlans.find(({ name }) => name.startsWith('Mat for the Causeway'))?.plan;
	if (!plan) throw new Error('the demo plan is not there');
	const keepIt = async () => {
		const kept = await insertPlan(group, writeOf('Causeway', plan, key(), barePractice));
		if (kept.outcome !== 'kept') throw new Error('the plan was not kept');
		return kept.plan.id;
	};

	it('is nothing until mats are wanted', async () => {
		await keepIt();
		const { plans, asks } = await asksOf(group, null);
		expect(plans.map(({ name, mats, kind }) => [name, mats, kind])).toEqual([
			['Causeway', 0, 'Thin carrier']
		]);
		expect(asks).toEqual([]);
	});

	it('is never set over what someone else set meanwhile, unless that was seen', async () => {
		const id = await keepIt();
		const both = await Promise.all([wantMats(group, id, 3, 0), wantMats(group, id, 5, 0)]);
		expect(both.map(({ outcome }) => outcome).sort()).toEqual(['met', 'set']);
		const met = both.find(({ outcome }) => outcome === 'met');
		const stands = met?.outcome === 'met' ? met.mats : 0;
		expect([3, 5]).toContain(stands);
		// Sent again, it is as it was said.
		expect(await wantMats(group, id, stands, 0)).toEqual({ outcome: 'set' });
		expect(await wantMats(group, id, 8, stands)).toEqual({ outcome: 'set' });
		expect((await listWantedPlans(group))[0]?.matsWanted).toBe(8);
	});

	it('follows the mats wanted, the store and what sorting rejects', async () => {
		const id = await keepIt();
		expect(await wantMats(group, id, 2, 0)).toEqual({ outcome: 'set' });
		const before = (await asksOf(group, null)).asks.find(({ colour }) => colour === 'blue');
		await bagsIn((await kindNamed('Thin carrier'))?.id ?? '', 60);
		const after = (await asksOf(group, null)).asks.find(({ colour }) => colour === 'blue');
		expect((before?.bags ?? 0) - (after?.bags ?? 0)).toBeCloseTo(60, 6);
		expect(after?.toAsk).toBeGreaterThan((after?.bags ?? 0) / 0.88 - 1);
	});

	it('asks more of a place whose bags are worse', async () => {
		await wantMats(group, await keepIt(), 1, 0);
		const kindId = (await kindNamed('Thin carrier'))?.id ?? '';
		await keep(group, key(), {
			type: 'sorting',
			place: 'Ferry kiosk',
			kindId,
			colour: 'red',
			strand: 20,
			stuffing: 20,
			drying: 0,
			rejected: 160,
			lookAgainHours: null,
			driedFrom: null,
			byName: null,
			isSure: false
		});
		const [place] = await listPlaces(group);
		const here = await asksOf(group, place?.id ?? null);
		expect(here.rejectedShare).toBeCloseTo((0.12 * 50 + 180) / 250, 9);
		expect(here.place?.name).toBe('Ferry kiosk');
		expect((await asksOf(group, key())).place).toBeNull();
	});

	it('leaves deleted plans out, and puts wanted ones first', async () => {
		const [first, second, third] = [await keepIt(), await keepIt(), await keepIt()];
		await wantMats(group, first, 3, 0);
		await deletePlan(group, third);
		expect(await wantMats(group, third, 1, 0)).toEqual({ outcome: 'gone' });
		const wanted = await listWantedPlans(group);
		expect(wanted.map(({ id, matsWanted }) => [id, matsWanted])).toEqual([
			[first, 3],
			[second, 0]
		]);
	});

	it('has nothing to draw for a bag that is none of the kinds', async () => {
		await wantMats(group, await keepIt(), 1, 0);
		const { plans } = seasonAsks(
			await listWantedPlans(group),
			[],
			[],
			stockOf(await listPiles(group), await listBallStock(group), []),
			barePractice,
			await readNeed(group, hall)
		);
		expect(plans[0]).toMatchObject({ kind: null, allocation: { drawn: 0 } });
	});
});

describe('the rows of a list', () => {
	it('have keys that are always the same and never meet', () => {
		const [a, b] = [key(), key()];
		expect(partKey(a, 1)).toBe(partKey(a, 1));
		expect(partKey(a, 1)).toMatch(
			/^[0-9a-f]{8}-[0-9a-f]{4}-8[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/
		);
		expect(new Set([a, b, partKey(a, 1), partKey(a, 2), partKey(b, 1)]).size).toBe(5);
	});
});
