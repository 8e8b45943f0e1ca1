import { type Db, house } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import { addPerson, keepPerson, listPeople } from '../../src/lib/server/people/people';
import { closeDay, openDay, taughtBy } from '../../src/lib/server/table-day/run-day';
import { lacksOfDay, tapsOfDay } from '../../src/lib/server/prepare/taps';
import { listTimedWork } from '../../src/lib/server/measures/timed-work';
import { practiceOfGroup } from '../../src/lib/server/measures/practice';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { findDay, keepSeats, keepTerms } from '../../src/lib/server/people/day';
import { othersOfDay } from '../../src/lib/server/people/presence';
import { scrapOfDay } from '../../src/lib/server/prepare/scrap';
import { addTableDay, setWhoComes } from '../../src/lib/server/people/table-days';
import { workOfDay } from '../../src/lib/server/prepare/day-work';
import { wantMats } from '../../src/lib/server/gather/wanted';
import { seatDay } from '../../src/lib/server/heavy/seat-day';
import { seatOrderOf, seatsOfAdvice } from '../../src/lib/stages/table-day/advised';
import type { DaySeat } from '../../src/lib/stages/table-day/day-view';
import { useDatabase } from './database';
import { keep, movement } from './samples';
import { aTable, pilesOf, wrongAt } from './table';

useDatabase();
const key = () => crypto.randomUUID();
const today = '2026-11-27';

/** A day with two adults and a child who said they come, and scissors of both sorts. */
async function aDay() {
	const t = await aTable(100);
	const [day, ...ids] = [key(), key(), key(), key()];
	await addTableDay(t.group, day, '2026-12-03', 'Boat shed');
	const [odo = '', bo = '', kit = ''] = ids;
	for (const [at, name] of ['Odo', 'Bo', 'Kit'].entries())
		await addPerson(t.group, ids[at] ?? '', name);
	const known = await listPeople(t.group, today);
	const child = known.find(({ name }) => name === 'Kit');
	if (!child) throw new Error('nobody');
	await keepPerson(
		t.group,
		{ ...child, isChild: true, seats: { 'cut-blunt': 'new', join: 'usual' } },
		today
	);
	expect(await setWhoComes(t.group, day, 1, ids)).toMatchObject({ outcome: 'kept' });
	for (const sort of ['sharp-scissors', 'blunt-scissors'] as const)
		await keep(t.group, key(), {
			type: 'tool',
			toolId: null,
			name: sort,
			count: 2,
			tool: { sort }
		});
	const seat = (personId: string, station: string, from = 1080, to = 1230): DaySeat => ({
		personId,
		station,
		from,
		to
	});
	const seats = async (wanted: readonly DaySeat[]) => {
		const found = await findDay(t.group, day);
		return keepSeats(t.group, day, found?.version ?? 0, wanted);
	};
	return { ...t, day, odo, bo, kit, seat, seats };
}

