import { house } from '../../src/lib/server/db/db';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { RowMark } from '../../src/lib/core/making/count-rows';
import { countRows } from '../../src/lib/core/making/count-rows';
import { listMats } from '../../src/lib/server/making/mats';
import { needOf } from '../../src/lib/stages/making/mat-view';
import { useDatabase } from './database';
import { aMat, now, send, today, withBall } from './a-mat';
import { pilesOf } from './table';

useDatabase();
const key = () => crypto.randomUUID();

describe('a mat being made', () => {
	it('is begun by a version of a plan, with whoever makes it, and passed on', async () => {
		const t = await aMat();
		expect(await t.mat()).toMatchObject({
			planName: 'A mat',
			planVersion: 1,
			maker: { id: t.mabel, name: 'Mabel' },
			made: { near: 0, far: 0 },
			share: 0,
			rows: { total: 211, parts: 1, ends: 1 }
		});
		expect((await send(t.group, 'hand-on', { mat: t.code, person: '' })).outcome).toBe('kept');
		expect((await t.mat()).maker).toBeNull();
		const back = await send(t.group, 'hand-on', { mat: t.code, person: t.mabel });
		expect((await t.mat()).maker?.name).toBe('Mabel');
		expect(
			(
				await send(t.group, 'correction', {
					of: 'entry',
					corrects: String(back.outcome === 'kept' ? back.id : 0),
					note: 'no'
				})
			).outcome
		).toBe('kept');
		expect((await t.mat()).maker).toBeNull();
	});

	it('is none any more once its beginning is undone', async () => {
		const t = await aMat();
		const { entryId = 0 } =
			(await house.maybeOne<{ entryId: number }>(
				'select entry_id as "entryId" from thing where group_id = $1 and id = $2',
				[t.group.groupId, t.id]
			)) ?? {};
		await send(t.group, 'correction', { of: 'entry', corrects: String(entryId), note: 'a slip' });
		expect(await listMats(t.group, now)).toEqual([]);
		expect(await t.row()).toMatchObject({ outcome: 'refused' });
	});

	it.each([
		['begin', { plan: 'none' }, 'plan'],
		['begin', { plan: '00000000-0000-4000-8000-0000000000aa' }, 'plan'],
		['hand-on', { person: '00000000-0000-4000-8000-0000000000aa' }, 'person'],
		['hand-on', { mat: 'ABC' }, 'mat'],
		['row', { mat: '' }, 'mat'],
		['row', { side: 'middle' }, 'side'],
		['rows', { to: 'many' }, 'to'],
		['rows', { to: '-3' }, 'to'],
		['rows', { to: '10000' }, 'to']
	])('%s with %j says so at the field', async (type, slip, field) => {
		const t = await aMat();
		const saved = await send(t.group, type, {
			mat: t.code,
			plan: t.planned.planId,
			person: '',
			to: '5',
			...slip
		});
		expect(saved).toMatchObject({
			outcome: 'refused',
			problems: { [field]: expect.any(String) as string }
		});
		expect((await t.mat()).made.near).toBe(0);
	});
});

