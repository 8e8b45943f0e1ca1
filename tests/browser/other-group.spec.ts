import pg from 'pg';
import { expect, test } from './app';

test.use({ world: 'others' });

/** Stands in every text of the other group, and nowhere in the one that is served. */
const mark = 'Alcove';
const other = '00000000-0000-4000-8000-00000000beef';
const [plan, gone, kind, place, laid, kept] = [1, 2, 3, 4, 5, 6].map(
	(nth) => `00000000-0000-4000-8000-00000000000${nth}`
);

/** Another group with something of everything, written as its own application would have. */
const written = `
	insert into volunteer_group (id, name) values ('${other}', '${mark}');
	insert into plan (id, group_id, name, document, figures, created_key, last_key, deleted_at, mats_wanted)
	select id::uuid, '${other}', '${mark} mat', '{"plan": {}}', '{}', id::uuid, id::uuid, at::timestamptz, 3
	from (values ('${plan}', null), ('${gone}', now()::text)) v (id, at);
	insert into link (group_id, id, digest, grants, plan_id, plan_version)
	values ('${other}', '${plan}', 'x', 'read-plan', '${plan}', 1);
	insert into bag_kind (id, group_id, name, flat_width_mm, gusset_mm, body_mm, handle_mm, mass_g)
	values ('${kind}', '${other}', '${mark} sack', 400, 0, 500, 0, 9);
	insert into place (id, group_id, name) values ('${place}', '${other}', '${mark} kiosk');
	insert into person (group_id, id, name) values ('${other}', '${place}', '${mark}');
	insert into entry (group_id, id, key, digest, type, typed_at, person_id, reason, note)
	overriding system value
	select '${other}', id, gen_random_uuid(), '', type, now(), '${place}', reason, '${mark}'
	from (values (9001, 'drop-off', null), (9002, 'sorting', 'sorted'), (9003, 'movement', 'counted'),
		(9004, 'timed', null)) v (id, type, reason);
	insert into drop_off (group_id, entry_id, place_id, came_on, sacks, method, bags, bags_low, bags_high)
	values ('${other}', 9001, '${place}', '2026-11-19', 0, 'hand', 90, 90, 90);
	insert into sorting (group_id, entry_id, place_id, kind_id, colour, strand, stuffing, drying, rejected,
		look_again_at)
	values ('${other}', 9002, '${place}', '${kind}', 'blue', 40, 0, 9, 1, now() + interval '2 hours');
	insert into line (group_id, id, kind_id, colour, form) overriding system value
	values ('${other}', 9001, '${kind}', 'blue', 'bag');
	insert into movement (group_id, entry_id, part, line_id, holder, amount, film_mg)
	values ('${other}', 9003, 1, 9001, 'store', 40, 360000), ('${other}', 9003, 2, 9001, 'difference', -40, -360000);
	insert into timed_work (group_id, entry_id, work, maker_id, units, people, minutes, default_seconds, worked_on)
	values ('${other}', 9004, 'join', '${place}', 40, 1, 10, 15, '2026-11-19');
	insert into list_import (id, group_id, list, file_name, rows, row_count, matching, digest, kept_at)
	select id::uuid, '${other}', 'drop-offs', '${mark}.csv',
		'{"heads": ["date"], "rows": [["${mark}"]]}', 1, '["came_on"]', 'x', at::timestamptz
	from (values ('${laid}', null), ('${kept}', now()::text)) v (id, at);`;
const tables = [
	'plan',
	'bag_kind',
	'place',
	'drop_off',
	'sorting',
	'entry',
	'person',
	'link',
	'movement',
	'timed_work',
	'list_import'
];