describe('the seats of a day', () => {
	it('are kept whole, those of a child with blunt scissors', async () => {
		const t = await aDay();
		const wanted = [
			t.seat(t.odo, 'cut', 1080, 1150),
			t.seat(t.odo, 'join', 1152),
			t.seat(t.kit, 'join', 1152)
		];
		expect(await t.seats(wanted)).toMatchObject({ outcome: 'kept' });
		const found = await findDay(t.group, t.day);
		expect(found?.seats).toHaveLength(3);
		expect(found?.seats).toEqual(expect.arrayContaining(wanted));
		expect(await t.seats([t.seat(t.odo, 'cut'), t.seat(t.kit, 'cut')])).toMatchObject({
			outcome: 'kept'
		});
	});

	it('leave no child alone, also when a person is changed afterwards', async () => {
		const t = await aDay();
		const alone = {
			outcome: 'refused',
			problems: { seats: expect.stringContaining('adult') as string }
		};
		expect(await t.seats([t.seat(t.kit, 'join')])).toMatchObject(alone);
		expect(await t.seats([t.seat(t.kit, 'join'), t.seat(t.odo, 'join', 1080, 1150)])).toMatchObject(
			alone
		);
		// One adult after the other is company enough; a gap is not.
		const relay = [t.seat(t.odo, 'join', 1080, 1150), t.seat(t.bo, 'join', 1150)];
		expect(await t.seats([t.seat(t.kit, 'join'), ...relay])).toMatchObject({ outcome: 'kept' });
		const gap = [t.seat(t.odo, 'join', 1080, 1150), t.seat(t.bo, 'join', 1152)];
		expect(await t.seats([t.seat(t.kit, 'join'), ...gap])).toMatchObject(alone);
		expect((await findDay(t.group, t.day))?.seats).toEqual(
			expect.arrayContaining([t.seat(t.kit, 'join'), ...relay])
		);
		const bo = (await listPeople(t.group, today)).find(({ id }) => id === t.bo);
		if (!bo) throw new Error('nobody');
		expect(await keepPerson(t.group, { ...bo, isChild: true }, today)).toMatchObject({
			outcome: 'refused',
			problems: { seats: expect.stringContaining('without an adult') as string }
		});
		await expect(
			house.execute('update person set is_child = true where group_id = $1 and id = $2', [
				t.group.groupId,
				t.bo
			])
		).rejects.toThrow('a child sits alone');
		await expect(
			house.execute('delete from seat where group_id = $1 and person_id = $2', [
				t.group.groupId,
				t.odo
			])
		).rejects.toThrow('a child sits alone');
	});

	it('are set by one of two who set them at once; the other is told', async () => {
		const t = await aDay();
		const version = (await findDay(t.group, t.day))?.version ?? 0;
		const both = await Promise.all([
			keepSeats(t.group, t.day, version, [t.seat(t.odo, 'cut')]),
			keepSeats(t.group, t.day, version, [t.seat(t.bo, 'join')])
		]);
		expect(both.map(({ outcome }) => outcome).sort()).toEqual(['kept', 'refused']);
		expect((await findDay(t.group, t.day))?.seats).toHaveLength(1);
	});

	it('keep within the day when its times change', async () => {
		const t = await aDay();
		await t.seats([t.seat(t.odo, 'cut', 1080, 1120), t.seat(t.bo, 'join')]);
		const day = await findDay(t.group, t.day);
		if (!day) throw new Error('no day');
		const terms = { ...day, from: 1125, to: 1200, breaks: [1150], ballsWanted: 6 };
		expect(await keepTerms(t.group, t.day, day.version, terms)).toMatchObject({ outcome: 'kept' });
		expect(await findDay(t.group, t.day)).toMatchObject({
			from: 1125,
			to: 1200,
			breaks: [1150],
			ballsWanted: 6,
			seats: [t.seat(t.bo, 'join', 1125, 1200)]
		});
		expect(await keepTerms(t.group, t.day, day.version, terms)).toMatchObject({
			outcome: 'refused'
		});
	});

	it('are advised from what lies there, and kept as they are advised', async () => {
		const t = await aDay();
		await wantMats(t.group, t.planned.planId, 1, 0);
		const day = await findDay(t.group, t.day);
		if (!day) throw new Error('no day');
		const { work } = await workOfDay(t.group, day);
		expect(work).toMatchObject({
			line: { piecesPerBag: 4, bagsPerBall: 20, cutTool: 'scissors', stack: 3, batch: 20 },
			stock: { bags: 200, flat: 0, pieces: 0, joined: 0, balls: 0 },
			cutters: 4
		});
		if (!work) throw new Error('no work');
		const advice = await seatDay(seatOrderOf(day, work, []));
		const { bound, worth } = advice;
		expect(worth).toBeLessThanOrEqual((bound ?? 0) + 1e-6);
		const advised = seatsOfAdvice(advice, day, []);
		expect(await t.seats(advised)).toMatchObject({ outcome: 'kept' });
		expect((await findDay(t.group, t.day))?.seats).toEqual(expect.arrayContaining(advised));
	});
});