describe('rows of a mat', () => {
	const [phone, tablet] = [key(), key()];

	it('of two devices add up; sent again they count once; one is undone', async () => {
		const t = await aMat();
		const sent = key();
		for (let at = 1; at <= 3; at++) await t.row(1, { device: phone, sequence: at });
		await t.row(1, { key: sent, device: tablet, sequence: 1 });
		expect(await t.row(1, { key: sent, device: tablet, sequence: 1 })).toMatchObject({
			outcome: 'duplicate'
		});
		await t.row(-1, { device: phone, sequence: 4 });
		expect((await t.mat()).made.near).toBe(3);
		// None is ever refused, and there are never fewer than none.
		for (let at = 5; at <= 9; at++) await t.row(-1, { device: phone, sequence: at });
		expect((await t.mat()).made.near).toBe(0);
	});

	it('said as a number keep what nobody had seen, and can be undone', async () => {
		const t = await aMat();
		for (let at = 1; at <= 4; at++) await t.row(1, { device: phone, sequence: at });
		await t.row(1, { device: tablet, sequence: 1 });
		const said = await t.rows('88', `${phone}:4`, { device: phone, sequence: 5 });
		expect((await t.mat()).made.near).toBe(89);
		await t.row(1, { device: phone, sequence: 6 });
		expect((await t.mat()).made.near).toBe(90);
		await send(t.group, 'correction', {
			of: 'entry',
			corrects: String(said.outcome === 'kept' ? said.id : 0),
			note: 'another mat'
		});
		expect((await t.mat()).made.near).toBe(6);
	});

	it('grow by half of the plan’s at most', async () => {
		const t = await aMat();
		for (const to of ['317', '1000', '3000'])
			expect(await t.rows(to)).toMatchObject({
				outcome: 'refused',
				problems: { to: expect.any(String) as string }
			});
		expect(await t.rows('316')).toMatchObject({ outcome: 'kept' });
		expect((await t.mat()).made.near).toBe(316);
	});
	it('are counted by the database as they are defined, whatever comes in which order', async () => {
		const t = await aMat();
		const devices = [phone, tablet] as const;
		const mark = fc.oneof(
			{
				weight: 4,
				arbitrary: fc.record({
					device: fc.integer({ min: 0, max: 2 }),
					step: fc.constantFrom(1 as const, 1 as const, -1 as const),
					skip: fc.integer({ min: 0, max: 2 }),
					// A clock that is wrong by a day, either way.
					wrongDays: fc.integer({ min: -1, max: 1 })
				})
			},
			{
				weight: 1,
				arbitrary: fc.record({
					to: fc.integer({ min: 0, max: 60 }),
					seen: fc.tuple(fc.integer({ min: 0, max: 12 }), fc.integer({ min: 0, max: 12 }))
				})
			}
		);
		await fc.assert(
			fc.asyncProperty(fc.array(mark, { minLength: 1, maxLength: 14 }), async (marks) => {
				// A mat of its own for every history.
				const begun = await send(t.group, 'begin', { plan: t.planned.planId, person: '' });
				const thing = await house.maybeOne<{ id: number; code: string }>(
					'select id, code from thing where group_id = $1 and entry_id = $2',
					[t.group.groupId, begun.outcome === 'kept' ? Number(begun.id) : 0]
				);
				const code = thing?.code ?? '';
				const next = [0, 0];
				const history: RowMark[] = [];
				for (const one of marks) {
					if ('to' in one) {
						const seen = Object.fromEntries(
							devices.map((device, at) => [device, one.seen[at] ?? 0])
						);
						history.push({ kind: 'set', to: one.to, seen });
						const text = devices.map((device, at) => `${device}:${one.seen[at] ?? 0}`).join(' ');
						const said = { mat: code, to: String(one.to), seen: text };
						expect((await send(t.group, 'rows', said)).outcome).toBe('kept');
						continue;
					}
					const device = devices[one.device] ?? null;
					const sequence =
						device === null ? null : (next[one.device] = (next[one.device] ?? 0) + 1 + one.skip);
					history.push({ kind: 'tap', step: one.step, device, sequence });
					const typed = { mat: code, step: String(one.step) };
					const at = new Date(
						Date.parse(`${today}T12:00:00Z`) + one.wrongDays * 86_400_000
					).toISOString();
					const from = device === null || sequence === null ? { at } : { at, device, sequence };
					expect((await send(t.group, 'row', typed, from)).outcome).toBe('kept');
				}
				const counted = await house.maybeOne<{ made: number }>(
					'select made from rows_made where group_id = $1 and thing_id = $2',
					[t.group.groupId, thing?.id ?? 0]
				);
				expect(counted?.made).toBe(countRows(history));
			}),
			{ numRuns: 40 }
		);
	});

	it('make its weeks, and those say when it is ready', async () => {
		const t = await aMat('2026-10-03');
		// Ten rows a week for eight weeks: thirteen weeks more for the rest.
		for (let week = 7; week >= 0; week--) {
			const at = new Date(Date.parse(`${today}T12:00:00Z`) - week * 7 * 86_400_000).toISOString();
			for (let row = 0; row < 10; row++) await t.row(1, { at });
		}
		// She has another mat, and somebody else a third: hers are one habit, theirs is not.
		for (const person of [t.mabel, ''])
			await send(t.group, 'begin', { plan: t.planned.planId, person });
		const mat = await t.mat();
		expect(mat.made.near).toBe(80);
		expect(mat.share).toBeCloseTo(80 / 211, 9);
		expect(mat.stillDays).toBe(0);
		expect(needOf(mat)).toBe('go-on');
		const weeksTo = (day: string | null) =>
			(Date.parse(day ?? '') - Date.parse(today)) / (7 * 86_400_000);
		expect(weeksTo(mat.ready.middle)).toBeGreaterThanOrEqual(11);
		expect(weeksTo(mat.ready.middle)).toBeLessThanOrEqual(17);
		expect(weeksTo(mat.ready.low)).toBeLessThan(weeksTo(mat.ready.middle));
		const still = (await listMats(t.group, { today: '2026-12-20', timeZone: 'UTC' })).find(
			({ code }) => code === t.code
		);
		expect(still?.stillDays).toBe(22);
		expect(still && needOf(still)).toBe('ask');
		await t.rows('211');
		expect(needOf(await t.mat())).toBe('finish');
		expect((await t.mat()).ready.high).toBe(today);
	});
});

