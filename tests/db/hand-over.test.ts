import { type Db, house } from '../../src/lib/server/db/db';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addPerson } from '../../src/lib/server/people/people';
import { findMade } from '../../src/lib/server/check/made-mats';
import {
	addReceivingPlace,
	endReceiving,
	listReceivingPlaces
} from '../../src/lib/server/gather/places';
import { accountIn, listHanded } from '../../src/lib/server/hand-over/account';
import { keptBags } from '../../src/lib/stages/hand-over/account-view';
import { findDelivery, listDeliveries, listReady } from '../../src/lib/server/hand-over/deliveries';
import { listPillows, pillowStore } from '../../src/lib/server/hand-over/pillows';
import { storyOfMat } from '../../src/lib/server/hand-over/mat-story';
import { send, today, withBall } from './a-mat';
import { useDatabase } from './database';

useDatabase();
const problemsOf = (saved: object) => (saved as { problems?: unknown }).problems;
const idOf = (saved: { outcome: string }) =>
	String(saved.outcome === 'kept' ? (saved as unknown as { id: number }).id : 0);
const size = { width: '86 cm', length: '185 cm' };

/** What all that was handed over came to. */
const accountOf = async (group: Db) => (await accountIn(group, { of: 'all' })).account;

/** Finishes a mat and finds it good. */
async function makeGood(group: Db, mat: string): Promise<void> {
	for (const [type, typed] of [
		['finish', { mat }],
		['check', { mat, ...size }]
	] as const)
		expect((await send(group, type, typed)).outcome).toBe('kept');
}

/** A group with a good mat and a place that asks for it. */
async function aGoodMat() {
	const t = await withBall(20);
	await send(t.group, 'issue', { mat: t.code, ball: t.ball });
	await makeGood(t.group, t.code);
	const { id: place } = await addReceivingPlace(t.group, 'Tide House');
	const deliver = (mats = t.code, more: Record<string, string> = {}) =>
		send(t.group, 'deliver', { place, mats, goes_on: today, ...more });
	return { ...t, place, deliver };
}

/** Another mat of the same plan, good as well. */
async function anotherGoodMat(t: Pick<Awaited<ReturnType<typeof aGoodMat>>, 'group' | 'planned'>) {
	await send(t.group, 'begin', { plan: t.planned.planId, person: '' });
	const begun = await house.maybeOne<{ code: string }>(
		`select code from thing where group_id = $1 and sort = 'mat' order by id desc limit 1`,
		[t.group.groupId]
	);
	const code = begun?.code ?? '';
	await makeGood(t.group, code);
	return code;
}

