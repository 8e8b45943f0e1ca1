import * as peopleWords from '../../src/lib/words/people';
import { type Db, house } from '../../src/lib/server/db/db';
import { beforeEach, describe, expect, it } from 'vitest';
import { makeOpenLink } from '../../src/lib/server/book/links';
import { listMessages } from '../../src/lib/server/making/messages';
import { forgetPerson } from '../../src/lib/server/book/forget-person';
import type { Person } from '../../src/lib/stages/people/person';
import { letTeensCutSharp } from '../../src/lib/server/db/groups';
import { addPerson, keepPerson, listPeople, peopleFor } from '../../src/lib/server/people/people';
import {
	addTableDay,
	callOffDay,
	listTableDays,
	setWhoComes
} from '../../src/lib/server/people/table-days';
import { useDatabase } from './database';
import { keep, newGroup } from './samples';

useDatabase();
const key = () => crypto.randomUUID();
const today = '2026-11-27';

let group: Db;
beforeEach(async () => void (group = await newGroup()));

async function add(name: string, more: Partial<Person> = {}): Promise<string> {
	const id = key();
	expect(await addPerson(group, id, name)).toMatchObject({ outcome: 'kept' });
	if (Object.keys(more).length > 0)
		expect(await keepPerson(group, said(id, name, more), today)).toMatchObject({ outcome: 'kept' });
	return id;
}
const said = (id: string, name: string, more: Partial<Person> = {}): Person => ({
	id,
	name,
	version: 1,
	likes: null,
	contact: null,
	isChild: false,
	isTeen: false,
	comesAlways: false,
	needs: [],
	seats: {},
	sitsWith: [],
	days: [],
	...more
});
async function aDay(day = '2026-12-03'): Promise<string> {
	const id = key();
	expect(await addTableDay(group, id, day, 'Boat shed')).toMatchObject({ outcome: 'kept' });
	return id;
}

describe('how somebody is reached', () => {
	it('is told to coordinators alone, and goes with the name', async () => {
		const id = await add('Wren', { contact: 'third bell', likes: 'the radio', needs: ['sitting'] });
		const people = await listPeople(group, today);
		const as = (role: 'coordinator' | 'helper' | 'reader') => peopleFor(role, people)[0];
		expect(as('coordinator')?.contact).toBe('third bell');
		expect(as('helper')).toMatchObject({ contact: null, likes: 'the radio', needs: ['sitting'] });
		expect(as('reader')).toMatchObject({ contact: null, likes: null, needs: [] });
		await forgetPerson(group, id);
		expect(
			await group.one('select contact, likes from person where group_id = $1 and id = $2', [
				group.groupId,
				id
			])
		).toEqual({ contact: null, likes: null });
	});
});

describe('a person', () => {
	it('is added once, and told apart from one of the same name', async () => {
		const id = await add('Wren');
		expect(await addPerson(group, id, 'Wren')).toEqual({ outcome: 'duplicate', id });
		expect(await addPerson(group, key(), ' wREN ')).toEqual({
			outcome: 'refused',
			problems: {
				name: 'There is already a wREN. Add a letter or a nickname to tell them apart.'
			}
		});
		const other = await add('Odo');
		expect(await keepPerson(group, said(other, 'Wren'), today)).toMatchObject({
			problems: { name: expect.stringContaining('already has that name') }
		});
	});

	it('is kept with seats, needs, days and whom they sit well with, seen from both sides', async () => {
		const [bo, day] = [await add('Bo'), await aDay()];
		const pia = await add('Pia', {
			isChild: true,
			isTeen: false,
			comesAlways: false,
			likes: 'winding balls',
			needs: ['short-spells'],
			seats: { flatten: 'usual', 'cut-blunt': 'new' },
			sitsWith: [bo],
			days: [day]
		});
		const people = await listPeople(group, today);
		expect(people.find(({ id }) => id === pia)).toEqual({
			id: pia,
			name: 'Pia',
			version: 2,
			likes: 'winding balls',
			contact: null,
			isChild: true,
			isTeen: false,
			comesAlways: false,
			needs: ['short-spells'],
			seats: { flatten: 'usual', 'cut-blunt': 'new' },
			sitsWith: [bo],
			days: [day]
		});
		expect(people.find(({ id }) => id === bo)?.sitsWith).toEqual([pia]);
		expect((await listTableDays(group, today))[0]?.people).toEqual([pia]);
	});

	it('changed by two at once keeps the first, and tells the second', async () => {
		const id = await add('Wren');
		const saved = await Promise.all(
			['weaving', 'cutting'].map((likes) => keepPerson(group, said(id, 'Wren', { likes }), today))
		);
		expect(saved.map(({ outcome }) => outcome).sort()).toEqual(['kept', 'refused']);
		expect(saved.find(({ outcome }) => outcome === 'refused')).toMatchObject({
			problems: { version: expect.stringContaining('Someone changed this person at the same time') }
		});
	});

	it('forgotten is named no more in what came late by a link, though others are', async () => {
		const [pia] = [await add('Pia'), await makeOpenLink(group, key(), 'asks')];
		const late = (sent: object) =>
			house.execute(
				'insert into late_entry (group_id, key, link_id, sent) select group_id, $2, id, $3 from link where group_id = $1',
				[group.groupId, key(), sent]
			);
		await late({ type: 'row', typed: { maker: ' pia ', note: 'one more' } });
		await late({ type: 'row', typed: { maker: 'Bo', note: 'another' } });
		await forgetPerson(group, pia);
		const left = await house.many<{ typed: object }>(
			`select sent -> 'typed' as typed from late_entry where group_id = $1 order by sent -> 'typed' ->> 'note'`,
			[group.groupId]
		);
		expect(left.map(({ typed }) => typed)).toEqual([
			{ maker: 'Bo', note: 'another' },
			{ maker: '', note: 'one more' }
		]);
	});

	it('forgotten while seated leaves the seat and the count, and nothing that was said of them', async () => {
		const [bo, day] = [await add('Bo'), await aDay()];
		const pia = await add('Pia', {
			likes: 'singing',
			needs: ['sitting'],
			seats: { flatten: 'usual' },
			sitsWith: [bo],
			days: [day]
		});
		await seat(day, pia, 'flatten');
		await keep(group, key(), { type: 'day-word', dayId: day });
		expect((await listMessages(group)).map(({ to }) => to)).toEqual(['Pia']);
		expect(await forgetPerson(group, pia)).toBe('Pia');
		expect((await listPeople(group, today)).map(({ name, sitsWith }) => [name, sitsWith])).toEqual([
			['Bo', []]
		]);
		expect((await listTableDays(group, today))[0]).toMatchObject({ people: [], unnamed: 1 });
		const kept = await house.many<{ row: string }>(
			'select row_to_json(p)::text as row from person p where group_id = $1 and id = $2',
			[group.groupId, pia]
		);
		expect(kept[0]?.row).not.toMatch(/Pia|singing|sitting/);
		expect(
			await house.one<{ seats: number }>('select count(*) as seats from seat where group_id = $1', [
				group.groupId
			])
		).toEqual({ seats: 1 });
		expect(await listMessages(group)).toEqual([]);
		// Who comes is set anew, and the one without a name is counted still.
		await setWhoComes(group, day, 1, [bo]);
		expect((await listTableDays(group, today))[0]).toMatchObject({ people: [bo], unnamed: 1 });
	});
});

