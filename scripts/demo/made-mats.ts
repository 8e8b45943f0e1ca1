import type { GroupId } from '../../src/lib/server/base/group-id';
import { many, maybeOne } from '../../src/lib/server/db/verbs';
import { listPlans } from '../../src/lib/server/plan/plans';
import type { EnterDemo } from './mats';

/** Mats that are made: since when, what was done with them, on which day. */
const made: readonly {
	readonly begun: string;
	readonly acts: readonly (readonly [
		day: string,
		type: string,
		typed: Readonly<Record<string, string>>
	])[];
}[] = [
	{
		begun: '2026-06-04',
		acts: [
			['2026-09-03', 'finish', {}],
			['2026-09-10', 'check', { length: '185 cm', width: '85 cm', mass: '1.66 kg' }]
		]
	},
	{
		begun: '2026-06-18',
		acts: [
			['2026-09-17', 'finish', {}],
			['2026-09-24', 'check', { length: '187 cm', width: '86 cm', mass: '1.72 kg' }]
		]
	},
	{
		begun: '2026-07-02',
		acts: [
			['2026-10-15', 'finish', {}],
			['2026-10-22', 'check', { length: '184 cm', width: '85 cm', mass: '1.64 kg' }]
		]
	},
	// One that failed, and was mended.
	{
		begun: '2026-07-09',
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
	{ begun: '2026-08-13', acts: [['2026-11-26', 'finish', {}]] }
];

/** Which of them went out: to which place, when, and in which word they were received. */
const deliveries = [
	{ place: 'Causeway', mats: [0, 1], day: '2026-10-01', note: 'All dry. Thank you.' },
	{ place: 'Tide', mats: [2], day: '2026-11-05', note: 'Came on Thursday.' }
] as const;

/** Mats that are made, checked, mended and handed over. */
export async function loadMadeMats(groupId: GroupId, enter: EnterDemo): Promise<void> {
	const plan = (await listPlans(groupId)).find(({ name }) =>
		name.startsWith('Mat for the Causeway')
	);
	const codes: string[] = [];
	for (const { begun, acts } of made) {
		const { id } = await enter('begin', { plan: plan?.id ?? '', person: '' }, begun);
		const mat = await maybeOne<{ code: string }>(
			'select code from thing where group_id = $1 and entry_id = $2',
			[groupId, Number(id)]
		);
		const code = mat?.code ?? '';
		codes.push(code);
		await enter('rows', { mat: code, to: '204' }, acts[0]?.[0] ?? begun);
		for (const [day, type, typed] of acts) await enter(type, { mat: code, ...typed }, day);
	}
	const places = await many<{ id: string; name: string }>(
		'select id, name from place where group_id = $1 and receives_mats',
		[groupId]
	);
	for (const { place, mats, day, note } of deliveries) {
		const to = places.find(({ name }) => name.includes(place));
		const { id } = await enter(
			'deliver',
			{ place: to?.id ?? '', mats: mats.map((at) => codes[at]).join(' '), goes_on: day },
			day
		);
		const delivery = await maybeOne<{ code: string }>(
			'select code from thing where group_id = $1 and entry_id = $2',
			[groupId, Number(id)]
		);
		await enter('received', { delivery: delivery?.code ?? '', note }, day);
	}
}