const number = '1';
/** What a route may be asked with an id in it. */
const reads = [
	'/',
	'/plans',
	`/plans?deleted=${gone}`,
	`/plan/${plan}`,
	`/plan/${gone}`,
	`/plan/${plan}/file`,
	'/gather',
	'/gather/sort',
	`/gather/sort?dried=${number}&back=${number}`,
	'/gather/store',
	`/gather/store?kind=${kind}&colour=blue&form=bag`,
	`/gather/store?of=${kind}`,
	'/gather/asks',
	`/gather/asks?place=${place}`,
	`/gather/asks/sheet.pdf?place=${place}`,
	'/gather/kinds',
	`/gather/kinds?again=${kind}`,
	'/gather/lists',
	`/gather/lists/${laid}`,
	`/gather/lists/${kept}`,
	'/gather/lists/drop-offs.csv',
	'/gather/lists/movements.csv',
	'/measures',
	`/measures?maker=${mark}`,
	'/settings',
	'/people',
	`/people?forget=${place}`,
	'/links',
	'/api/plans',
	'/everything.zip'
];
const acts: readonly (readonly [string, Readonly<Record<string, string>>])[] = [
	['/plans?/rename', { id: plan ?? '', name: 'Stolen' }],
	['/plans?/duplicate', { id: plan ?? '', key: crypto.randomUUID() }],
	['/plans?/delete', { id: plan ?? '' }],
	['/plans?/restore', { id: gone ?? '' }],
	[`/plan/${plan}?/keep`, { name: 'Stolen', version: '1' }],
	['/gather/asks?/want', { plan: plan ?? '', mats: '9', seen: '3' }],
	['/gather/kinds?/remove', { id: kind ?? '' }],
	['/gather/sort?/none', { id: number }],
	['/gather/sort?/there', { id: number }],
	['/people?/forget', { id: place ?? '' }],
	['/places?/ended', { id: place ?? '' }],
	['/links?/make', { plan: plan ?? '', key: crypto.randomUUID() }],
	['/links?/revoke', { id: plan ?? '' }],
	['/measures?/leave', { id: number, of: 'timed', out: 'yes' }],
	['/measures?/leave', { id: number, of: 'measurement', out: 'yes' }],
	[`/gather/lists/${laid}?/match`, { 'column-0': 'place' }],
	[`/gather/lists/${laid}?/settle`, { known: 'skip', odd: 'right' }],
	[`/gather/lists/${laid}?/mend`, { row: '0', column: '0', text: 'x' }],
	[`/gather/lists/${laid}?/keep`, {}],
	[`/gather/lists/${laid}?/drop`, {}],
	[`/gather/lists/${laid}/keep`, {}],
	[`/gather/lists/${kept}?/back`, { note: 'x' }]
];
const entries: readonly (readonly [string, Readonly<Record<string, string>>])[] = [
	['correction', { of: 'movement', corrects: number, note: 'x' }],
	['correction', { of: 'entry', corrects: '9003', note: 'x' }],
	['correction', { of: 'drop-off', corrects: number, note: 'x' }],
	['correction', { of: 'sorting', corrects: number, note: 'x' }],
	[
		'movement',
		{ kind: kind ?? '', colour: 'blue', form: 'bag', direction: 'out', amount: '4', reason: 'cut' }
	],
	[
		'bag-kind',
		{
			kind: kind ?? '',
			name: 'Stolen',
			width: '300',
			body: '400',
			handful: '52',
			handful_count: '10'
		}
	],
	['sorting', { place: 'Bus depot', kind: kind ?? '', colour: 'blue', strand: '4', dried: number }],
	[
		'measurement',
		{ measure: 'chain', plan: plan ?? '', measured_on: '2026-11-19', counted: '10', length: '400' }
	]
];

test('no route finds or changes what another group has', async ({ request, app }) => {
	const database = new pg.Client(app.databaseUrl);
	await database.connect();
	await database.query(written);
	const all = async () => {
		const rows: unknown[] = [];
		for (const table of tables)
			rows.push(
				(
					await database.query(
						`select to_jsonb(t) as row from ${table} t where group_id = $1 order by t::text`,
						[other]
					)
				).rows
			);
		return JSON.stringify(rows);
	};
	const before = await all();
	for (const part of ['kiosk', 'sack', 'mat']) expect(before).toContain(`${mark} ${part}`);

	for (const path of reads) {
		const answer = await request.get(path, { maxRedirects: 0 });
		expect(answer.status(), path).toBeLessThan(500);
		const text = (await answer.body()).toString('latin1').replaceAll(`maker=${mark}`, '');
		expect(text.includes(mark), `${path} tells`).toBe(false);
	}
	for (const [path, form] of acts) {
		const answer = await request.post(path, {
			form: { ...form },
			headers: { origin: app.address },
			maxRedirects: 0
		});
		expect(answer.status(), path).toBeLessThan(500);
		expect(await all(), `${path} changes`).toBe(before);
	}
	const sent = entries.map(([type, typed]) => ({ key: crypto.randomUUID(), type, typed }));
	const answer = await request.post('/api/entries', { data: { entries: sent } });
	const { answers } = (await answer.json()) as { answers: { outcome: string }[] };
	expect(answers.map(({ outcome }) => outcome)).toEqual(sent.map(() => 'refused'));
	expect(await all()).toBe(before);
	await database.end();
});
