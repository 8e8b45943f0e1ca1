import pg from 'pg';
import { describe, expect, it } from 'vitest';
import { ensureDatabase, migrate, readMigrations } from '../../scripts/lib/migrate.mjs';
import { emptyDatabase, wholeTables } from './database';

describe('migrations', () => {
	it('are applied once each when two processes start at the same moment', async () => {
		const url = await emptyDatabase();
		const applied = await Promise.all([migrate(url), migrate(url), migrate(url)]);
		expect(applied.flat().sort()).toEqual(readMigrations().map(({ name }) => name));
		expect(await migrate(url)).toEqual([]);
	});

	it('make a database once when two processes ask for it together', async () => {
		const url = new URL(await emptyDatabase());
		url.pathname += '_both';
		await Promise.all([ensureDatabase(url.href), ensureDatabase(url.href)]);
		expect(await migrate(url.href)).toEqual(readMigrations().map(({ name }) => name));
	});

	it('refuse to go on when one was changed after it was applied', async () => {
		const url = await emptyDatabase();
		await migrate(url);
		const client = new pg.Client({ connectionString: url });
		await client.connect();
		await client.query(`update schema_migration set print = 'another' where number = 1`);
		await client.end();
		await expect(migrate(url)).rejects.toThrow('0001_groups_and_plans.sql was changed');
	});

	it('give every table a group', async () => {
		const url = await emptyDatabase();
		await migrate(url);
		const client = new pg.Client({ connectionString: url });
		await client.connect();
		const { rows } = await client.query<{ name: string }>(
			`select t.table_name as name from information_schema.tables t
			 where t.table_schema = 'public' and t.table_type = 'BASE TABLE'
			 and not exists (select 1 from information_schema.columns c
				where c.table_name = t.table_name and c.column_name = 'group_id' and c.is_nullable = 'NO')
			 order by 1`
		);
		await client.end();
		const whole = ['schema_migration', 'volunteer_group', ...wholeTables];
		expect(rows.map(({ name }) => name)).toEqual(whole.sort());
	});

	it('leave what was measured of rows to the technique it was measured in', async () => {
		const client = new pg.Client({ connectionString: await emptyDatabase() });
		await client.connect();
		const [first, second, third] = readMigrations();
		for (const migration of [first, second]) await client.query(migration?.sql ?? '');
		const { rows: groups } = await client.query<{ id: string }>('select id from volunteer_group');
		const group = groups[0]?.id;
		const ids: Record<string, string> = {};
		for (const kind of ['peg-loom', 'twined']) {
			const { rows } = await client.query<{ id: string }>(
				`insert into plan (group_id, name, document, figures, created_key, last_key)
				 values ($1, $2, jsonb_build_object('plan', jsonb_build_object('technique',
					jsonb_build_object('kind', $2::text))), '{}', gen_random_uuid(), gen_random_uuid())
				 returning id`,
				[group, kind]
			);
			ids[kind] = rows[0]?.id ?? '';
		}
		const measure = (planId: string, readings: object) =>
			client.query(
				`insert into measurement (group_id, key, kind, typed, readings, measured_on)
				 values ($1, gen_random_uuid(), 'woven', $2, $3, '2026-11-24')`,
				[group, { planId }, readings]
			);
		const pitch = { ratio: 1.1, cv: 0.04 };
		await measure(ids['peg-loom'] ?? '', { rowPitch: pitch });
		await measure(ids.twined ?? '', { rowPitch: pitch });
		await measure(ids.twined ?? '', { gauge: pitch });
		await client.query(third?.sql ?? '');
		const { rows } = await client.query<{ readings: object }>(
			'select readings from measurement order by id'
		);
		expect(rows.map(({ readings }) => readings)).toEqual([
			{ loomPitch: pitch },
			{ framePitch: pitch },
			{ gauge: pitch }
		]);
		await client.end();
	});
});