const seat = (day: string, person: string, station: string, tool: string | null = null) =>
	house.execute(
		`insert into seat (group_id, id, day_id, person_id, station, tool_id) values ($1, $2, $3, $4, $5, $6)`,
		[group.groupId, key(), day, person, station, tool]
	);
const tool = async (sort: 'blunt-scissors' | 'sharp-scissors' | 'rolling-blade') => {
	const id = key();
	await keep(group, id, { type: 'tool', toolId: null, name: sort, count: 1, tool: { sort } });
	return id;
};
const atBlade = expect.objectContaining({ constraint: 'child_at_blade' });
const refused = (work: Promise<unknown>) => expect(work).rejects.toEqual(atBlade);

describe('a child at a blade is refused by the database itself', () => {
	it('as a seat they may take, whether the seat or the child comes first', async () => {
		const kit = await add('Kit', { isChild: true });
		for (const name of ['cut-sharp', 'cut-blade'])
			await refused(
				house.execute(
					`insert into person_seat (group_id, person_id, seat, level) values ($1, $2, $3, 'new')`,
					[group.groupId, kit, name]
				)
			);
		const odo = await add('Odo', { seats: { 'cut-blade': 'practised' } });
		await refused(
			house.execute('update person set is_child = true where group_id = $1 and id = $2', [
				group.groupId,
				odo
			])
		);
		expect(
			await keepPerson(
				group,
				said(odo, 'Odo', { version: 2, isChild: true, seats: { 'cut-sharp': 'usual' } }),
				today
			)
		).toMatchObject({ problems: { seats: expect.stringContaining('Odo is a child') } });
		expect((await listPeople(group, today)).find(({ id }) => id === odo)?.seats).toEqual({
			'cut-blade': 'practised'
		});
	});

	it('on a day: with blunt scissors they sit there, with others they do not', async () => {
		const [day, kit] = [await aDay(), await add('Kit', { isChild: true })];
		const [blunt, sharp, blade] = [
			await tool('blunt-scissors'),
			await tool('sharp-scissors'),
			await tool('rolling-blade')
		];
		expect(await seat(day, await add('Ada'), 'cut', sharp)).toBe(1);
		expect(await seat(day, kit, 'cut', blunt)).toBe(1);
		await refused(seat(day, kit, 'cut', sharp));
		await refused(seat(day, kit, 'flatten', blade));
		await refused(seat(day, kit, 'cut'));
		// The tool changed under the seating.
		await refused(
			house.execute(`update tool set sort = 'rolling-blade' where group_id = $1 and id = $2`, [
				group.groupId,
				blunt
			])
		);
		// The seat changed to another tool.
		await refused(
			house.execute('update seat set tool_id = $2 where group_id = $1 and person_id = $3', [
				group.groupId,
				sharp,
				kit
			])
		);
		// A seated adult turns out to be a child.
		const lou = await add('Lou');
		expect(await seat(day, lou, 'cut', sharp)).toBe(1);
		expect(await keepPerson(group, said(lou, 'Lou', { isChild: true }), today)).toMatchObject({
			problems: { seats: expect.stringContaining('Remove that seat first') }
		});
	});

	it('when both are changed at the same moment', async () => {
		const day = await aDay();
		const sharp = await tool('sharp-scissors');
		for (let round = 0; round < 8; round++) {
			const who = await add(`Jo ${round}`);
			await Promise.allSettled([
				seat(day, who, 'cut', sharp),
				house.execute('update person set is_child = true where group_id = $1 and id = $2', [
					group.groupId,
					who
				])
			]);
		}
		expect(
			await house.one<{ wrong: number }>(
				`select count(*) as wrong from seat s join person p on p.group_id = s.group_id and p.id = s.person_id
				 join tool t on t.group_id = s.group_id and t.id = s.tool_id
				 where s.group_id = $1 and p.is_child and t.sort <> 'blunt-scissors'`,
				[group.groupId]
			)
		).toEqual({ wrong: 0 });
	});
});

