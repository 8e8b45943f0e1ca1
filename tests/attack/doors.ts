// What is typed under one account and sent under another, acts that are alike, addresses of links asked for what they do
// not open, and archives that claim rights: from a seed, each in numbers that come out or do not.
import { unzipSync, zipSync } from 'fflate';
import { bringIn, readArchive } from '../../scripts/lib/bring-in.mjs';
import { Stop } from '../../scripts/lib/say.mjs';
import { asked } from '../../scripts/lib/asked.mjs';
import { accountHeader, otherAccount } from '../../src/lib/entries/send-entries';
import { seededRng, type Rng } from '../../src/lib/core/statistics/rng';
import { theCoordinator, type Visitor } from '../browser/visitor';
import { allRoutes, pathOfRoute } from '../routes';

interface House {
	readonly address: string;
	readonly databaseUrl: string;
}
const rowsOf = <Row>({ databaseUrl }: House, sql: string, values: unknown[] = []) =>
	asked(databaseUrl, async (client) => (await client.query(sql, values)).rows as Row[]);

/** Throws where something is not as it must be. */
function must(what: string, is: unknown, wanted: unknown): void {
	if (JSON.stringify(is) !== JSON.stringify(wanted))
		throw new Error(`${what}: ${JSON.stringify(is)}, not ${JSON.stringify(wanted)}`);
}

const dropOff = (key: string, bags: number) => ({
	entries: [
		{
			key,
			type: 'drop-off',
			typed: { place: 'Ferry kiosk', came_on: '2026-11-19', method: 'hand', bags: String(bags) }
		}
	]
});

/** Sends each of some entries once to thrice, in any order and many at once, under the accounts they were typed under or another. */
async function sendAlike(house: House, rng: Rng, who: readonly Visitor[]): Promise<string> {
	const ids = await Promise.all(
		who.map(async ({ jar }) => {
			const token = decodeURIComponent(jar.get('nest-row.session_token') ?? '').split('.')[0];
			const [row] = await rowsOf<{ id: string }>(
				house,
				'select account_id as id from sign_in where token = $1',
				[token]
			);
			return row?.id ?? '';
		})
	);
	// Acts that are the same but for their key: as many presses of one button.
	const acts = Array.from({ length: 24 }, () => ({
		key: crypto.randomUUID(),
		by: rng() < 0.5 ? 0 : 1,
		times: 1 + Math.floor(rng() * 3)
	}));
	const sends = acts.flatMap((act) => [
		...Array.from({ length: act.times }, () => ({ ...act, through: act.by })),
		{ ...act, through: 1 - act.by }
	]);
	const order = sends.map((send) => ({ send, at: rng() })).sort((a, b) => a.at - b.at);
	const statuses = await Promise.all(
		order.map(async ({ send: { key, by, through } }) => {
			const answer = await who[through]?.ask('/api/entries', {
				json: dropOff(key, 7),
				accept: 'application/json',
				headers: { [accountHeader]: ids[by] ?? '' }
			});
			return { isOwn: by === through, status: answer?.status };
		})
	);
	for (const { isOwn, status } of statuses)
		must('an entry under its own account or another', status, isOwn ? 200 : otherAccount);
	const kept = await rowsOf<{ key: string; by: string }>(
		house,
		`select key, account_id as by from entry where type = 'drop-off' order by key`
	);
	const wanted = acts.map(({ key, by }) => ({ key, by: ids[by] }));
	must(
		'acts that are alike',
		kept,
		wanted.sort((a, b) => (a.key < b.key ? -1 : 1))
	);
	const [sum] = await rowsOf<{ bags: number }>(
		house,
		'select sum(bags)::integer as bags from drop_off'
	);
	must('their bags', sum?.bags, acts.length * 7);
	return `${sends.length} sends of ${acts.length} acts`;
}

/** Words that are for the group alone; no link tells any of them. */
const secrets = ['a word of the desk alone', 'shy of crowds', 'Kit Marrow', 'third bell'];

