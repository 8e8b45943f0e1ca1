import { loadForetold } from './foretold';
import type { Db } from '../../src/lib/server/db/db';
import { cutWord } from '../../src/lib/core/prepare/piles';
import { listKinds } from '../../src/lib/server/gather/kinds';
import { keepPlaceWords } from '../../src/lib/server/gather/places';
import { listBalls } from '../../src/lib/server/prepare/balls';
import { listPiles } from '../../src/lib/server/prepare/piles';
import { listPlans } from '../../src/lib/server/plan/plans';
import type { EnterDemo } from './mats';

/** Mats that are made: since when, what was done with them, on which day. */
const made: readonly {
	readonly begun: string;
	readonly maker: string;
	readonly acts: readonly (readonly [
		day: string,
		type: string,
		typed: Readonly<Record<string, string>>
	])[];
}[] = [
	{
		begun: '2026-06-04',
		maker: 'Mabel',
		acts: [
			['2026-09-03', 'finish', {}],
			['2026-09-10', 'check', { length: '185 cm', width: '85 cm', mass: '1.66 kg' }]
		]
	},
	{
		begun: '2026-06-18',
		maker: 'Odo',
		acts: [
			['2026-09-17', 'finish', {}],
			['2026-09-24', 'check', { length: '187 cm', width: '86 cm', mass: '1.72 kg' }]
		]
	},
	{
		begun: '2026-07-02',
		maker: 'Mabel',
		acts: [
			['2026-10-15', 'finish', {}],
			['2026-10-22', 'check', { length: '184 cm', width: '85 cm', mass: '1.64 kg' }]
		]
	},
	// One that failed, and was mended.
	{
		begun: '2026-07-09',
		maker: 'Tilde',
		acts: [
			['2026-10-29', 'finish', {}],
			[
				'2026-11-05',
				'check',
				{
					length: '181 cm',
					width: '85 cm',
					mass: '1.62 kg',
					map: '000000100000000',
					faults: 'torn-joint@0.3,0.5; loose-tail@0.9,0.17'
				}
			],
			['2026-11-12', 'mended', {}],
			['2026-11-19', 'check', { length: '185 cm', width: '85 cm', mass: '1.67 kg' }]
		]
	},
	{
		begun: '2026-08-06',
		maker: 'Wren',
		acts: [
			['2026-11-19', 'finish', {}],
			[
				'2026-11-26',
				'check',
				{
					length: '183 cm',
					width: '84.5 cm',
					mass: '1.6 kg',
					faults: 'loose-joint@0.5,0.5; loose-tail@0.1,0.83'
				}
			]
		]
	},
	{ begun: '2026-08-13', maker: 'Odo', acts: [['2026-11-26', 'finish', {}]] }
];

/** Bags that were wound for the first of them: who brought them, their colour, in so many balls of so many bags. */
const wound = [
	{ mat: 0, day: '2026-06-11', from: 'Ferry kiosk', colour: 'white', balls: [125, 125, 125] },
	{ mat: 0, day: '2026-06-18', from: 'Bus depot canteen', colour: 'blue', balls: [131] },
	{ mat: 1, day: '2026-07-02', from: 'Ferry kiosk', colour: 'white', balls: [130, 130] },
	{ mat: 1, day: '2026-07-09', from: 'Allotment shop', colour: 'green', balls: [130, 134] },
	{ mat: 2, day: '2026-07-16', from: 'Ferry kiosk', colour: 'white', balls: [125, 125, 125, 126] }
] as const;

/** Which of them went out: to which place, when, with how many pillows, and in which word they were received. */
const deliveries = [
	{ place: 'Causeway', mats: [0, 1], pillows: 2, day: '2026-10-01', note: 'All dry. Thank you.' },
	{ place: 'Tide', mats: [2], pillows: 0, day: '2026-11-05', note: 'Came on Thursday.' }
] as const;

/** What the places ask for, and what they were promised. */
const asks = [
	{ place: 'Causeway', mats: '4', by: '2026-12-24', promised: '2', note: 'before the cold' },
	{ place: 'Tide', mats: '6', by: '2027-02-04', promised: '', note: '' }
] as const;

/** How they receive them. */
const ways = [
	{
		place: 'Causeway',
		hours: 'Mondays and Thursdays, 16 to 19 o’clock',
		stairs: 'two steps, then a lift',
		ownRules: 'each mat is aired for a day before it is given out'
	},
	{
		place: 'Tide',
		hours: 'every night from 21 o’clock',
		stairs: 'level, by the back door',
		ownRules: null
	}
] as const;