describe('a teenager', () => {
	const sharpSeat = { 'cut-sharp': 'usual' } as const;
	it('is refused a blade, and sharp scissors but where the group allows it with an adult at the station', async () => {
		const [day, jo] = [await aDay(), await add('Jo', { isTeen: true })];
		const [blunt, sharp, blade] = [
			await tool('blunt-scissors'),
			await tool('sharp-scissors'),
			await tool('rolling-blade')
		];
		await refused(seat(day, jo, 'cut', sharp));
		await refused(seat(day, jo, 'cut', blade));
		expect(await seat(day, jo, 'cut', blunt)).toBe(1);
		await house.execute('delete from seat where group_id = $1', [group.groupId]);
		expect(
			await keepPerson(group, said(jo, 'Jo', { version: 2, isTeen: true, seats: sharpSeat }), today)
		).toMatchObject({ outcome: 'refused' });
		await letTeensCutSharp(group, true);
		expect(
			await keepPerson(group, said(jo, 'Jo', { version: 2, isTeen: true, seats: sharpSeat }), today)
		).toMatchObject({ outcome: 'kept' });
		await refused(seat(day, jo, 'cut', blade));
		// Alone with sharp scissors: no; nor with another teenager.
		const alone = expect.objectContaining({ constraint: 'child_has_company' });
		await expect(seat(day, jo, 'cut', sharp)).rejects.toEqual(alone);
		const ada = await add('Ada');
		await house.execute(
			`with s as (insert into seat (group_id, id, day_id, person_id, station, tool_id)
				values ($1, gen_random_uuid(), $2, $3, 'cut', $4)) 
			 insert into seat (group_id, id, day_id, person_id, station, tool_id)
				values ($1, gen_random_uuid(), $2, $5, 'cut', $4)`,
			[group.groupId, day, jo, sharp, ada]
		);
		await expect(
			house.execute('update person set is_teen = true where group_id = $1 and id = $2', [
				group.groupId,
				ada
			])
		).rejects.toEqual(alone);
		// The group allows it no longer: the seat and the right to it go.
		await letTeensCutSharp(group, false);
		const left = await house.many<{ id: string }>(
			'select person_id as id from seat where group_id = $1',
			[group.groupId]
		);
		expect(left).toEqual([{ id: ada }]);
		expect((await listPeople(group, today)).find(({ id }) => id === jo)?.seats).toEqual({});
	});
	it('is no child, and a child stays one', async () => {
		const kit = await add('Kit', { isChild: true });
		await expect(
			house.execute('update person set is_teen = true where group_id = $1 and id = $2', [
				group.groupId,
				kit
			])
		).rejects.toMatchObject({ constraint: 'person_one_age' });
	});
});

describe('a table day', () => {
	it('is added once to a place, may be called off, and is then free again', async () => {
		const id = await aDay();
		expect(await addTableDay(group, id, '2026-12-03', 'Boat shed')).toMatchObject({
			outcome: 'duplicate'
		});
		expect(await addTableDay(group, key(), '2026-12-03', 'boat shed ')).toEqual({
			outcome: 'refused',
			problems: { day: peopleWords.tableDays.thereIsATableThere() }
		});
		expect(await callOffDay(group, id)).toBe(true);
		expect(await callOffDay(group, id)).toBe(false);
		await aDay();
		expect(await listTableDays(group, today)).toHaveLength(1);
	});

	it('set by two at once keeps the first, and tells the second', async () => {
		const [day, bo, wren] = [await aDay(), await add('Bo'), await add('Wren')];
		const saved = await Promise.all([bo, wren].map((one) => setWhoComes(group, day, 1, [one])));
		expect(saved.map(({ outcome }) => outcome).sort()).toEqual(['kept', 'refused']);
		expect((await listTableDays(group, today))[0]?.people).toHaveLength(1);
	});
});
