import { dbOf, house } from '../../src/lib/server/db/db';
import net from 'node:net';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { inTime, orAway } from '../../src/lib/server/db/away';
import { endPools } from '../../src/lib/server/db/pool';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();

/** A way to the database, on which nothing passes while it stands still. */
const lines = new Set<net.Socket>();
let isStanding = false;
const way = net.createServer((near) => {
	const { port, hostname } = new URL(own);
	const far = net.connect(Number(port), hostname);
	for (const [one, other] of [
		[near, far],
		[far, near]
	] as const) {
		lines.add(one);
		one.on('error', () => other.destroy()).on('close', () => other.destroy());
		one.on('data', (part) => void other.write(part));
		if (isStanding) one.pause();
	}
});
function stand(is: boolean): void {
	isStanding = is;
	for (const line of lines)
		if (is) line.pause();
		else line.resume();
}
let own = '';
const patience = process.env.NEST_ROW_PATIENCE;
beforeAll(async () => {
	process.env.NEST_ROW_PATIENCE = '1';
	own = process.env.DATABASE_URL ?? '';
	await new Promise<void>((resolve) => way.listen(0, '127.0.0.1', resolve));
	const there = new URL(own);
	there.port = String((way.address() as net.AddressInfo).port);
	await endPools();
	process.env.DATABASE_URL = there.href;
});
afterAll(async () => {
	process.env.NEST_ROW_PATIENCE = patience;
	way.close();
	await endPools();
	process.env.DATABASE_URL = own;
});

describe('a database that stands still', () => {
	it('is waited for ten seconds at most by all that a page asks, and is asked again later', async () => {
		const group = await newGroup();
		/** As one request after another asks. */
		const asks = () => {
			const db = dbOf(group.groupId);
			return () => orAway(db.many('select 1 as one where $1::uuid is not null', [db.groupId]));
		};
		expect(await asks()()).toEqual([{ one: 1 }]);
		stand(true);
		const from = performance.now();
		const [asked, ofNoTime] = await Promise.all([
			(async (ask) => [
				...(await Promise.all([ask(), ask(), ask()])),
				await ask(),
				await ask(),
				await ask()
			])(asks()),
			// What signs in asks on the connections that write, which know no time of their own.
			orAway(inTime(house.writer.many('select 1 as one', [])))
		]);
		expect(asked).toEqual([null, null, null, null, null, null]);
		expect(ofNoTime).toBeNull();
		expect(performance.now() - from).toBeLessThan(10_000);
		stand(false);
		expect(await asks()()).toEqual([{ one: 1 }]);
	}, 30_000);
});
