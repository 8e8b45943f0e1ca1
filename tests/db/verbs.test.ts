import { house, RowCountError } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import { bigintToNumber, isDatabaseAway, numericToNumber } from '../../src/lib/server/db/pool';
import { useDatabase } from './database';

useDatabase();
const rows = (count: number) => `select n from generate_series(1, ${count}) n`;

describe('the verbs', () => {
	it('promise how many rows they give', async () => {
		expect(await house.one(rows(1), [])).toEqual({ n: 1 });
		expect(await house.maybeOne(rows(0), [])).toBeNull();
		expect(await house.many(rows(3), [])).toHaveLength(3);
		await expect(house.one(rows(0), [])).rejects.toThrow(RowCountError);
		await expect(house.one(rows(2), [])).rejects.toThrow(RowCountError);
		await expect(house.maybeOne(rows(2), [])).rejects.toThrow(RowCountError);
	});

	it('never let undefined reach the driver', async () => {
		const missing = undefined as unknown as string;
		await expect(house.one('select $1::text', [missing])).rejects.toThrow('undefined given');
	});
});

describe('conversions', () => {
	it('bring bigint and numeric as numbers, and refuse a bigint no number can hold', async () => {
		expect(await house.one('select 9007199254740991::bigint as a, 1.25::numeric as b', [])).toEqual(
			{
				a: 9007199254740991,
				b: 1.25
			}
		);
		expect(() => bigintToNumber('9007199254740993')).toThrow(RangeError);
		expect(numericToNumber('0.10')).toBe(0.1);
	});
});

describe('withTransaction', () => {
	const insert = "insert into volunteer_group (id, name) values (gen_random_uuid(), 'Halfway')";
	const count = () =>
		house.one<{ n: number }>(
			"select count(*)::int n from volunteer_group where name = 'Halfway'",
			[]
		);

	it('leaves nothing behind when the work throws', async () => {
		const work = house.transaction(async (db) => {
			await db.execute(insert, []);
			throw new Error('stop');
		});
		await expect(work).rejects.toThrow('stop');
		expect((await count()).n).toBe(0);
	});

	it('keeps all of it when the work returns', async () => {
		await house.transaction((db) => db.execute(insert, []));
		expect((await count()).n).toBe(1);
	});
});

describe('isDatabaseAway', () => {
	it('knows a lost server from a fault of ours', () => {
		const withCode = (code: string) => Object.assign(new Error('x'), { code });
		expect(isDatabaseAway(withCode('ECONNREFUSED'))).toBe(true);
		expect(isDatabaseAway(withCode('57P01'))).toBe(true);
		expect(isDatabaseAway(new AggregateError([withCode('ECONNREFUSED')]))).toBe(true);
		expect(isDatabaseAway(withCode('23505'))).toBe(false);
		expect(isDatabaseAway(new Error('no such column'))).toBe(false);
	});
});
