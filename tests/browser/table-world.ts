import pg from 'pg';
import type { APIRequestContext, Page } from '@playwright/test';
import type { App } from './app';
import { expect } from './app';

/** The rows that a statement finds in the database of an app. */
export async function rows<Row>(
	app: App,
	sql: string,
	values: readonly unknown[] = []
): Promise<Row[]> {
	const client = new pg.Client({ connectionString: app.databaseUrl });
	await client.connect();
	try {
		return (await client.query(sql, [...values])).rows as Row[];
	} finally {
		await client.end();
	}
}

/** So many bags of a colour put on the table. */
export async function put(app: App, request: APIRequestContext, colour: string, amount: number) {
	const [kind] = await rows<{ id: string }>(
		app,
		`select id from bag_kind where name = 'Thin carrier'`
	);
	const typed = {
		kind: kind?.id ?? '',
		colour,
		form: 'bag',
		direction: 'in',
		amount: String(amount),
		reason: 'counted'
	};
	const answer = await request.post(`${app.address}/api/entries`, {
		data: { entries: [{ key: crypto.randomUUID(), type: 'movement', typed }] }
	});
	expect(await answer.json()).toMatchObject({ answers: [{ outcome: 'kept' }] });
}

/** Sends an entry as a device does, and sees that it is kept. */
export async function sent(
	{ request }: Pick<Page, 'request'>,
	type: string,
	typed: Readonly<Record<string, string>>,
	at?: string
): Promise<void> {
	const answer = await request.post('/api/entries', {
		data: { entries: [{ key: crypto.randomUUID(), type, typed, at }] }
	});
	expect(await answer.json()).toMatchObject({ answers: [{ outcome: 'kept' }] });
}