it('a day counts no pieces whose cut is not known: what they are worth nobody can say', async () => {
	const t = await aDay();
	const { kindId } = t;
	expect(
		await keep(t.group, key(), { ...movement, kindId, colour: 'blue', form: 'piece', amount: 40 })
	).toMatchObject({ outcome: 'kept' });
	const day = await findDay(t.group, t.day);
	expect(
		(await workOfDay(t.group, day ?? { planId: null, cutWith: 'scissors' })).work?.stock
	).toEqual({
		bags: 200,
		flat: 0,
		pieces: 0,
		joined: 0,
		balls: 0
	});
});

describe('who came and who left', () => {
	const say = (
		t: { readonly group: Db; readonly day: string },
		person: string,
		as: string,
		minute: number
	) =>
		saveEntry(
			t.group,
			{ key: key(), type: 'presence', typed: { day: t.day, person, as, minute: String(minute) } },
			{ lengthSystem: 'cm', timeZone: 'UTC' }
		);

	it('is read with the day until it is taken back; whoever is not known comes in, too', async () => {
		const t = await aDay();
		const pia = key();
		await addPerson(t.group, pia, 'Pia');
		expect(await othersOfDay(t.group, t.day)).toEqual([{ id: pia, name: 'Pia' }]);
		await say(t, t.odo, 'came', 1090);
		await say(t, t.odo, 'left', 1150);
		await say(t, pia, 'came', 1100);
		const comings = async () =>
			Object.fromEntries(
				(await findDay(t.group, t.day))?.people.map(({ name, comings }) => [
					name,
					comings.map(({ as, minute }) => [as, minute])
				]) ?? []
			);
		expect(await comings()).toEqual({
			Bo: [],
			Kit: [],
			Odo: [
				['came', 1090],
				['left', 1150]
			],
			Pia: [['came', 1100]]
		});
		expect(await othersOfDay(t.group, t.day)).toEqual([]);
		const odo = (await findDay(t.group, t.day))?.people.find(({ id }) => id === t.odo);
		expect(
			await keep(t.group, key(), {
				type: 'correction',
				of: 'entry',
				corrects: odo?.comings[1]?.id ?? 0,
				note: 'a slip',
				byName: null
			})
		).toMatchObject({ outcome: 'kept' });
		expect((await comings())['Odo']).toEqual([['came', 1090]]);
	});

	it.each([
		['a stranger', (_: { odo: string }) => crypto.randomUUID(), 'came', 1100, 'person'],
		['a word that is none', ({ odo }: { odo: string }) => odo, 'slept', 1100, 'as'],
		['a minute that is none', ({ odo }: { odo: string }) => odo, 'came', 2000, 'minute']
	])('refuses %s at its field', async (_, who, as, minute, field) => {
		const t = await aDay();
		expect(await say(t, who(t), as, minute)).toMatchObject({
			outcome: 'refused',
			problems: { [field]: expect.any(String) as string }
		});
	});
});

