import { expect, it } from 'vitest';
import { addReceivingPlace } from '../../src/lib/server/gather/places';
import { copiesNoted } from '../../src/lib/server/web/machine';
import { findAnything } from '../../src/lib/server/search/find';
import { openDayOf } from '../../src/lib/server/table-day/open-day';
import { addPerson } from '../../src/lib/server/people/people';
import { addTableDay } from '../../src/lib/server/people/table-days';
import { noteHouse } from '../../scripts/lib/house-note.mjs';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();
const key = () => crypto.randomUUID();

it('finds what a group has by its name, and nothing of another group', async () => {
	const [group, other] = [await newGroup(), await newGroup()];
	for (const db of [group, other]) {
		await addPerson(db, key(), 'Wren');
		await addReceivingPlace(db, 'Wrenfield Rooms');
	}
	await addPerson(group, key(), '50 % Ada');
	const pages = [{ href: '/members', title: 'Members', about: 'invite wrens' }];
	const found = await findAnything(group, ' wren ', 'us', pages);
	expect(
		found.filter(({ sort }) => sort !== 'know-how').map(({ sort, title }) => [sort, title])
	).toEqual([
		['person', 'Wren'],
		['place', 'Wrenfield Rooms'],
		['page', 'Members']
	]);
	// What has a meaning in a pattern is a letter here.
	expect((await findAnything(group, '%', 'us', [])).map(({ title }) => title)).toEqual([
		'50 % Ada'
	]);
	expect(await findAnything(group, '_', 'us', [])).toEqual([]);
	expect(await findAnything(group, '  ', 'us', pages)).toEqual([]);
});

it('leads to the table day that is on today, and to none that was ended', async () => {
	const group = await newGroup();
	const [id, today] = [key(), '2026-12-03'];
	await addTableDay(group, id, today, 'Boat shed');
	expect(await openDayOf(group, { today })).toBeNull();
	const set = (what: string) =>
		group.execute(`update table_day set ${what} where group_id = $1 and id = $2`, [
			group.groupId,
			id
		]);
	await set('opened_at = now()');
	expect(await openDayOf(group, { today })).toBe(id);
	expect(await openDayOf(group, { today: '2026-12-04' })).toBeNull();
	await set('closed_at = now()');
	expect(await openDayOf(group, { today })).toBeNull();
});

it('tells of the copies what the launcher noted last', async () => {
	const group = await newGroup();
	expect(await copiesNoted(group)).toEqual({ nightly: null, putBackAt: null });
	const url = process.env.DATABASE_URL ?? '';
	const folder = '/srv/copies';
	await noteHouse(url, 'copy', { isOn: true, folder, isSealed: false, lastAt: null });
	await noteHouse(url, 'copy', { lastAt: '2026-12-01T03:10:00.000Z', problem: 'no room' });
	await noteHouse(url, 'put-back', { madeAt: '2026-11-30T03:00:00Z' });
	const { nightly, putBackAt } = await copiesNoted(group);
	expect(nightly).toEqual({
		isOn: true,
		folder,
		isSealed: false,
		lastAt: new Date('2026-12-01T03:10:00Z'),
		problem: 'no room'
	});
	expect(putBackAt).toBeInstanceOf(Date);
});
