import { barePage as say } from '$lib/words/house';
import { house } from '$lib/server/db/db';
import { error, json } from '@sveltejs/kit';
import { z } from 'zod';
import type { ServerLoadEvent } from '@sveltejs/kit';

const most = z.coerce.number().int().min(0).max(5000).catch(0);

/** The barest route that keeps something: one INSERT into a table of the house. Only while it is measured against. */
export async function bareInsert(): Promise<Response> {
	if (process.env.NEST_ROW_BENCH !== 'yes') error(404, { message: say.thereIsNoPageHere() });
	return json({
		kept: await house.execute('insert into tried (key) values ($1)', [crypto.randomUUID()])
	});
}

/** The barest page that other pages are measured against: one SELECT, and so many rows of so many bytes. Only while they are measured. */
export async function bareRows({ url }: Pick<ServerLoadEvent, 'url'>) {
	if (process.env.NEST_ROW_BENCH !== 'yes') error(404, { message: say.thereIsNoPageHere() });
	const rows = most.parse(url.searchParams.get('rows'));
	const bytes = most.parse(url.searchParams.get('bytes'));
	await house.one<{ one: number }>('select 1 as one', []);
	return { rows: Array.from({ length: rows }, (_, at) => `${at}`.padEnd(bytes, 'x')) };
}