describe('a delivery', () => {
	it('counts as kept from the bin what was used, and nothing else', async () => {
		const t = await aGoodMat();
		await t.deliver(t.code, {});
		const ofSource = async (source: string) => {
			await house.execute('update bag_kind set source = $2 where group_id = $1', [
				t.group.groupId,
				source
			]);
			const account = await accountOf(t.group);
			return [account.matBags, account.newBags, account.unknownBags, keptBags(account)];
		};
		expect(await ofSource('used')).toEqual([20, 0, 0, 20]);
		expect(await ofSource('new')).toEqual([20, 20, 0, 0]);
		expect(await ofSource('unknown')).toEqual([20, 0, 20, 0]);
	});
	it('takes good mats to a place, is received in a word, and is in the results so far', async () => {
		const t = await aGoodMat();
		expect(await listReady(t.group)).toMatchObject([
			{ code: t.code, widthMm: 860, lengthMm: 1850, rollMm: expect.any(Number) as number }
		]);
		expect((await t.deliver(t.code, { note: 'by the back door' })).outcome).toBe('kept');
		expect(await listReady(t.group)).toEqual([]);
		const [line] = await listDeliveries(t.group, {});
		expect(line).toMatchObject({
			placeName: 'Tide House',
			goesOn: today,
			mats: [t.code],
			note: 'by the back door',
			receivedOn: null
		});
		const account = await accountOf(t.group);
		expect(account).toMatchObject({
			mats: 1,
			matBags: 20,
			matsUncounted: 0,
			deliveries: 1
		});
		expect(account.m2).toBeCloseTo(0.86 * 1.85, 9);
		const film = await house.maybeOne<{ kg: number }>(
			`select sum(film_mg)::double precision / 1000000 as kg from balance
			 where group_id = $1 and holder = 'mat' and thing_id = $2`,
			[t.group.groupId, t.id]
		);
		// The same as lies in the mat by the ledger.
		expect(account.filmKg).toBeCloseTo(film?.kg ?? NaN, 6);
		const received = { delivery: line?.code ?? '', note: 'with thanks' };
		expect((await send(t.group, 'received', received)).outcome).toBe('kept');
		expect((await listDeliveries(t.group, {}))[0]).toMatchObject({
			receivedOn: today,
			receivedBy: 'with thanks'
		});
		expect((await findMade(t.group, t.code))?.state).toBe('received');
		expect(problemsOf(await send(t.group, 'received', received))).toEqual({
			delivery: `${line?.code} was already received.`
		});
	});
	it('takes no mat twice, none before it is good, none of nobody, and to no other place', async () => {
		const t = await aGoodMat();
		const begun = await send(t.group, 'begin', { plan: t.planned.planId, person: '' });
		const other = await house.maybeOne<{ code: string }>(
			'select code from thing where group_id = $1 and entry_id = $2',
			[t.group.groupId, Number(idOf(begun))]
		);
		expect(problemsOf(await t.deliver(`${t.code} ${other?.code}`))).toEqual({
			mats: `${other?.code} is not checked and good yet. Check it first.`
		});
		// One that may not go holds up no other: nothing of it went.
		expect(await listReady(t.group)).toHaveLength(1);
		for (const [mats, more, field] of [
			['', {}, 'mats'],
			['abc', {}, 'mats'],
			['ABCDE', {}, 'mats'],
			[t.ball, {}, 'mats'],
			[t.code, { place: crypto.randomUUID() }, 'place'],
			[t.code, { goes_on: 'soon' }, 'goes_on']
		] as const)
			expect(problemsOf(await t.deliver(mats, more))).toHaveProperty(field);
		const both = await Promise.all([t.deliver(), t.deliver()]);
		expect(both.map(({ outcome }) => outcome).sort()).toEqual(['kept', 'refused']);
		expect(await accountOf(t.group)).toMatchObject({ mats: 1, deliveries: 1 });
	});
	it('that was a mistake is taken back with a reason: its mats lie there again', async () => {
		const t = await aGoodMat();
		const sent = await t.deliver();
		const taken = await send(t.group, 'correction', {
			of: 'entry',
			corrects: idOf(sent),
			note: 'the van broke down'
		});
		expect(taken.outcome).toBe('kept');
		expect(await listReady(t.group)).toHaveLength(1);
		expect(await listDeliveries(t.group, {})).toEqual([]);
		expect(await accountOf(t.group)).toMatchObject({ mats: 0, matBags: 0, m2: 0, filmKg: 0 });
		expect((await t.deliver()).outcome).toBe('kept');
	});
	it('of which a mat comes back counts without it, and that is checked again', async () => {
		const t = await aGoodMat();
		await t.deliver();
		expect(problemsOf(await send(t.group, 'sent-back', { mat: t.code, note: '' }))).toHaveProperty(
			'note'
		);
		expect((await send(t.group, 'sent-back', { mat: t.code, note: 'a tie gave' })).outcome).toBe(
			'kept'
		);
		expect(await accountOf(t.group)).toMatchObject({ mats: 0, matBags: 0 });
		expect((await findMade(t.group, t.code))?.state).toBe('sent-back');
		await send(t.group, 'check', { mat: t.code, ...size });
		expect((await t.deliver()).outcome).toBe('kept');
		expect(await accountOf(t.group)).toMatchObject({ mats: 1, matBags: 20 });
	});
	it('that is received leaves a mat of it that came back as it is', async () => {
		const t = await aGoodMat();
		const second = await anotherGoodMat(t);
		await t.deliver(`${t.code} ${second}`);
		const [line] = await listDeliveries(t.group, {});
		await send(t.group, 'sent-back', { mat: second, note: 'a tie gave' });
		expect(
			(await send(t.group, 'received', { delivery: line?.code ?? '', note: '' })).outcome
		).toBe('kept');
		const stateOf = async (code: string) => (await findMade(t.group, code))?.state;
		expect([await stateOf(t.code), await stateOf(second)]).toEqual(['received', 'sent-back']);
		// Nor is it received by being taken back from there once more.
		expect(problemsOf(await send(t.group, 'sent-back', { mat: second, note: 'again' }))).toEqual({
			mat: `${second} was not delivered.`
		});
	});
	it('keeps its place, which receives nothing any more', async () => {
		const t = await aGoodMat();
		await t.deliver();
		expect(await endReceiving(t.group, t.place)).toBe(true);
		expect(await listReceivingPlaces(t.group)).toEqual([]);
		expect((await listDeliveries(t.group, {}))[0]?.placeName).toBe('Tide House');
	});
});

