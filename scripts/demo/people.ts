import type { Db } from '../../src/lib/server/db/db';
import { addPerson, keepPerson } from '../../src/lib/server/people/people';
import { keepAway } from '../../src/lib/server/people/away';
import { shutHall } from '../../src/lib/server/people/hall-shut';
import { keepRhythm } from '../../src/lib/server/people/rhythm';
import { addTableDay } from '../../src/lib/server/people/table-days';
import { findDay, keepSeats, keepTerms } from '../../src/lib/server/people/day';
import { workOfDay } from '../../src/lib/server/prepare/day-work';
import { seatDay } from '../../src/lib/server/heavy/seat-day';
import { seatOrderOf, seatsOfAdvice } from '../../src/lib/stages/table-day/advised';
import type { Level, Need, SeatName } from '../../src/lib/stages/people/seats';

/** The days the Alder Quay Mat Table meets: Thursdays in the boat shed. */
const days = [
	'2026-10-22',
	'2026-10-29',
	'2026-11-05',
	'2026-11-12',
	'2026-11-19',
	'2026-12-03',
	'2026-12-10',
	'2026-12-17'
];

interface DemoPerson {
	readonly name: string;
	readonly seats: Partial<Record<SeatName, Level>>;
	readonly likes?: string;
	readonly contact?: string;
	readonly isChild?: boolean;
	readonly isTeen?: boolean;
	readonly needs?: readonly Need[];
	readonly with?: readonly string[];
	/** Days to come, from 0. */
	readonly days: readonly number[];
}
const people: readonly DemoPerson[] = [
	{
		name: 'Ama',
		seats: { weave: 'usual', load: 'usual', join: 'usual' },
		days: [0, 1, 2],
		with: ['Jo']
	},
	{
		name: 'Bo',
		seats: { flatten: 'practised', check: 'usual', pillows: 'usual' },
		needs: ['sitting'],
		with: ['Pia'],
		days: [0, 1, 2],
		likes: 'company, and the radio',
		contact: 'a note at the ferry kiosk'
	},
	{ name: 'Gus', seats: { ball: 'practised', join: 'usual', 'cut-sharp': 'usual' }, days: [0, 2] },
	{
		name: 'Hal',
		seats: { flatten: 'usual', 'cut-blunt': 'usual', join: 'new' },
		needs: ['low-sight'],
		days: [0, 1]
	},
	{
		name: 'Ines',
		seats: { 'cut-sharp': 'practised', 'cut-blade': 'usual', flatten: 'usual' },
		days: [0, 1, 2]
	},
	{
		name: 'Jo',
		seats: { weave: 'new', twine: 'new', flatten: 'usual' },
		isTeen: true,
		days: [1],
		with: ['Ama']
	},
	{
		name: 'Kit',
		seats: { flatten: 'new', 'cut-blunt': 'new', ball: 'usual' },
		isChild: true,
		days: [0, 1],
		with: ['Lou']
	},
	{
		name: 'Lou',
		seats: { load: 'usual', weave: 'usual', 'cut-sharp': 'usual' },
		days: [0, 1, 2],
		with: ['Kit']
	},
	{
		name: 'Mabel',
		seats: { crochet: 'practised', join: 'practised', finish: 'practised', check: 'practised' },
		needs: ['sitting', 'short-spells'],
		days: [0, 2],
		likes: 'showing a stitch to whoever asks'
	},
	{
		name: 'Odo',
		seats: { 'cut-sharp': 'practised', 'cut-blade': 'practised', flatten: 'usual' },
		days: [0, 1, 2]
	},
	{
		name: 'Pia',
		seats: { flatten: 'usual', ball: 'usual', pillows: 'new' },
		isChild: true,
		days: [0, 2],
		with: ['Bo'],
		likes: 'winding balls'
	},
	{ name: 'Suri', seats: { crochet: 'new', join: 'usual' }, needs: ['one-hand'], days: [1, 2] },
	{ name: 'Tilde', seats: { join: 'usual', crochet: 'usual', bands: 'new' }, days: [0, 1] },
	{
		name: 'Wren',
		seats: { load: 'practised', weave: 'practised', flatten: 'usual', finish: 'usual' },
		days: [0, 1, 2]
	}
];

/** The id of a demo day, or of what else is numbered so. */
export const keyOf = (at: number) =>
	`00000000-0000-4000-8000-${String(9000 + at).padStart(12, '0')}`;