/** Winds the balls that lie in the first mats, from the sack to the label. */
async function wind(
	db: Db,
	enter: EnterDemo,
	codes: readonly string[],
	plan: { readonly id: string; readonly version: number }
): Promise<void> {
	const kinds = await listKinds(db);
	const kind = kinds.find(({ name }) => name === 'Thin carrier')?.id ?? '';
	/** How the largest pile of a colour is cut. */
	const cutOf = async (form: string, colour: string) => {
		const [pile] = (await listPiles(db))
			.filter((one) => one.kindId === kind && one.colour === colour && one.form === form && one.cut)
			.toSorted((one, other) => other.amount - one.amount);
		return pile?.cut ? cutWord(pile.cut) : '';
	};
	const by = { plan: plan.id, plan_version: String(plan.version) };
	for (const { mat, day, from, colour, balls } of wound) {
		const bags = balls.reduce((sum, one) => sum + one, 0);
		const [stuffing, rejected] = [12, Math.round(bags / 12)];
		await enter(
			'drop-off',
			{ place: from, came_on: day, method: 'hand', bags: String(bags + stuffing + rejected) },
			day
		);
		await enter(
			'sorting',
			{
				place: from,
				kind,
				colour,
				strand: String(bags),
				stuffing: String(stuffing),
				rejected: String(rejected),
				drying: '0',
				look_again: '2',
				dried: ''
			},
			day
		);
		const base = { kind, colour };
		await enter('flatten', { ...base, bags: String(bags) }, day);
		await enter('cut', { ...base, bags: String(bags), ...by, use: 'strand', spoiled: '0' }, day);
		await enter(
			'join',
			{ ...base, pieces: String(bags * 4), cut: await cutOf('piece', colour) },
			day
		);
		for (const own of balls) {
			await enter(
				'ball',
				{
					...base,
					bags: String(own),
					as: 'ball',
					cut: await cutOf('strand', colour),
					...by
				},
				day
			);
			const [ball] = await listBalls(db);
			await enter('issue', { mat: codes[mat] ?? '', ball: ball?.code ?? '' }, day);
		}
	}
}

/** Mats that are made, checked, mended and handed over. */
export async function loadMadeMats(
	db: Db,
	enter: EnterDemo,
	people: readonly { readonly id: string; readonly name: string }[]
): Promise<void> {
	const plan = (await listPlans(db)).find(({ name }) => name.startsWith('Mat for the Causeway'));
	const codes: string[] = [];
	for (const { begun, maker } of made) {
		const person = people.find(({ name }) => name === maker)?.id ?? '';
		const { id } = await enter('begin', { plan: plan?.id ?? '', person }, begun);
		const mat = await db.maybeOne<{ code: string }>(
			'select code from thing where group_id = $1 and entry_id = $2',
			[db.groupId, Number(id)]
		);
		const code = mat?.code ?? '';
		codes.push(code);
	}
	if (plan) await wind(db, enter, codes, plan);
	for (const [at, { begun, acts }] of made.entries()) {
		const code = codes[at] ?? '';
		await enter('rows', { mat: code, to: '204' }, acts[0]?.[0] ?? begun);
		for (const [day, type, typed] of acts) await enter(type, { mat: code, ...typed }, day);
	}
	const places = await db.many<{ id: string; name: string; version: number }>(
		'select id, name, version from place where group_id = $1 and receives_mats',
		[db.groupId]
	);
	const placeOf = (word: string) => places.find(({ name }) => name.includes(word));
	for (const { place, ...way } of ways) {
		const { id = '', version = 1 } = placeOf(place) ?? {};
		await keepPlaceWords(db, { id, version, ...way, accepts: {} });
	}
	for (const { place, mats, pillows, day, note } of deliveries) {
		const soft: string[] = [];
		for (let nth = 0; nth < pillows + 1; nth++) {
			const { id } = await enter('pillow', { scrap: '280 g', bags: nth === 0 ? '4' : '' }, day);
			const pillow = await db.maybeOne<{ code: string }>(
				'select code from thing where group_id = $1 and entry_id = $2',
				[db.groupId, Number(id)]
			);
			soft.push(pillow?.code ?? '');
		}
		const { id } = await enter(
			'deliver',
			{
				place: placeOf(place)?.id ?? '',
				mats: mats.map((at) => codes[at]).join(' '),
				pillows: soft.slice(0, pillows).join(' '),
				goes_on: day
			},
			day
		);
		const delivery = await db.maybeOne<{ code: string }>(
			'select code from thing where group_id = $1 and entry_id = $2',
			[db.groupId, Number(id)]
		);
		await enter('received', { delivery: delivery?.code ?? '', note }, day);
	}
	for (const { place, mats, by, promised, note } of asks) {
		const { id } = await enter(
			'asked',
			{ place: placeOf(place)?.id ?? '', mats, by, note },
			'2026-11-12'
		);
		if (promised !== '') await enter('promised', { ask: String(id), mats: promised }, '2026-11-19');
	}
	await loadForetold(db);
}