/** Puts scrap and torn bags into the store, for pillows. */
async function stuff(t: Awaited<ReturnType<typeof aGoodMat>>): Promise<void> {
	for (const [form, amount] of [
		['scrap', '700 g'],
		['stuffing', '6']
	] as const)
		expect(
			await send(t.group, 'movement', {
				kind: t.kindId,
				colour: 'blue',
				form,
				direction: 'in',
				amount,
				reason: 'counted'
			})
		).toMatchObject({ outcome: 'kept' });
}

describe('a pillow', () => {
	it('takes its stuffing from the store, goes with a mat, and its torn bags are counted', async () => {
		const t = await aGoodMat();
		expect(problemsOf(await send(t.group, 'pillow', { scrap: '5 kg' }))).toHaveProperty('scrap');
		await stuff(t);
		const before = await pillowStore(t.group);
		expect(problemsOf(await send(t.group, 'pillow', { bags: '7' }))).toEqual({
			bags: 'The store has only 6 torn bags. Count them there first.'
		});
		expect(problemsOf(await send(t.group, 'pillow', {}))).toHaveProperty('scrap');
		const made = await send(t.group, 'pillow', { scrap: '250 g', bags: '4' });
		expect(made.outcome).toBe('kept');
		const after = await pillowStore(t.group);
		expect(after.scrapG).toBeCloseTo(before.scrapG - 250, 6);
		expect(after.bags).toBe(before.bags - 4);
		const [pillow] = await listPillows(t.group);
		expect(pillow).toMatchObject({ bags: 4, scrapG: 250 });
		expect(
			problemsOf(await t.deliver(t.code, { pillows: `${pillow?.code} ${t.ball}` }))
		).toHaveProperty('pillows');
		expect((await t.deliver(t.code, { pillows: pillow?.code ?? '' })).outcome).toBe('kept');
		expect(await listPillows(t.group)).toEqual([]);
		const account = await accountOf(t.group);
		expect(account).toMatchObject({ mats: 1, pillows: 1, matBags: 20, pillowBags: 4 });
		// Film of the mat and of the pillow, as the book has both.
		const film = await house.maybeOne<{ kg: number }>(
			`select sum(film_mg)::double precision / 1000000 as kg from balance
			 where group_id = $1 and holder = 'mat'`,
			[t.group.groupId]
		);
		expect(account.filmKg).toBeCloseTo(film?.kg ?? NaN, 6);
		const [line] = await listDeliveries(t.group, {});
		expect(line?.pillows).toEqual([{ code: pillow?.code, mat: t.code }]);
		expect(await findDelivery(t.group, line?.code ?? '')).toMatchObject({
			lying: [{ code: t.code, pillow: pillow?.code, pillowG: pillow?.massG }]
		});
		// It went: what it is made of is not taken back any more.
		expect(
			(await send(t.group, 'correction', { of: 'entry', corrects: idOf(made), note: 'no' })).outcome
		).toBe('refused');
		expect((await storyOfMat(t.group, t.code))?.went).toMatchObject({ pillow: pillow?.code });
	});
});

