import type { SentEntry } from '../../src/lib/server/entries/take-entry';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { addReceivingPlace } from '../../src/lib/server/gather/places';
import { wantMats } from '../../src/lib/server/gather/wanted';
import { listPlans } from '../../src/lib/server/plan/plans';
import { actAtTable } from './table-acts';
import type { Db } from '../../src/lib/server/db/db';

type Typed = Record<string, string>;

/** Bags that came to the Alder Quay Mat Table on its Thursdays, counted as each place brings them. */
const dropOffs: Typed[] = [
	{
		place: 'Ferry kiosk',
		came_on: '2026-10-22',
		method: 'batches',
		batches: '14',
		batch_size: '20',
		loose: '6',
		sacks: '3'
	},
	{ place: 'Allotment shop', came_on: '2026-10-22', method: 'hand', bags: '165', sacks: '2' },
	{
		place: 'Ferry kiosk',
		came_on: '2026-11-05',
		method: 'weight',
		gross: '2.46 kg',
		tare: '310 g',
		handfuls: '52.4 51.1 53.6 52.8',
		bags_each: '10',
		scale_error: '2 g',
		sacks: '4'
	},
	{
		place: 'Allotment shop',
		came_on: '2026-11-12',
		method: 'hand',
		bags: '210',
		brought_by: 'Tilde',
		sacks: '2'
	},
	{
		place: 'Ferry kiosk',
		came_on: '2026-11-19',
		method: 'weight',
		gross: '3.38 kg',
		tare: '310 g',
		handfuls: '51.9 52.7 50.8 53.3 52.2 51.6',
		bags_each: '10',
		scale_error: '2 g',
		sacks: '5'
	},
	{
		place: 'Bus depot canteen',
		came_on: '2026-11-19',
		method: 'hand',
		bags: '240',
		sacks: '2',
		note: 'rinsed pouches, some still damp'
	}
];

/** What sorting made of them: when, kind by its place in the list, colour, the piles, and what hung in a pile before. */
interface Sorted {
	at: string;
	place: string;
	kind: number;
	colour: string;
	piles: [strand: number, stuffing: number, rejected: number, drying?: number];
	by: string;
	lookAgain?: string;
	isDried?: boolean;
}
const kiosk = { place: 'Ferry kiosk', kind: 0 };
const allotment = { place: 'Allotment shop', kind: 1 };
const sortings: Sorted[] = [
	{ at: '10-22T18:20', ...kiosk, colour: 'white', piles: [190, 8, 12], by: 'Wren' },
	{ at: '10-22T18:40', ...kiosk, colour: 'blue', piles: [52, 2, 4, 19], by: 'Odo' },
	{ at: '10-22T20:45', ...kiosk, colour: 'blue', piles: [17, 1, 1], by: 'Odo', isDried: true },
	{ at: '10-29T18:30', ...allotment, colour: 'green', piles: [132, 9, 22], by: 'Odo' },
	{ at: '11-05T18:25', ...kiosk, colour: 'white', piles: [120, 6, 9], by: 'Wren' },
	{ at: '11-05T18:50', ...kiosk, colour: 'blue', piles: [79, 3, 4], by: 'Odo' },
	{ at: '11-05T19:10', ...kiosk, colour: 'yellow', piles: [46, 2, 5], by: 'Wren' },
	{ at: '11-12T18:35', ...allotment, colour: 'white', piles: [118, 7, 19], by: 'Tilde' },
	{ at: '11-19T18:20', ...kiosk, colour: 'green', piles: [58, 3, 4], by: 'Mabel' },
	{
		at: '11-19T18:55',
		place: 'Bus depot canteen',
		kind: 2,
		colour: 'clear',
		piles: [186, 4, 12, 38],
		by: 'Mabel',
		lookAgain: '167'
	}
];

/** What moved in the store beside the work at the table. */
const movements: { at: string; typed: Typed }[] = [
	['11-19T20:05', 'mixed', 'scrap', 'in', '1.9 kg', 'cut', '', 'trimmings of three Thursdays']
].map(
	([
		at = '',
		colour = '',
		form = '',
		direction = '',
		amount = '',
		reason = '',
		by = '',
		note = ''
	]) => ({
		at,
		typed: { colour, form, direction, amount, reason, by_name: by, note }
	})
);

const timed: Typed[] = [
	{ work: 'join', units: '420', people: '3', minutes: '40', worked_on: '2026-11-12' },
	{ work: 'cut', units: '120', people: '2', minutes: '28', worked_on: '2026-11-12' },
	{ work: 'crochet', units: '1100', people: '2', minutes: '45', worked_on: '2026-11-19' }
];

/** A kind the group measured itself. */
const breadBag: Typed = {
	name: 'Bread bag',
	width: '24 cm',
	body: '39 cm',
	handful: '33 g',
	handful_count: '10'
};

