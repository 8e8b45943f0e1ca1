import { type Db, dbOf, house } from '../../src/lib/server/db/db';
import type { MovementEntry } from '../../src/lib/entries/types/movement';
import type { MeasurementEntry } from '../../src/lib/entries/types/measurement';
import type { SortingEntry } from '../../src/lib/entries/types/sorting';
import type { DropOffEntry } from '../../src/lib/entries/types/drop-off';
import type { TimedEntry } from '../../src/lib/entries/types/timed';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { bookEntry } from '../../src/lib/server/entries/take-entry';
import type { Entry } from '../../src/lib/entries/registry';
import { createHash } from 'node:crypto';
import type { GroupId } from '../../src/lib/server/base/group-id';

/** A group of its own: the ledger cannot be emptied. */
export async function newGroup(): Promise<Db> {
	const group = dbOf(crypto.randomUUID() as GroupId);
	await house.execute('insert into volunteer_group (id, name) values ($1, $2)', [
		group.groupId,
		'A table'
	]);
	return group;
}

/** A group of its own, and a kind of bag that it knows. */
export async function newTable(): Promise<{ group: Db; kindId: string }> {
	const group = await newGroup();
	const kind = (await listKinds(group)).find(({ name }) => name === 'Thin carrier');
	return { group, kindId: kind?.id ?? '' };
}

export const dropOff: DropOffEntry = {
	type: 'drop-off',
	place: 'Ferry kiosk',
	cameOn: '2026-11-19',
	broughtBy: null,
	sacks: 2,
	method: 'hand',
	bags: 180,
	bagsLow: 180,
	bagsHigh: 180,
	weighing: null,
	kindId: null,
	lookAgainHours: null,
	note: null,
	isSure: false
};
export const sorting: SortingEntry = {
	type: 'sorting',
	place: 'Ferry kiosk',
	kindId: '',
	colour: 'blue',
	strand: 140,
	stuffing: 12,
	drying: 8,
	rejected: 20,
	lookAgainHours: 2,
	driedFrom: null,
	byName: 'Wren',
	isSure: false
};
export const movement: MovementEntry = {
	type: 'movement',
	kindId: '',
	colour: 'blue',
	form: 'bag',
	amount: 3,
	reason: 'counted',
	note: null,
	byName: null,
	isSure: false
};
export const measurement: MeasurementEntry = {
	type: 'measurement',
	measure: 'chain',
	planId: '',
	maker: null,
	measuredOn: '2026-11-19',
	counted: 10,
	rows: null,
	lengthMm: 4000,
	heightMm: null,
	bagsUsed: null,
	strandMm: null,
	massG: null,
	isSure: false
};
export const timed: TimedEntry = {
	type: 'timed',
	work: 'join',
	way: 'loop',
	maker: null,
	units: 40,
	people: 1,
	minutes: 10,
	workedOn: '2026-11-19',
	isSure: false
};

/** Keeps an entry under a key, as a device's would be kept once it is read. */
export const keep = (group: Db, key: string, entry: Entry, at = new Date()) =>
	bookEntry(group, entry, {
		key,
		digest: createHash('sha256').update(JSON.stringify(entry)).digest('base64url'),
		typed: {},
		at,
		device: null,
		sequence: null,
		linkId: null
	});
