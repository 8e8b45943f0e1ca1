import { beforeEach, describe, expect, it } from 'vitest';
import { house, type Db } from '../../src/lib/server/db/db';
import { dropAway, keepAway, listAway } from '../../src/lib/server/people/away';
import { findDay, keepTerms } from '../../src/lib/server/people/day';
import { listShut, openHall, shutHall } from '../../src/lib/server/people/hall-shut';
import { addPerson, listPeople } from '../../src/lib/server/people/people';
import {
	daysAhead,
	findRhythm,
	keepDaysAhead,
	keepRhythm,
	ruleOfGroup
} from '../../src/lib/server/people/rhythm';
import { calendarDays } from '../../src/lib/server/people/rhythm-series';
import { calendarOf } from '../../src/lib/server/web/day-calendar';
import { addTableDay, callOffDay, listTableDays } from '../../src/lib/server/people/table-days';
import { forgetPerson } from '../../src/lib/server/book/forget-person';
import type { GroupRhythm } from '../../src/lib/stages/table-day/rhythm-view';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();
const key = () => crypto.randomUUID();
const today = '2026-12-01';
const thursdays: GroupRhythm = {
	version: 0,
	rule: 'FREQ=WEEKLY;BYDAY=TH',
	startsOn: '2026-11-01',
	endsOn: null,
	place: 'Boat shed',
	from: 1080,
	to: 1230,
	breaks: [1125],
	breakLength: 5,
	planId: null,
	ballsWanted: 14
};
let group: Db;
beforeEach(async () => void (group = await newGroup()));
const meet = (more: Partial<GroupRhythm> = {}, always: readonly string[] | null = null) =>
	keepRhythm(group, { ...thursdays, ...more }, always, today);
const days = async () => (await listTableDays(group, today)).map(({ day }) => day);
const person = async (name: string) => {
	const id = key();
	await addPerson(group, id, name);
	return id;
};

describe('a rhythm', () => {
	it('lays its days half a year ahead, with its times, aim and those who always come', async () => {
		const [suri, odo] = [await person('Suri'), await person('Odo')];
		expect(await meet({}, [suri])).toMatchObject({ outcome: 'kept' });
		const all = await listTableDays(group, today);
		expect(all).toHaveLength(Math.floor(daysAhead / 7));
		expect(all[0]).toMatchObject({ day: '2026-12-03', from: 1080, people: [suri] });
		expect(await findDay(group, all[3]?.id ?? '')).toMatchObject({
			day: '2026-12-24',
			ballsWanted: 14,
			breaks: [1125],
			isOfRule: true
		});
		expect(
			(await listPeople(group, today)).map(({ id, comesAlways }) => [id, comesAlways])
		).toEqual([
			[odo, false],
			[suri, true]
		]);
	});
	it('brings further days by itself as time goes on, once', async () => {
		await meet();
		await keepDaysAhead(group, '2027-03-01');
		const first = await days();
		expect(first.at(-1)).toBe('2027-08-26');
		await keepDaysAhead(group, '2027-03-01');
		expect(await days()).toEqual(first);
		// A day that was called off stays so.
		const [next] = await listTableDays(group, today);
		await callOffDay(group, next?.id ?? '');
		await keepDaysAhead(group, '2027-03-09');
		expect(await days()).not.toContain('2026-12-03');
	});
	it('is followed by each day but those that were set otherwise', async () => {
		await meet();
		const [first, second] = await listTableDays(group, today);
		const day = await findDay(group, second?.id ?? '');
		if (!day) throw new Error('no day');
		await keepTerms(group, day.id, day.version, { ...day, from: 600, to: 700, breaks: [] });
		expect(await meet({ version: 1, from: 1140, ballsWanted: null })).toMatchObject({
			outcome: 'kept'
		});
		expect(await findDay(group, first?.id ?? '')).toMatchObject({ from: 1140, ballsWanted: null });
		expect(await findDay(group, day.id)).toMatchObject({ from: 600, to: 700, ballsWanted: 14 });
	});
	it('on another day takes its untouched days along, and keeps what was changed by hand', async () => {
		await meet();
		const [first] = await listTableDays(group, today);
		const day = await findDay(group, first?.id ?? '');
		if (!day) throw new Error('no day');
		await keepTerms(group, day.id, day.version, { ...day, also: 'pillows' });
		await meet({ version: 1, rule: 'FREQ=WEEKLY;BYDAY=SA' });
		expect((await days()).slice(0, 3)).toEqual(['2026-12-03', '2026-12-05', '2026-12-12']);
	});
	it('takes days that were typed before as its own', async () => {
		const id = key();
		await addTableDay(group, id, '2026-12-10', 'Boat shed');
		await addTableDay(group, key(), '2026-12-12', 'Boat shed');
		await meet({ from: 1140 });
		const some = (await listTableDays(group, today)).slice(0, 4);
		expect(some.map(({ day, from }) => [day, from])).toEqual([
			['2026-12-03', 1140],
			['2026-12-10', 1140],
			['2026-12-12', 1080],
			['2026-12-17', 1140]
		]);
		expect(some[1]?.id).toBe(id);
	});
	it('of two who set it at once the second is told', async () => {
		await meet();
		const [one, two] = await Promise.all([
			meet({ version: 1, from: 1100 }),
			meet({ version: 1, from: 1120 })
		]);
		expect([one.outcome, two.outcome].sort()).toEqual(['kept', 'refused']);
		expect(await meet()).toMatchObject({ outcome: 'refused' });
		expect((await findRhythm(group))?.version).toBe(2);
	});
	it('without a rule has no days of its own', async () => {
		await meet();
		await meet({ version: 1, rule: null });
		expect(await days()).toEqual([]);
		expect(await ruleOfGroup(group)).toBeNull();
	});
});