describe('the results so far', () => {
	it('is by delivery, season and year what it is in all, and each mat says its own', async () => {
		const t = await aGoodMat();
		await t.deliver(t.code, { goes_on: '2026-08-30', gathering: 'Tea at six' });
		const { deliveries, seasons, years } = await accountIn(t.group, { of: 'all' });
		expect([seasons, years]).toEqual([[2025], [2026]]);
		const code = deliveries[0]?.code ?? '';
		const whole = await accountOf(t.group);
		expect(whole.estimatedHours).toBeGreaterThan(1);
		expect(whole.timedHours).toBe(0);
		for (const period of [
			{ of: 'season', begins: 2025 },
			{ of: 'year', year: 2026 },
			{ of: 'delivery', code }
		] as const)
			expect((await accountIn(t.group, period)).account).toEqual(whole);
		expect((await accountIn(t.group, { of: 'season', begins: 2026 })).account.mats).toBe(0);
		const { bars } = await accountIn(t.group, { of: 'season', begins: 2025 });
		expect(bars.filter(({ value }) => value > 0)).toEqual([{ name: 'Aug', value: 1 }]);
		const { mats } = await accountIn(t.group, { of: 'delivery', code });
		expect(mats).toHaveLength(1);
		expect(await listHanded(t.group, { delivery: null, before: null, limit: 9 })).toEqual(mats);
		expect(mats[0]).toMatchObject({
			code: t.code,
			bags: 20,
			widthMm: 860,
			placeName: 'Tide House'
		});
	});
	it('weighs what was weighed, and says where labels tell of a part of it only', async () => {
		const t = await withBall(20);
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		await send(t.group, 'finish', { mat: t.code });
		await send(t.group, 'check', { mat: t.code, ...size, mass: '2.1 kg' });
		const { id: place } = await addReceivingPlace(t.group, 'Tide House');
		await send(t.group, 'deliver', { place, mats: t.code, goes_on: today });
		const account = await accountOf(t.group);
		expect(account).toMatchObject({ matBags: 20, matsPartly: 1, matsUnweighed: 0 });
		expect(account.filmKg).toBeCloseTo(2.1, 9);
		const [mat] = await listHanded(t.group, { delivery: null, before: null, limit: 9 });
		expect(mat?.filmG).toBeCloseTo(2100, 9);
		const story = await storyOfMat(t.group, t.code);
		expect(story).toMatchObject({ bags: 20, massG: 2100 });
		expect(story?.knownFilmG).toBeLessThan(200);
	});
	it('tells hands that were timed by taps from those that are reckoned', async () => {
		const t = await withBall(20);
		const device = crypto.randomUUID();
		for (let nth = 0; nth <= 12; nth++)
			await t.row(1, {
				device,
				sequence: nth,
				at: new Date(Date.UTC(2026, 10, 28, 9, nth * 5)).toISOString()
			});
		await makeGood(t.group, t.code);
		const { id: place } = await addReceivingPlace(t.group, 'Tide House');
		await send(t.group, 'deliver', { place, mats: t.code, goes_on: today });
		// Thirteen taps five minutes apart: twelve rows in an hour.
		expect((await accountOf(t.group)).timedHours).toBeCloseTo(1, 9);
	});
});

describe('a mat’s own page', () => {
	it('says from which bags it is, by how many hands, on which days, and names nobody', async () => {
		const t = await aGoodMat();
		const story = await storyOfMat(t.group, t.code);
		expect(story).toMatchObject({
			code: t.code,
			state: 'good',
			bags: 20,
			sorts: [{ colour: 'blue', bags: 20 }],
			hands: 1,
			makers: 1,
			woundOn: [today],
			size: { widthMm: 860, lengthMm: 1850 },
			went: null
		});
		expect(story?.days.map(({ what, day }) => [what, day])).toEqual([
			['begun', today],
			['finished', today],
			['good', today]
		]);
		expect(JSON.stringify(story)).not.toContain('Mabel');
		expect(await storyOfMat(t.group, t.ball)).toBeNull();
	});
	it('counts the hands of the day its balls were wound, and says of which balls nobody is known', async () => {
		const t = await aGoodMat();
		expect(await storyOfMat(t.group, t.code)).toMatchObject({ hands: 1, unknownBalls: 1 });
		const day = crypto.randomUUID();
		await house.execute(
			`insert into table_day (group_id, id, day, place) values ($1, $2, $3::date, 'Boat shed')`,
			[t.group.groupId, day, today]
		);
		for (const [name, came] of [
			...Array.from({ length: 9 }, (_, nth) => [`Hand ${nth}`, true] as const),
			['Bo', false] as const
		]) {
			const person = crypto.randomUUID();
			await addPerson(t.group, person, name);
			await house.execute(
				'insert into day_person (group_id, day_id, person_id, came) values ($1, $2, $3, $4)',
				[t.group.groupId, day, person, came]
			);
		}
		// Mabel who had it, and the nine who came.
		expect(await storyOfMat(t.group, t.code)).toMatchObject({ hands: 10, unknownBalls: 0 });
	});
	it('shares its bags out to the places that brought such bags before its balls were wound', async () => {
		const t = await aGoodMat();
		const at = `${today}T08:00:00Z`;
		for (const [place, strand] of [
			['Ferry kiosk', '30'],
			['Tool shed', '10']
		] as const) {
			await send(
				t.group,
				'drop-off',
				{ place, came_on: today, method: 'hand', bags: strand },
				{ at }
			);
			const sorted = {
				place,
				kind: t.kindId,
				colour: 'blue',
				strand,
				stuffing: '0',
				rejected: '0',
				drying: '0',
				look_again: '2',
				dried: ''
			};
			expect((await send(t.group, 'sorting', sorted, { at })).outcome).toBe('kept');
		}
		const { places = [] } = (await storyOfMat(t.group, t.code)) ?? {};
		expect(places).toEqual([
			{ name: 'Ferry kiosk', bags: 15 },
			{ name: 'Tool shed', bags: 5 }
		]);
	});
});

