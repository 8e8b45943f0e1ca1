import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { nextFor } from '../../src/lib/server/know-how/next-for';
import { addPerson } from '../../src/lib/server/people/people';
import { addTableDay } from '../../src/lib/server/people/table-days';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();
const today = '2026-12-01';

async function table() {
	const group = await newGroup();
	const person = async (name: string, isChild = false): Promise<string> => {
		const id = randomUUID();
		await addPerson(group, id, name);
		if (isChild)
			await group.execute('update person set is_child = true where group_id = $1 and id = $2', [
				group.groupId,
				id
			]);
		return id;
	};
	const day = async (on: string): Promise<string> => {
		const id = randomUUID();
		await addTableDay(group, id, on, 'Boat shed');
		return id;
	};
	const sit = (dayId: string, personId: string, station: string) =>
		group.execute(
			'insert into seat (group_id, id, day_id, person_id, station) values ($1, $2, $3, $4, $5)',
			[group.groupId, randomUUID(), dayId, personId, station]
		);
	const may = (personId: string, seat: string, level: string) =>
		group.execute(
			'insert into person_seat (group_id, person_id, seat, level) values ($1, $2, $3, $4)',
			[group.groupId, personId, seat, level]
		);
	return { group, person, day, sit, may, next: (id: string) => nextFor(group, id, 'loops', today) };
}

describe('what somebody learns next', () => {
	it('is of the station they sit at on the next day, beside who knows it: nobody new to it, and no child', async () => {
		const { person, day, sit, may, next } = await table();
		const [wren, odo, bo, mika, sol] = await Promise.all([
			person('Wren'),
			person('Odo'),
			person('Bo'),
			person('Mika', true),
			person('Sol')
		]);
		const [behind, coming] = [await day('2026-11-26'), await day('2026-12-03')];
		await sit(behind, wren, 'flatten');
		for (const [who, station] of [
			[wren, 'join'],
			[odo, 'join'],
			[bo, 'join'],
			[mika, 'join'],
			[sol, 'cut']
		] as const)
			await sit(coming, who, station);
		await may(odo, 'join', 'practised');
		await may(bo, 'join', 'new');
		expect(await next(wren)).toEqual({
			act: 'loop-joint',
			station: 'join',
			why: 'seat',
			day: '2026-12-03',
			beside: ['Odo']
		});
		// Whoever sits elsewhere alone has nobody beside them.
		expect(await next(sol)).toMatchObject({ act: 'trim', station: 'cut', beside: [] });
	});
	it('goes on from the last day they sat, and is beside whoever sits there next', async () => {
		const { group, person, day, sit, next } = await table();
		const [wren, odo] = await Promise.all([person('Wren'), person('Odo')]);
		const [first, second, off, coming] = [
			await day('2026-11-12'),
			await day('2026-11-19'),
			await day('2026-11-26'),
			await day('2026-12-10')
		];
		await sit(first, wren, 'cut');
		await sit(second, wren, 'join');
		await sit(off, wren, 'weave');
		await group.execute(
			'update table_day set called_off_at = now() where group_id = $1 and id = $2',
			[group.groupId, off]
		);
		await sit(coming, odo, 'join');
		// A day that was called off taught nothing.
		expect(await next(wren)).toEqual({
			act: 'loop-joint-wrists',
			station: 'join',
			why: 'on',
			day: '2026-12-10',
			beside: ['Odo']
		});
	});
	it('begins at the first seat they may take where they sat nowhere, and says no day where none is to come', async () => {
		const { person, may, next } = await table();
		const wren = await person('Wren');
		await may(wren, 'ball', 'new');
		expect(await next(wren)).toEqual({
			act: 'ball-fingers',
			station: 'ball',
			why: 'begin',
			day: null,
			beside: []
		});
	});
});