describe('the hall is shut', () => {
	it('for a week: its days are off, and on again when it opens', async () => {
		await meet();
		const id = key();
		const week = { from: '2026-12-07', to: '2026-12-13' };
		expect(await shutHall(group, id, week)).toMatchObject({ outcome: 'kept' });
		expect(await shutHall(group, id, week)).toMatchObject({ outcome: 'duplicate' });
		expect((await days()).slice(0, 2)).toEqual(['2026-12-03', '2026-12-17']);
		expect(await listShut(group)).toMatchObject([{ id, ...week }]);
		expect((await ruleOfGroup(group))?.shut).toMatchObject([week]);
		await openHall(group, id);
		expect((await days()).slice(0, 2)).toEqual(['2026-12-03', '2026-12-10']);
		expect(await openHall(group, id)).toMatchObject({ outcome: 'refused' });
	});
	it('before its days are there: they come called off, and a day called off by hand stays off', async () => {
		const id = key();
		await shutHall(group, id, { from: '2026-12-24', to: '2026-12-31' });
		await meet();
		expect((await days()).slice(2, 4)).toEqual(['2026-12-17', '2027-01-07']);
		const [, second] = await listTableDays(group, today);
		await callOffDay(group, second?.id ?? '');
		const other = key();
		await shutHall(group, other, { from: '2026-12-07', to: '2026-12-13' });
		await openHall(group, other);
		expect(await days()).not.toContain('2026-12-10');
		await openHall(group, id);
		expect(await days()).toContain('2026-12-24');
	});
});

describe('somebody is away', () => {
	const seatsOf = (dayId: string) =>
		house.many<{ personId: string }>(
			'select person_id as "personId" from seat where group_id = $1 and day_id = $2 order by 1',
			[group.groupId, dayId]
		);
	it('and is neither counted nor seated then; afterwards they are again', async () => {
		const [suri, odo] = [await person('Suri'), await person('Odo')];
		await meet({}, [suri, odo]);
		const [first, second] = await listTableDays(group, today);
		for (const day of [first, second])
			for (const id of [suri, odo])
				await house.execute(
					`insert into seat (group_id, id, day_id, person_id, station) values ($1, $2, $3, $4, 'join')`,
					[group.groupId, key(), day?.id ?? '', id]
				);
		const gone = key();
		const span = { from: '2026-12-09', to: '2026-12-20' };
		expect(await keepAway(group, gone, suri, span)).toMatchObject({ outcome: 'kept' });
		expect(await keepAway(group, gone, suri, span)).toMatchObject({ outcome: 'duplicate' });
		expect(await listAway(group, today)).toMatchObject([{ name: 'Suri', ...span }]);
		const after = await listTableDays(group, today);
		expect(after.slice(0, 4).map(({ people }) => people.includes(suri))).toEqual([
			true,
			false,
			false,
			true
		]);
		expect(await seatsOf(first?.id ?? '')).toHaveLength(2);
		expect(await seatsOf(second?.id ?? '')).toEqual([{ personId: odo }]);
		expect((await findDay(group, second?.id ?? ''))?.people.map(({ id }) => id)).toEqual([odo]);
		expect(await dropAway(group, gone)).toBe(true);
		expect((await findDay(group, second?.id ?? ''))?.people).toHaveLength(2);
		expect(await dropAway(group, gone)).toBe(false);
	});
	it('nobody is said of who is not known, and who is forgotten is away no more', async () => {
		const span = { from: '2026-12-09', to: '2026-12-20' };
		expect(await keepAway(group, key(), key(), span)).toMatchObject({ outcome: 'refused' });
		const suri = await person('Suri');
		await keepAway(group, key(), suri, span);
		await forgetPerson(group, suri);
		const left = await house.many<{ id: string }>('select id from away where group_id = $1', [
			group.groupId
		]);
		expect(left).toEqual([]);
	});
});

describe('the calendar', () => {
	it('has the rule in it, the days it is off, those that differ, and days beside; no name', async () => {
		const suri = await person('Suri');
		await meet({ startsOn: '2026-12-01', endsOn: '2027-02-01' }, [suri]);
		await shutHall(group, key(), { from: '2026-12-24', to: '2026-12-31' });
		const [, second] = await listTableDays(group, today);
		const day = await findDay(group, second?.id ?? '');
		if (!day) throw new Error('no day');
		await keepTerms(group, day.id, day.version, { ...day, from: 600, to: 700, breaks: [] });
		await addTableDay(group, key(), '2026-12-12', 'Boat shed');
		await keepAway(group, key(), suri, { from: '2026-12-09', to: '2026-12-20' });
		const { days, series } = await calendarDays(group, today);
		const text = await calendarOf(days, 'Alder Quay', series).text();
		const unfolded = text.replace(/\r\n /g, '');
		expect(unfolded).toContain('RRULE:FREQ=WEEKLY;BYDAY=TH;UNTIL=20270201T180000\r\n');
		expect(unfolded).toContain('EXDATE:20261224T180000,20261231T180000\r\n');
		expect(unfolded).toContain('DTSTART:20261203T180000\r\nDTEND:20261203T203000\r\n');
		expect(unfolded).toMatch(/DTSTART:20261210T100000\r\n(.+\r\n)*RECURRENCE-ID:20261210T180000/);
		expect(unfolded).toContain('DTSTART:20261212T180000');
		expect(unfolded.match(/BEGIN:VEVENT/g)).toHaveLength(3);
		expect(unfolded).not.toContain('Suri');
	});
});
