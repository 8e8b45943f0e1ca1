import type { SentEntry } from '../../src/lib/server/take-entry';
import { takeEntry } from '../../src/lib/server/take-entry';
import { listKinds } from '../../src/lib/server/db/kinds';
import { wantMats } from '../../src/lib/server/db/wanted';
import { listPlans } from '../../src/lib/server/db/plans';
import type { GroupId } from '../../src/lib/server/group';

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
		place: 'Bus depot canteen',
		came_on: '2026-10-29',
		method: 'hand',
		bags: '240',
		sacks: '2',
		note: 'rinsed pouches, still damp'
	},
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
	}
];

/** What sorting made of them: kind by its place in the list, colour, and the piles. */
const sortings: [
	place: string,
	kind: number,
	colour: string,
	strand: string,
	stuffing: string,
	rejected: string,
	drying: string,
	by: string
][] = [
	['Ferry kiosk', 0, 'white', '310', '14', '21', '0', 'Wren'],
	['Ferry kiosk', 0, 'blue', '148', '6', '9', '0', 'Odo'],
	['Ferry kiosk', 0, 'yellow', '46', '2', '5', '0', 'Wren'],
	['Ferry kiosk', 0, 'green', '58', '3', '4', '0', 'Mabel'],
	['Allotment shop', 1, 'green', '132', '9', '22', '0', 'Odo'],
	['Allotment shop', 1, 'white', '118', '7', '19', '0', 'Tilde'],
	['Bus depot canteen', 2, 'clear', '186', '4', '12', '38', 'Mabel']
];

const movements: Typed[] = [
	{ colour: 'white', form: 'bag', direction: 'out', amount: '120', reason: 'cut', by_name: 'Odo' },
	{ colour: 'white', form: 'piece', direction: 'in', amount: '480', reason: 'cut', by_name: 'Odo' },
	{
		colour: 'white',
		form: 'piece',
		direction: 'out',
		amount: '320',
		reason: 'joined',
		by_name: 'Mabel'
	},
	{
		colour: 'white',
		form: 'ball',
		direction: 'in',
		amount: '4',
		reason: 'joined',
		by_name: 'Mabel'
	},
	{ colour: 'blue', form: 'bag', direction: 'out', amount: '40', reason: 'cut', by_name: 'Wren' },
	{
		colour: 'blue',
		form: 'ball',
		direction: 'in',
		amount: '2',
		reason: 'joined',
		by_name: 'Mabel'
	},
	{
		colour: 'mixed',
		form: 'scrap',
		direction: 'in',
		amount: '1.9 kg',
		reason: 'cut',
		note: 'trimmings of three Thursdays'
	}
];

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

/** Fills the store and the measures through the same door that a device's entries come in by. */
export async function loadGathered(groupId: GroupId): Promise<void> {
	const kinds = await listKinds(groupId);
	const nth = (at: number) => {
		const names = ['Thin carrier', 'Heavier shop bag', 'Milk pouch'];
		return kinds.find(({ name }) => name === names[at])?.id ?? '';
	};
	const plans = await listPlans(groupId);
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
	const entries: [type: string, typed: Typed][] = [
		['bag-kind', breadBag],
		...dropOffs.map((typed): [string, Typed] => ['drop-off', typed]),
		...sortings.map(
			([place, kind, colour, strand, stuffing, rejected, drying, by_name]): [string, Typed] => [
				'sorting',
				{ place, kind: nth(kind), colour, strand, stuffing, rejected, drying, by_name }
			]
		),
		...movements.map((typed): [string, Typed] => ['movement', { kind: nth(0), ...typed }]),
		...timed.map((typed): [string, Typed] => ['timed', typed]),
		...measured.map((typed): [string, Typed] => ['measurement', { plan: crocheted, ...typed }])
	];
	for (const [at, [type, typed]] of entries.entries()) {
		const key = `00000000-0000-4000-8000-${String(5000 + at).padStart(12, '0')}`;
		const booked = await takeEntry(groupId, { key, type, typed } satisfies SentEntry, 'cm');
		if (booked.outcome === 'refused')
			throw new Error(
				`demo entry ${at} (${type}) was refused: ${Object.values(booked.problems).join(' ')}`
			);
	}
	for (const [name, mats] of wanted) {
		const plan = plans.find((one) => one.name === name);
		if (plan) await wantMats(groupId, plan.id, mats);
	}
}