describe('taps at a station', () => {
	const send = (group: Db, day: string, typed: Record<string, string>, of: string = key()) =>
		saveEntry(
			group,
			{ key: of, type: 'tap', typed: { day, ...typed } },
			{ lengthSystem: 'cm', timeZone: 'UTC' }
		);
	const tap = (t: { readonly group: Db; readonly day: string }, station: string, count: number) =>
		send(t.group, t.day, { station, count: String(count) });
	const right = { film: 0, below: 0, filmBelow: 0 };

	it('are booked as what they are: bags flat, cut, joined, a ball with its label', async () => {
		const t = await aDay();
		for (const [station, count] of [
			['flatten', 20],
			['flatten', 20],
			...Array.from({ length: 8 }, () => ['cut', 3] as const),
			...Array.from({ length: 22 }, () => ['join', 1] as const),
			['ball', 1]
		] as const)
			expect(await tap(t, station, count)).toMatchObject({
				outcome: 'kept'
			});
		const piles = await pilesOf(t.group);
		const of = (form: string) =>
			Object.entries(piles)
				.filter(([pile]) => pile.endsWith(` ${form}`))
				.reduce((sum, [, [amount = 0]]) => sum + amount, 0);
		expect([of('bag'), of('flat'), of('piece'), of('strand'), of('ball')]).toEqual([
			160, 16, 8, 8, 1
		]);
		expect(await wrongAt(t.group)).toEqual(right);
		expect(await lacksOfDay(t.group, t.day)).toEqual([]);
		const taps = await tapsOfDay(t.group, t.day);
		expect(taps.done).toEqual({ flatten: 40, cut: 24, join: 22, ball: 1 });
		expect(taps.last[0]?.code).toMatch(/^[2-9A-Z]{5}$/);
	});

	it('are never refused for what the book lacks: that goes to the difference, and is said', async () => {
		const t = await aDay();
		expect(await tap(t, 'join', 2)).toMatchObject({ outcome: 'kept' });
		expect(await tap(t, 'ball', 1)).toMatchObject({ outcome: 'kept' });
		expect(await lacksOfDay(t.group, t.day)).toEqual([
			{ form: 'piece', amount: 8 },
			{ form: 'strand', amount: 72 }
		]);
		expect(await wrongAt(t.group)).toEqual(right);
		const [ball, join] = (await tapsOfDay(t.group, t.day)).last;
		for (const one of [ball, join])
			expect(
				await keep(t.group, key(), {
					type: 'correction',
					of: 'entry',
					corrects: one?.id ?? 0,
					note: 'a slip',
					byName: null
				})
			).toMatchObject({ outcome: 'kept' });
		expect(await lacksOfDay(t.group, t.day)).toEqual([]);
		expect((await tapsOfDay(t.group, t.day)).last).toEqual([]);
		expect(await pilesOf(t.group)).toEqual({
			'blue bag': [100, 520_000],
			'white bag': [100, 520_000]
		});
	});

	it('are taken back by the mark they were given, before their number is known', async () => {
		const t = await aDay();
		const [first, second] = [key(), key()];
		await send(t.group, t.day, { station: 'flatten', count: '20' }, first);
		await send(t.group, t.day, { station: 'flatten', count: '7' }, second);
		const back = (corrects: string) =>
			saveEntry(
				t.group,
				{ key: key(), type: 'correction', typed: { of: 'key', corrects, note: 'a slip' } },
				{ lengthSystem: 'cm', timeZone: 'UTC' }
			);
		expect(await back(second)).toMatchObject({ outcome: 'kept' });
		expect((await tapsOfDay(t.group, t.day)).last.map(({ count }) => count)).toEqual([20]);
		expect(await back(second)).toMatchObject({ outcome: 'refused' });
		expect(await back(key())).toMatchObject({ outcome: 'refused' });
		expect(await back('second')).toMatchObject({
			outcome: 'refused',
			problems: { corrects: expect.any(String) as string }
		});
	});

	it('count once when they are sent again, and all when eight come at once', async () => {
		const t = await aDay();
		const sent = key();
		const flat = (of: string) => send(t.group, t.day, { station: 'flatten', count: '20' }, of);
		const again = await Promise.all(Array.from({ length: 4 }, () => flat(sent)));
		expect(again.map(({ outcome }) => outcome).sort()).toEqual([
			'duplicate',
			'duplicate',
			'duplicate',
			'kept'
		]);
		await Promise.all(Array.from({ length: 8 }, () => flat(key())));
		expect((await tapsOfDay(t.group, t.day)).done.flatten).toBe(180);
		expect(await lacksOfDay(t.group, t.day)).toEqual([]);
		expect(await wrongAt(t.group)).toEqual(right);
	});

	it('lose what was spoiled as scrap, which is weighed at the end', async () => {
		const t = await aDay();
		await tap(t, 'flatten', 20);
		expect(await send(t.group, t.day, { station: 'cut', count: '3', spoiled: '13' })).toMatchObject(
			{ outcome: 'refused', problems: { spoiled: expect.any(String) as string } }
		);
		expect(await send(t.group, t.day, { station: 'cut', count: '3', spoiled: '2' })).toMatchObject({
			outcome: 'kept'
		});
		const piles = async () =>
			Object.entries(await pilesOf(t.group)).filter(([pile]) => / (piece|scrap)$/.test(pile));
		const [[, [pieces]] = ['', []], [scrapPile, [scrapG = 0]] = ['', []]] = await piles();
		expect(pieces).toBe(10);
		// Bags of 5.2 g: what is not in the pieces lies there as scrap.
		expect(scrapG).toBeGreaterThan(3);
		const weigh = (grams: string) =>
			saveEntry(
				t.group,
				{ key: key(), type: 'scrap', typed: { day: t.day, grams } },
				{ lengthSystem: 'cm', timeZone: 'UTC' }
			);
		expect(await weigh('plenty')).toMatchObject({ outcome: 'refused' });
		expect(await weigh('20 g')).toMatchObject({ outcome: 'kept' });
		expect(Object.fromEntries(await piles())[scrapPile]).toEqual([20, 20_000]);
		expect(await scrapOfDay(t.group, t.day)).toEqual({
			weighedG: 20,
			moreG: expect.closeTo(20 - scrapG, 6) as number
		});
		// Weighed again, with less: the last weighing counts.
		expect(await weigh('12.5 g')).toMatchObject({ outcome: 'kept' });
		expect(Object.fromEntries(await piles())[scrapPile]).toEqual([12.5, 12_500]);
		expect(await scrapOfDay(t.group, t.day)).toMatchObject({ weighedG: 12.5 });
		expect(await wrongAt(t.group)).toEqual(right);
	});

	it.each([
		[{ station: 'knit' }, 'station'],
		[{ count: 'many' }, 'count'],
		[{ count: '0' }, 'count'],
		[{ station: 'ball', count: '2' }, 'count'],
		[{ day: 'thursday' }, 'day']
	])('with %j say so at the field', async (slip, field) => {
		const t = await aDay();
		const saved = await send(t.group, t.day, { station: 'flatten', count: '20', ...slip });
		expect(saved).toMatchObject({
			outcome: 'refused',
			problems: { [field]: expect.any(String) as string }
		});
	});

	/** A moment of the day, by the hall's clock. */
	const at = (minute: number) => new Date(Date.UTC(2026, 11, 3, 0, minute));
	const tapAt = (
		t: Parameters<typeof tap>[0],
		count: number,
		minute: number,
		station = 'flatten'
	) =>
		saveEntry(
			t.group,
			{
				key: key(),
				type: 'tap',
				typed: { day: t.day, station, count: String(count) },
				at: at(minute).toISOString()
			},
			{ lengthSystem: 'cm', timeZone: 'UTC' },
			at(minute)
		);
	/** A day at which Odo flattens and Bo joins, and what is to be done with it. */
	async function openedDay() {
		const t = await aDay();
		await t.seats([t.seat(t.odo, 'flatten', 1080, 1125), t.seat(t.bo, 'join', 1080, 1125)]);
		const version = async () => (await findDay(t.group, t.day))?.version ?? 0;
		const open = async (minute: number) => openDay(t.group, t.day, await version(), at(minute));
		const close = async (minute: number, said?: Parameters<typeof closeDay>[4]) =>
			closeDay(t.group, t.day, await version(), [t.odo], said, at(minute));
		return { ...t, open, close };
	}

	it('teach the works of the day once it is closed, and who came is kept', async () => {
		const t = await openedDay();
		expect(await t.open(1080)).toMatchObject({ outcome: 'kept' });
		const opened = await findDay(t.group, t.day);
		// Odo flattens all the while, 180 bags in 45 minutes; nothing is cut, so Bo starves.
		expect(opened?.foreseen).toMatchObject({ balls: 0, worked: { flatten: 1, join: 0 } });
		for (let lot = 1; lot <= 6; lot++) await tapAt(t, 20, 1080 + lot * 7);
		expect(await t.close(1130)).toMatchObject({ outcome: 'kept' });
		const closed = await findDay(t.group, t.day);
		expect(closed?.people.map(({ name, came }) => [name, came])).toEqual([
			['Bo', false],
			['Kit', false],
			['Odo', true]
		]);
		expect(closed?.people.map(({ chance }) => chance)).toEqual([4 / 6, 4 / 6, 5 / 6]);
		// 100 bags after the first lot in 35 minutes of the usual pace: 21 s a bag, where the craft has 15.
		expect(await listTimedWork(t.group)).toMatchObject([
			{ work: 'flatten', units: 100, people: 1, minutes: 35, isLeftOut: false }
		]);
		expect(await taughtBy(t.group, t.day)).toMatchObject([
			{ station: 'flatten', units: 100, minutes: 35, isLeftOut: false }
		]);
		expect((await practiceOfGroup(t.group)).hands.flatten.mean).toBeGreaterThan(1.05);
		// What is closed is closed once, and not opened again; it was open from when it was opened.
		expect(await t.close(1131)).toMatchObject({ outcome: 'refused' });
		expect(await t.open(1132)).toMatchObject({ outcome: 'refused' });
		const [row] = await house.many<{ openedAt: Date; closedAt: Date }>(
			'select opened_at as "openedAt", closed_at as "closedAt" from table_day where group_id = $1 and id = $2',
			[t.group.groupId, t.day]
		);
		expect(row).toEqual({ openedAt: at(1080), closedAt: at(1130) });
	});

	it('teach each work by itself, where several were done', async () => {
		const t = await aDay();
		await t.seats([t.seat(t.odo, 'flatten', 1080, 1125), t.seat(t.bo, 'cut', 1080, 1125)]);
		const version = async () => (await findDay(t.group, t.day))?.version ?? 0;
		await openDay(t.group, t.day, await version(), at(1080));
		for (let lot = 1; lot <= 6; lot++)
			for (const station of ['flatten', 'cut']) await tapAt(t, 20, 1080 + lot * 7, station);
		const both = [t.odo, t.bo];
		await closeDay(t.group, t.day, await version(), both, undefined, at(1130));
		const works = (await listTimedWork(t.group)).map(({ work, units }) => [work, units]);
		expect(works.toSorted()).toEqual([
			['cut', 100],
			['flatten', 100]
		]);
	});
	it('of a day that was opened and ended at once teach nothing', async () => {
		const t = await openedDay();
		for (let lot = 1; lot <= 6; lot++) await tapAt(t, 20, 1080 + lot * 7);
		await t.open(1230);
		await t.close(1230);
		expect(await listTimedWork(t.group)).toEqual([]);
		const never = await openedDay();
		for (let lot = 1; lot <= 6; lot++) await tapAt(never, 20, 1080 + lot * 7);
		await never.close(1230);
		expect(await listTimedWork(never.group)).toEqual([]);
	});

	it('that are odd teach only where somebody said so, and can be used later', async () => {
		const shown = { shown: ['flatten'], taught: ['flatten'] };
		for (const [said, isLeftOut] of [
			[undefined, true],
			[shown, false],
			[{ ...shown, taught: [] }, true]
		] as const) {
			const t = await openedDay();
			await t.open(1080);
			// 20 bags in a minute: 3 s a bag.
			for (let lot = 1; lot <= 6; lot++) await tapAt(t, 20, 1080 + lot);
			await t.close(1130, said);
			expect(await taughtBy(t.group, t.day)).toMatchObject([{ units: 100, isLeftOut }]);
		}
	});
});