/** The people of the table and its days. */
export async function loadPeople(db: Db): Promise<void> {
	for (const [at, day] of days.entries()) {
		const { outcome } = await addTableDay(db, keyOf(at), day, 'Boat shed');
		if (outcome !== 'kept') throw new Error(`the demo day ${day} was not kept`);
	}
	for (const [at, { name }] of people.entries()) await addPerson(db, keyOf(100 + at), name);
	const known = await db.many<{ id: string; name: string; version: number }>(
		'select id, name, version from person where group_id = $1 and name is not null',
		[db.groupId]
	);
	const idOf = (name: string) => known.find((one) => one.name === name)?.id ?? '';
	for (const {
		name,
		seats,
		likes = null,
		contact = null,
		isChild = false,
		isTeen = false,
		needs = [],
		with: others = [],
		days: coming
	} of people) {
		const saved = await keepPerson(
			db,
			{
				id: idOf(name),
				name,
				version: known.find((one) => one.name === name)?.version ?? 1,
				likes,
				contact,
				isChild,
				isTeen,
				comesAlways: false,
				needs,
				seats,
				sitsWith: others.map(idOf),
				days: coming.map((nth) => keyOf(5 + nth))
			},
			'2026-11-27'
		);
		if (saved.outcome !== 'kept') throw new Error(`${name} of the demo was not kept`);
	}
	await loadRhythm(db, idOf);
}

/** Thursdays in the boat shed, a shed that is shut over the turn of the year, and two who are away for a while. */
async function loadRhythm(db: Db, idOf: (name: string) => string): Promise<void> {
	const today = '2026-11-27';
	const always = people.filter(({ days }) => days.length === 3).map(({ name }) => idOf(name));
	const met = await keepRhythm(
		db,
		{
			version: 0,
			rule: 'FREQ=WEEKLY;BYDAY=TH',
			startsOn: '2026-10-22',
			endsOn: null,
			place: 'Boat shed',
			from: 1080,
			to: 1230,
			breaks: [1125, 1175],
			breakLength: 5,
			planId: null,
			ballsWanted: null
		},
		always,
		today
	);
	const shut = await shutHall(db, keyOf(300), { from: '2026-12-21', to: '2027-01-03' });
	const gone = await Promise.all([
		keepAway(db, keyOf(301), idOf('Mabel'), { from: '2026-12-08', to: '2026-12-16' }),
		keepAway(db, keyOf(302), idOf('Odo'), { from: '2027-01-11', to: '2027-01-17' })
	]);
	if ([met, shut, ...gone].some(({ outcome }) => outcome !== 'kept'))
		throw new Error('the rhythm of the demo was not kept');
	const often = ['Gus', 'Hal', 'Mabel', 'Suri', 'Tilde'].map(idOf);
	await db.execute(
		`insert into day_person (group_id, day_id, person_id)
		 select $1, t.id, p.id from table_day t cross join person p
		 where t.group_id = $1 and t.of_rule > '2026-12-17' and p.group_id = $1 and p.id = any($2::uuid[])
		 on conflict do nothing`,
		[db.groupId, often]
	);
}

/** The next day as it is planned: forty balls by half past eight, and everybody seated. */
export async function seatNextDay(db: Db): Promise<void> {
	const id = keyOf(5);
	const found = await findDay(db, id);
	if (!found) throw new Error('the next day of the demo is not there');
	const { plans } = await workOfDay(db, found);
	const termed = await keepTerms(db, id, found.version, {
		...found,
		planId: plans[0]?.id ?? null,
		ballsWanted: 14,
		also: 'go on with the loom',
		besides: { load: 0, finish: 0, check: 3, pillows: 4 }
	});
	const day = await findDay(db, id);
	if (termed.outcome !== 'kept' || !day) throw new Error('the next day of the demo was not kept');
	const { work } = await workOfDay(db, day);
	if (!work) throw new Error('the table of the demo has nothing to make');
	const loom = ['Wren', 'Lou'].flatMap((name) => {
		const personId = day.people.find((one) => one.name === name)?.id;
		return personId ? [{ personId, station: 'weave', from: day.from, to: day.to }] : [];
	});
	const advice = await seatDay(seatOrderOf(day, work, loom));
	const seated = await keepSeats(db, id, day.version, seatsOfAdvice(advice, day, loom));
	if (seated.outcome !== 'kept') throw new Error(`the demo seats: ${JSON.stringify(seated)}`);
}
