import { afterEach, describe, expect, it } from 'vitest';
import { groupAtHand, inGroup } from '../../src/lib/server/db/in-group';
import { endPools, readers } from '../../src/lib/server/db/pool';
import { execute, one } from '../../src/lib/server/db/verbs';
import type { GroupId } from '../../src/lib/server/base/group-id';
import { useDatabase } from './database';

useDatabase();
const groups = [crypto.randomUUID(), crypto.randomUUID()] as GroupId[];
const [group, other] = groups as [GroupId, GroupId];
/** Which connection answers, and for which group. */
const who = () =>
	one<{ pid: number; said: string; n: number }>(
		`select pg_backend_pid() as pid, current_setting('nest_row.group_id') as said, $1::int as n`,
		[7]
	);
afterEach(endPools);

describe('what is asked for a group in one turn', () => {
	it('goes out on one connection up to five, and each is answered its own', async () => {
		const answers = await inGroup(group, null, () =>
			Promise.all(
				[1, 2, 3, 4, 5, 6].map((n) =>
					one<{ pid: number; n: number }>('select pg_backend_pid() as pid, $1::int as n', [n])
				)
			)
		);
		expect(answers.map(({ n }) => n)).toEqual([1, 2, 3, 4, 5, 6]);
		const [first, ...others] = answers.map(({ pid }) => pid);
		expect(others.map((pid) => pid === first)).toEqual([true, true, true, true, false]);
		expect(readers().totalCount).toBe(2);
	});

	it('is not mixed with what is asked for another', async () => {
		const [ours, theirs] = await Promise.all([
			inGroup(group, null, () => Promise.all([who(), who()])),
			inGroup(other, null, () => Promise.all([who(), who()]))
		]);
		expect(ours.map(({ said }) => said)).toEqual([group, group]);
		expect(theirs.map(({ said }) => said)).toEqual([other, other]);
		expect(ours[0]?.pid).not.toBe(theirs[0]?.pid);
		expect(groupAtHand()).toBeUndefined();
	});

	it('leaves nothing of the group on the connection', async () => {
		await inGroup(group, null, who);
		expect(readers().totalCount).toBe(1);
		expect(await one(`select current_setting('nest_row.group_id', true) as said`, [])).toEqual({
			said: ''
		});
	});

	it('fails alone where one of it fails, and its connection goes to nobody', async () => {
		const answers = await inGroup(group, null, () =>
			Promise.allSettled([who(), one('select 1 / $1::int as n', [0]), who()])
		);
		expect(answers.map(({ status }) => status)).toEqual(['fulfilled', 'rejected', 'fulfilled']);
		expect(answers[1]).toMatchObject({ reason: { code: '22012' } });
		expect(readers().totalCount).toBe(0);
		expect((await inGroup(group, null, who)).n).toBe(7);
	});

	it('is asked again where the database ended it for another’s sake', async () => {
		const { pid } = await inGroup(group, null, who);
		await execute(
			`create function ended_on() returns integer language plpgsql as $$
			 begin
				if pg_backend_pid() = ${pid} then
					raise exception 'in the way of what comes in' using errcode = '40001';
				end if;
				return 8;
			 end $$`,
			[]
		);
		const answers = await inGroup(group, null, () =>
			Promise.all([who(), one<{ n: number }>('select ended_on() as n', []), who()])
		);
		expect(answers.map(({ n }) => n)).toEqual([7, 8, 7]);
	});

	it('is asked on another connection where the one it had was broken meanwhile', async () => {
		const { pid } = await inGroup(group, null, who);
		await execute('select pg_terminate_backend($1)', [pid]);
		const answers = await inGroup(group, null, () => Promise.all([who(), who(), who()]));
		expect(new Set(answers.map((answer) => answer.pid === pid))).toEqual(new Set([false]));
	});
});