/** Asks every route by the address of every link, as a page and as data: each opens its own and tells no secret. */
async function askByLinks(house: House, wren: Visitor): Promise<string> {
	await wren.ask('/people?/add', { form: { name: 'Kit Marrow', key: crypto.randomUUID() } });
	await rowsOf(
		house,
		'update person set likes = $1, contact = $3, is_child = true where name = $2',
		[secrets[1], secrets[2], secrets[3]]
	);
	await wren.ask('/api/entries', {
		json: {
			entries: [
				{
					key: crypto.randomUUID(),
					type: 'week-note',
					typed: { words: secrets[0] }
				}
			]
		}
	});
	const addresses: string[] = [];
	for (const opens of ['asks', 'calendar']) {
		const { text } = await wren.ask('/links?/open', { form: { opens, key: crypto.randomUUID() } });
		const [path = ''] = /\/[ac]\/[\w-]{64}/.exec(text) ?? [];
		addresses.push(path);
	}
	const joining = await wren.ask('/members?/invite', {
		form: { role: 'reader', key: crypto.randomUUID() }
	});
	addresses.push(/\/join\/[\w-]{64}/.exec(joining.text)?.[0] ?? '');
	must('links that were made', addresses.filter(Boolean).length, 3);
	let count = 0;
	for (const address of addresses) {
		const secret = address.split('/')[2] ?? '';
		const own = address.split('/')[1];
		const paths = allRoutes
			.filter((route) => route.includes('[address]'))
			.map((route) => route.replace('[address]', secret));
		for (const path of paths.flatMap((one) => [one, `${one}/__data.json`])) {
			const answer = await fetch(house.address + path, { redirect: 'manual' });
			const text = await answer.text();
			count++;
			for (const told of secrets)
				if (text.includes(told)) throw new Error(`${path.replace(secret, '…')} tells ${told}`);
			const isData = path.endsWith('__data.json');
			if (path.split('/')[1] !== own && answer.status < 400 && !isData)
				throw new Error(
					`${path.replace(secret, '…')} opens by a link to /${own}: ${answer.status}`
				);
		}
		// Beside its own page it opens nothing of the group.
		for (const route of ['/people', '/gather/store', '/everything.zip']) {
			const answer = await fetch(`${house.address}${pathOfRoute(route, secret)}?group=${secret}`, {
				redirect: 'manual'
			});
			must(`${route} by a link`, answer.status >= 300, true);
			count++;
		}
	}
	return `${count} questions by links`;
}

/** Brings in archives that claim what no archive may: links, members, deeds, and rows of the group that is there. */
async function bringForeign(house: House, rng: Rng, wren: Visitor): Promise<string> {
	const answer = await fetch(`${house.address}/everything.zip`, {
		headers: { cookie: wren.cookie }
	});
	const archive = new Uint8Array(await answer.arrayBuffer());
	const { head } = readArchive(archive);
	const [account] = await rowsOf<{ id: string }>(house, 'select id from account limit 1');
	const own = String(head.group.id);
	const before = await rowsOf(
		house,
		'select count(*)::integer as n from entry where group_id = $1',
		[own]
	);
	const text = new TextDecoder().decode(unzipSync(archive)['whole/group.jsonl']);
	const claims = [
		{ table: 'member', row: { group_id: own, account_id: account?.id, role: 'coordinator' } },
		{ table: 'account_group', row: { group_id: own, account_id: account?.id } },
		{
			table: 'account',
			row: { id: crypto.randomUUID(), name: 'Nobody', email: 'no@mats.example' }
		},
		{
			table: 'sign_in',
			row: { account_id: account?.id, token: 'a key', expires_at: '2099-01-01' }
		},
		{ table: 'trail', row: { group_id: own, act: '/groups delete' } }
	];
	let refused = 0;
	const tries = 6;
	for (let attempt = 0; attempt < tries; attempt++) {
		const lines = text.split('\n').filter(Boolean);
		const claim = claims[Math.floor(rng() * claims.length)];
		const at = 1 + Math.floor(rng() * (lines.length - 1));
		lines.splice(at, 0, JSON.stringify({ table: claim?.table, rows: [claim?.row] }));
		const { end } = JSON.parse(lines.at(-1) ?? '{}') as { end: number };
		lines[lines.length - 1] = JSON.stringify({ end: end + 1 });
		const forged = zipSync({ 'whole/group.jsonl': new TextEncoder().encode(lines.join('\n')) });
		try {
			const { id } = await bringIn(house.databaseUrl, forged, null);
			for (const table of ['member', 'account_group', 'link', 'late_entry', 'trail'])
				must(
					`${table} of an archive`,
					(await rowsOf(house, `select 1 from ${table} where group_id = $1`, [id])).length,
					0
				);
			must('the group it comes in as', id === own, false);
		} catch (error) {
			if (!(error instanceof Stop)) throw error;
			refused++;
		}
	}
	must(
		'entries of the group that is there',
		await rowsOf(house, 'select count(*)::integer as n from entry where group_id = $1', [own]),
		before
	);
	must(
		'accounts',
		(await rowsOf(house, `select 1 from account where email = 'no@mats.example'`)).length,
		0
	);
	must('sign-ins', (await rowsOf(house, `select 1 from sign_in where token = 'a key'`)).length, 0);
	return `${tries} archives with foreign rights, ${refused} refused`;
}

/** Attacks the doors of a house where people sign in; throws where one stands ajar. */
export async function attackDoors(house: House, seed: number): Promise<string> {
	const rng = seededRng(seed);
	const wren = await theCoordinator(house);
	const tansy = await wren.letIn('helper', 'Tansy');
	return [
		await sendAlike(house, rng, [wren, tansy]),
		await askByLinks(house, wren),
		await bringForeign(house, rng, wren)
	].join('; ');
}
