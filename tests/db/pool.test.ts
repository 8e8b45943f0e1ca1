import { house } from '../../src/lib/server/db/db';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { endPools, isDatabaseAway, readers, writers } from '../../src/lib/server/db/pool';
import { useDatabase } from './database';

useDatabase();
// How long one waits is what is asked here.
const patience = process.env.NEST_ROW_PATIENCE;
beforeAll(() => void (process.env.NEST_ROW_PATIENCE = '1'));
afterAll(() => void (process.env.NEST_ROW_PATIENCE = patience));
const pidOf = 'select pg_backend_pid() as pid';

describe('a connection', () => {
	it('that breaks inside a transaction is an error of that transaction and nothing more', async () => {
		const broken = house.transaction(async (db) => {
			const { pid } = await db.one<{ pid: number }>(pidOf, []);
			await house.execute('select pg_terminate_backend($1)', [pid]);
			// The server's word arrives while nothing is asked of the connection.
			await new Promise((resolve) => setTimeout(resolve, 200));
			return db.one(pidOf, []);
		});
		const error = await broken.then(
			() => null,
			(problem: unknown) => problem
		);
		expect(isDatabaseAway(error)).toBe(true);
		expect(await house.transaction((db) => db.one('select 4 as n', []))).toEqual({ n: 4 });
	});

	it('for reading cannot write', async () => {
		const write = house.many(
			"insert into volunteer_group (id, name) values (gen_random_uuid(), 'x')",
			[]
		);
		await expect(write).rejects.toMatchObject({ code: '25006' });
	});
});

describe('what only reads', () => {
	it('is asked again where the database ended it for another’s sake; what writes is not', async () => {
		// On the connections there are it is ended, as on a standby; whoever asks again gets another.
		const there = [
			await house.one<{ pid: number }>(pidOf, []),
			await house.writer.one<{ pid: number }>(pidOf, [])
		];
		await house.execute(
			`create function ended_here() returns integer language plpgsql as $$
			 begin
				if pg_backend_pid() in (${there.map(({ pid }) => pid).join()}) then
					raise exception 'in the way of what comes in' using errcode = '40001';
				end if;
				return 7;
			 end $$`,
			[]
		);
		expect(await house.one('select ended_here() as n', [])).toEqual({ n: 7 });
		await expect(house.writer.one('select ended_here() as n', [])).rejects.toMatchObject({
			cause: { code: '40001' }
		});
	});

	it('is asked again where its connection went meanwhile; what writes is not', async () => {
		await expect(
			house.writer.one('select pg_terminate_backend(pg_backend_pid())', [])
		).rejects.toMatchObject({ cause: { code: '57P01' } });
		await endPools();
		const { pid } = await house.one<{ pid: number }>(pidOf, []);
		// It waits for its end on that connection alone, however long the end is in coming.
		const asked = house.one<{ pid: number }>(
			`select case when pg_backend_pid() = $1 then (select 1 from pg_sleep(10)) end, pg_backend_pid() as pid`,
			[pid]
		);
		await house.execute('select pg_terminate_backend($1)', [pid]);
		expect((await asked).pid).not.toBe(pid);
	});
});

describe('writers that wait', () => {
	it('for a lock hold up no reader, and give up in a few seconds', async () => {
		const holder = await writers().connect();
		await holder.query('begin');
		await holder.query('lock table volunteer_group in share row exclusive mode');
		const waiting = Array.from({ length: 20 }, () =>
			house.execute("update volunteer_group set name = 'x'", []).catch((error: unknown) => error)
		);
		const read = house.one('select count(*) >= 1 as has from volunteer_group', []);
		const first = Promise.race(waiting);
		// Read before the first of them gave up.
		expect(await Promise.race([read, first])).toEqual({ has: true });
		const gaveUp = await first;
		expect(gaveUp).toMatchObject({ status: 503, cause: { code: '55P03' } });
		expect(isDatabaseAway(gaveUp)).toBe(true);
		await holder.query('rollback');
		holder.release();
		await Promise.all(waiting);
		expect(readers().waitingCount).toBe(0);
	});
});

describe('a transaction', () => {
	it('that meets another in a deadlock is tried again, and both are kept', async () => {
		const ids = [crypto.randomUUID(), crypto.randomUUID()];
		for (const id of ids)
			await house.execute('insert into volunteer_group (id, name) values ($1, $2)', [id, 'before']);
		let tried = 0;
		let holding = 0;
		let hold = () => {};
		/** Each has its first row before either asks for the other's. */
		const bothHold = new Promise<void>((resolve) => (hold = resolve));
		const rename = (order: readonly string[], name: string) =>
			house.transaction(async (db) => {
				tried++;
				for (const id of order) {
					await db.execute('update volunteer_group set name = $2 where id = $1', [id, name]);
					if (++holding === 2) hold();
					await bothHold;
				}
			});
		await Promise.all([rename(ids, 'one'), rename([...ids].reverse(), 'other')]);
		// Once more at least; the second time may meet the other again.
		expect(tried).toBeGreaterThanOrEqual(3);
		const names = await house.many<{ name: string }>(
			'select distinct name from volunteer_group where id = any($1)',
			[ids]
		);
		expect(names).toHaveLength(1);
	});

	it.each(['53100', '57014', '40001', '40P01', '55P03'])(
		'stopped by %s is to be tried in a moment, not a fault',
		(code) => expect(isDatabaseAway(Object.assign(new Error('x'), { code }))).toBe(true)
	);
});