/** Mats that the season still wants, by the plan's name. */
const wanted: readonly [name: string, mats: number][] = [
	['Mat for the Causeway Winter Rooms', 2],
	['Thick mat from allotment shop bags', 1],
	['Pouches from the depot canteen', 1],
	['Frame mat in two panels', 2]
];

/** What stands in the hall and lies in its boxes. */
const tools: Typed[] = [
	{
		sort: 'loom',
		name: 'Hall loom',
		pegs: '28',
		pitch: '25.4 mm',
		peg_to_peg: '182.9 cm',
		rods: 'eyes'
	},
	{
		sort: 'loom',
		name: 'Long loom',
		pegs: '31',
		pitch: '25 mm',
		peg_to_peg: '185 cm',
		rods: 'eyes'
	},
	{
		sort: 'frame',
		name: 'Half frame',
		nails: '30',
		pitch: '14 mm',
		frame_length: '183 cm',
		rods: 'eyes'
	},
	{ sort: 'hook', name: '8 mm hooks', hook: '8', count: '6' },
	{ sort: 'hook', name: '10 mm hooks', hook: '10', count: '3' },
	{ sort: 'hook', name: '6 mm hook', hook: '6' },
	{ sort: 'sharp-scissors', name: 'Long scissors', count: '5' },
	{ sort: 'blunt-scissors', name: 'Round-ended scissors', count: '4' },
	{ sort: 'rolling-blade', name: 'Blade and green board' },
	{ sort: 'winder', name: 'Hand winder' },
	{ sort: 'scale', name: 'Kitchen scale' },
	{ sort: 'crate', name: 'Blue crates', count: '8' }
];

/** Fills the store and the measures through the same door that a device's entries come in by. */
export async function loadGathered(db: Db): Promise<void> {
	const kinds = await listKinds(db);
	const nth = (at: number) => {
		const names = ['Thin carrier', 'Heavier shop bag', 'Milk pouch'];
		return kinds.find(({ name }) => name === names[at])?.id ?? '';
	};
	const plans = await listPlans(db);
	const planNamed = (start: string) => plans.find(({ name }) => name.startsWith(start))?.id ?? '';
	const crocheted = planNamed('Mat for the Causeway');
	const measured: Typed[] = [
		{
			measure: 'swatch',
			counted: '20',
			rows: '20',
			length: '20.4 cm',
			height: '17.9 cm',
			strand: '20.9 m',
			measured_on: '2026-11-05',
			maker: 'Mabel'
		},
		{ measure: 'chain', counted: '10', length: '4.31 m', measured_on: '2026-11-12', maker: 'Odo' },
		{
			measure: 'woven',
			plan: planNamed('Loom mat'),
			counted: '40',
			length: '11.8 cm',
			bags_used: '36',
			measured_on: '2026-11-19'
		},
		{
			measure: 'mat',
			counted: '486',
			length: '1.84 m',
			height: '86 cm',
			measured_on: '2026-11-19',
			maker: 'Mabel'
		}
	];
	let sent = 0;
	const keep = async (type: string, typed: Typed, day?: string) => {
		const key = `00000000-0000-4000-8000-${String(5000 + sent).padStart(12, '0')}`;
		const at = day && `2026-${day}:00Z`;
		const booked = await saveEntry(db, { key, type, typed, at } satisfies SentEntry, {
			lengthSystem: 'cm',
			timeZone: 'UTC'
		});
		if (booked.outcome === 'refused')
			throw new Error(
				`demo entry ${sent} (${type}) was refused: ${Object.values(booked.problems).join(' ')}`
			);
		sent++;
		return String(booked.id);
	};
	await keep('bag-kind', breadBag);
	for (const typed of dropOffs) await keep('drop-off', typed);
	let pile = '';
	for (const { at, place, kind, colour, piles, by, lookAgain = '2', isDried } of sortings) {
		const [strand, stuffing, rejected, drying = 0] = piles;
		const counts = { strand, stuffing, rejected, drying };
		const typed = {
			...Object.fromEntries(Object.entries(counts).map(([name, count]) => [name, String(count)])),
			...{ place, kind: nth(kind), colour, by_name: by, look_again: lookAgain },
			dried: isDried ? pile : ''
		};
		const kept = await keep('sorting', typed, at);
		if (drying > 0) pile = kept;
	}
	for (const { at, typed } of movements) await keep('movement', { kind: nth(0), ...typed }, at);
	for (const typed of timed) await keep('timed', typed);
	for (const typed of measured) await keep('measurement', { plan: crocheted, ...typed });
	for (const typed of tools) await keep('tool', typed);
	await actAtTable({
		db,
		keep,
		kindOf: nth,
		planNamed: (start): Typed => {
			const plan = plans.find(({ name }) => name.startsWith(start));
			return plan ? { plan: plan.id, plan_version: String(plan.version) } : {};
		}
	});
	for (const name of ['Causeway Winter Rooms', 'Tide House']) await addReceivingPlace(db, name);
	for (const [name, mats] of wanted) {
		const plan = plans.find((one) => one.name === name);
		if (plan) await wantMats(db, plan.id, mats, 0);
	}
}
