import { describe, expect, it } from 'vitest';
import { addPerson, keepPerson, listPeople } from '../../src/lib/server/people/people';
import { findDay, keepSeats, keepTerms } from '../../src/lib/server/people/day';
import { addTableDay, setWhoComes } from '../../src/lib/server/people/table-days';
import { workOfDay } from '../../src/lib/server/prepare/day-work';
import { wantMats } from '../../src/lib/server/gather/wanted';
import { seatDay } from '../../src/lib/server/heavy/seat-day';
import { seatOrderOf, seatsOfAdvice } from '../../src/lib/stages/day/line-day';
import type { DaySeat } from '../../src/lib/stages/day/day-view';
import { execute } from '../../src/lib/server/db/verbs';
import { useDatabase } from './database';
import { keep } from './samples';
import { aTable } from './table';

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
			problems: { seats: expect.stringContaining('alone') as string }
		});
		await expect(
			execute('update person set is_child = true where group_id = $1 and id = $2', [t.group, t.bo])
		).rejects.toThrow('a child sits alone');
		await expect(
			execute('delete from seat where group_id = $1 and person_id = $2', [t.group, t.odo])
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
		const { sittings, bound, worth } = await seatDay(seatOrderOf(day, work, []));
		expect(worth).toBeLessThanOrEqual((bound ?? 0) + 1e-6);
		const advised = seatsOfAdvice(sittings, day, []);
		expect(await t.seats(advised)).toMatchObject({ outcome: 'kept' });
		expect((await findDay(t.group, t.day))?.seats).toEqual(expect.arrayContaining(advised));
	});
});