describe('balls given for a mat', () => {
	it('leave the store with their film, lie there no more, and come back where that is undone', async () => {
		const t = await withBall();
		const before = await pilesOf(t.group);
		expect(before['blue ball']?.[0]).toBe(1);
		const given = await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		expect(given.outcome).toBe('kept');
		expect((await pilesOf(t.group))['blue ball']).toBeUndefined();
		expect((await t.mat()).said.issued.map(({ code }) => code)).toEqual([t.ball]);
		const film = await house.maybeOne<{ filmMg: number }>(
			`select film_mg::float8 as "filmMg" from balance
			 where group_id = $1 and holder = 'mat' and thing_id = $2 and amount > 0`,
			[t.group.groupId, t.id]
		);
		expect(film?.filmMg).toBe(before['blue ball']?.[1]);
		expect(await send(t.group, 'issue', { mat: t.code, ball: t.ball })).toMatchObject({
			outcome: 'refused',
			problems: { ball: `${t.ball} is not in store any more.` }
		});
		await send(t.group, 'correction', {
			of: 'entry',
			corrects: String(given.outcome === 'kept' ? given.id : 0),
			note: 'another mat'
		});
		expect(await pilesOf(t.group)).toEqual(before);
		expect((await t.mat()).said.issued).toEqual([]);
	});

	it('go to one of two who give them at once', async () => {
		const t = await withBall();
		const both = await Promise.all(
			[1, 2].map(() => send(t.group, 'issue', { mat: t.code, ball: t.ball }))
		);
		expect(both.map(({ outcome }) => outcome).sort()).toEqual(['kept', 'refused']);
	});

	it('are balls: no mat, and none that nobody knows', async () => {
		const t = await withBall();
		for (const ball of [t.code, 'ABC', ''])
			expect(await send(t.group, 'issue', { mat: t.code, ball })).toMatchObject({
				outcome: 'refused',
				problems: { ball: expect.any(String) as string }
			});
		expect(await send(t.group, 'issue', { mat: t.ball, ball: t.ball })).toMatchObject({
			outcome: 'refused',
			problems: { mat: expect.stringContaining('not on a mat') as string }
		});
	});
});