it('bags kept are those of the mats and pillows that are handed over, whatever was done and taken back, and the film is the ledger’s', async () => {
	const t = await aGoodMat();
	await stuff(t);
	const second = await anotherGoodMat(t);
	expect((await send(t.group, 'pillow', { scrap: '200 g', bags: '4' })).outcome).toBe('kept');
	const [{ code: pillow } = { code: '' }] = await listPillows(t.group);
	/** Bags and what each lies with: the delivery's number, or nothing while it is here. */
	const bags: Record<string, number> = { [t.code]: 20, [second]: 0, [pillow]: 4 };
	const out = new Map<string, string>();
	const back = new Set<string>();
	const sent: string[] = [];
	const mats = [t.code, second];
	const step = fc.oneof(
		fc.record({
			act: fc.constant('deliver' as const),
			mats: fc.subarray(mats, { minLength: 1 }),
			soft: fc.boolean()
		}),
		fc.record({ act: fc.constant('undo' as const), nth: fc.nat(3) }),
		fc.record({
			act: fc.constantFrom('back' as const, 'check' as const),
			mat: fc.constantFrom(...mats)
		})
	);
	await fc.assert(
		fc.asyncProperty(fc.array(step, { maxLength: 6 }), async (steps) => {
			for (const one of steps) {
				if (one.act === 'deliver') {
					const saved = await t.deliver(one.mats.join(' '), { pillows: one.soft ? pillow : '' });
					const things = [...one.mats, ...(one.soft ? [pillow] : [])];
					const may = things.every((code) => !out.has(code) && !back.has(code));
					expect(saved.outcome).toBe(may ? 'kept' : 'refused');
					if (!may) continue;
					sent.push(idOf(saved));
					for (const code of things) out.set(code, idOf(saved));
				} else if (one.act === 'undo') {
					const id = sent[one.nth % Math.max(1, sent.length)] ?? '0';
					const saved = await send(t.group, 'correction', {
						of: 'entry',
						corrects: id,
						note: 'no'
					});
					if (saved.outcome !== 'kept') continue;
					for (const [code, by] of [...out]) if (by === id) out.delete(code);
				} else if (one.act === 'back') {
					const saved = await send(t.group, 'sent-back', { mat: one.mat, note: 'a tie' });
					expect(saved.outcome).toBe(out.has(one.mat) ? 'kept' : 'refused');
					if (saved.outcome === 'kept') {
						out.delete(one.mat);
						back.add(one.mat);
					}
				} else {
					const saved = await send(t.group, 'check', { mat: one.mat, ...size });
					if (saved.outcome === 'kept') back.delete(one.mat);
				}
				const account = await accountOf(t.group);
				const gone = [...out.keys()];
				expect(account.matBags + account.pillowBags).toBe(
					gone.reduce((sum, code) => sum + (bags[code] ?? 0), 0)
				);
				expect(account.mats).toBe(gone.filter((code) => mats.includes(code)).length);
				const film = await house.maybeOne<{ kg: number }>(
					`select coalesce(sum(b.film_mg), 0)::double precision / 1000000 as kg from balance b
					 join thing x on x.group_id = b.group_id and x.id = b.thing_id
					 where b.group_id = $1 and b.holder = 'mat' and x.code = any($2::text[])`,
					[t.group.groupId, gone]
				);
				expect(account.filmKg).toBeCloseTo(film?.kg ?? NaN, 9);
			}
		}),
		{ numRuns: 12 }
	);
});
