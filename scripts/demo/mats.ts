import { loadMadeMats } from './made-mats';
import type { Db } from '../../src/lib/server/db/db';
import { saveEntry } from '../../src/lib/server/entries/take-entry';
import { listBalls } from '../../src/lib/server/prepare/balls';
import { listPlans } from '../../src/lib/server/plan/plans';

/** Mats being made: by which plan, who makes them, since when, and rows by the weeks that brought some. */
interface DemoMat {
	readonly plan: string;
	readonly maker: string;
	readonly begun: string;
	/** Days, and the row it came to: said in the evening. */
	readonly rows: readonly (readonly [day: string, to: number])[];
	/** Balls given for it, by their colour. */
	readonly balls?: readonly string[];
	/** What else was said of it: on which day, which entry, what was typed. */
	readonly said?: readonly (readonly [
		day: string,
		type: string,
		typed: Readonly<Record<string, string>>
	])[];
}
const mats: readonly DemoMat[] = [
	{
		plan: 'Mat for the Causeway',
		maker: 'Mabel',
		begun: '2026-10-01',
		rows: [
			['2026-10-05', 18],
			['2026-10-12', 36],
			['2026-10-20', 52],
			['2026-10-27', 70],
			['2026-11-03', 88],
			['2026-11-10', 101],
			['2026-11-17', 119],
			['2026-11-24', 134]
		],
		balls: ['white', 'white', 'blue'],
		said: [
			['2026-11-24', 'weighed', { colour: 'white', mass: '112 g' }],
			['2026-11-24', 'weighed', { colour: 'blue', mass: '38 g' }]
		]
	},
	{
		plan: 'Mat for the Causeway',
		maker: 'Odo',
		begun: '2026-09-10',
		rows: [
			['2026-09-20', 40],
			['2026-10-04', 71],
			['2026-10-28', 88]
		]
	},
	{
		plan: 'Mat for the Causeway',
		maker: 'Tilde',
		begun: '2026-09-24',
		rows: [
			['2026-10-02', 30],
			['2026-10-16', 82],
			['2026-10-30', 124],
			['2026-11-13', 156],
			['2026-11-25', 171]
		],
		said: [
			['2026-10-02', 'mat-size', { row: '20', width: '85.2 cm' }],
			['2026-10-16', 'mat-size', { row: '80', width: '85.1 cm' }],
			['2026-11-06', 'mat-size', { row: '140', width: '85.0 cm' }],
			['2026-11-13', 'mat-size', { row: '156', width: '83.4 cm' }],
			['2026-11-25', 'mat-size', { row: '171', width: '82.2 cm' }]
		]
	},
	{
		plan: 'Bands for the open day',
		maker: 'Gus',
		begun: '2026-10-22',
		rows: [
			['2026-11-02', 210],
			['2026-11-16', 640],
			['2026-11-25', 990]
		]
	},
	{
		plan: 'Mat for the Causeway',
		maker: 'Ines',
		begun: '2026-11-19',
		rows: [['2026-11-24', 12]],
		balls: ['white', 'white', 'blue']
	},
	{
		plan: 'Mat for the Causeway',
		maker: 'Lou',
		begun: '2026-10-15',
		rows: [
			['2026-10-29', 21],
			['2026-11-12', 40],
			['2026-11-26', 61]
		],
		said: [
			['2026-11-26', 'note', { text: 'The strand with the green print is stiffer than the rest.' }],
			['2026-11-26', 'wish', { wish: 'ball' }]
		]
	},
	{
		plan: 'Mat for the Causeway',
		maker: 'Hal',
		begun: '2026-09-03',
		rows: [
			['2026-09-24', 44],
			['2026-10-22', 79],
			['2026-11-19', 96]
		],
		said: [
			['2026-11-22', 'note', { text: 'My wrist wants a rest until the new year.' }],
			['2026-11-22', 'wish', { wish: 'fetch' }]
		]
	},
	{
		plan: 'Mat for the Causeway',
		maker: 'Wren',
		begun: '2026-08-27',
		rows: [
			['2026-09-17', 52],
			['2026-10-08', 101],
			['2026-11-05', 155],
			['2026-11-26', 197]
		]
	},
	{
		plan: 'Bands for the open day',
		maker: 'Pia',
		begun: '2026-11-12',
		rows: [['2026-11-26', 240]]
	},
	{ plan: 'Frame mat', maker: 'Jo', begun: '2026-11-26', rows: [] },
	{
		plan: 'Thick mat from allotment',
		maker: 'Suri',
		begun: '2026-08-20',
		rows: [
			['2026-09-20', 24],
			['2026-10-25', 52],
			['2026-11-25', 77]
		]
	}
];

/** Enters something in the demo world, on a day of it. */
export type EnterDemo = (
	type: string,
	typed: Record<string, string>,
	day: string
) => Promise<{ readonly id: number | string }>;

/** The mats that the table is making, and those that are made. */
export async function loadMats(db: Db): Promise<void> {
	const plans = await listPlans(db);
	const people = await db.many<{ id: string; name: string }>(
		'select id, name from person where group_id = $1 and name is not null',
		[db.groupId]
	);
	let sent = 0;
	const enter: EnterDemo = async (type, typed, day) => {
		const key = `00000000-0000-4000-8000-${String(700_000 + sent++).padStart(12, '0')}`;
		const entry = { key, type, typed, at: `${day}T19:00:00Z` };
		const saved = await saveEntry(db, entry, { lengthSystem: 'cm', timeZone: 'UTC' });
		if (saved.outcome === 'refused')
			throw new Error(
				`the demo ${type} ${JSON.stringify(typed)} was refused: ${JSON.stringify(saved.problems)}`
			);
		return saved;
	};
	for (const { plan, maker, begun, rows, balls = [], said = [] } of mats) {
		const found = plans.find(({ name }) => name.startsWith(plan));
		const person = people.find(({ name }) => name === maker);
		const { id } = await enter('begin', { plan: found?.id ?? '', person: person?.id ?? '' }, begun);
		const mat = await db.maybeOne<{ code: string }>(
			'select code from thing where group_id = $1 and entry_id = $2',
			[db.groupId, Number(id)]
		);
		for (const colour of balls) {
			const ball = (await listBalls(db)).find(
				({ content }) => content.colours.length === 1 && content.colours[0]?.colour === colour
			);
			await enter('issue', { mat: mat?.code ?? '', ball: ball?.code ?? '' }, begun);
		}
		// Their makers work balls without a label as well: they were asked, and said that it is right.
		for (const [day, to] of rows)
			await enter('rows', { mat: mat?.code ?? '', to: String(to), sure: 'yes' }, day);
		for (const [day, type, typed] of said)
			await enter(type, { mat: mat?.code ?? '', ...typed }, day);
	}
	await weaveLoom(db, enter);
	await loadMadeMats(db, enter, people);
}

/** The loom that was loaded at the table is woven from both ends. */
async function weaveLoom(db: Db, enter: EnterDemo): Promise<void> {
	const loom = await db.maybeOne<{ code: string }>(
		`select code from thing where group_id = $1 and sort = 'mat' and content ->> 'toolId' is not null
		 order by id limit 1`,
		[db.groupId]
	);
	if (!loom) return;
	for (const [side, to] of [
		['near', '24'],
		['far', '22']
	] as const)
		await enter('rows', { mat: loom.code, side, to }, '2026-11-26');
}
