// Requests as no page would send them, from a seed: none is answered by a fault, none tells how the
// inside looks, none is given back as script, and the app lives.
import { randomUUID } from 'node:crypto';
import http from 'node:http';
import type { Rng as Rng } from '../../src/lib/core/statistics/rng';
import { actNames, allRoutes, namedActs, pathOfRoute } from '../routes';
import { seededRng } from '../../src/lib/core/statistics/rng';

const paths = [
	...allRoutes
		.filter((route) => route !== '/api/scale')
		.map((route) => pathOfRoute(route, randomUUID())),
	'/gather/lists/movements.csv',
	`/l/${'x'.repeat(64)}`,
	'/l/..%2f',
	'/sheets/guide.svg',
	'/mark.svg',
	'/_app/immutable/x.js'
];
const acts = [...actNames, '__proto__'];
/** Every act with the path it belongs to: odd ones are asked of any path as well. */
const ownActs = namedActs.map(({ route, name }) => ({
	path: pathOfRoute(route, randomUUID()),
	name
}));
const fields = [
	'email',
	'passphrase',
	'word',
	'role',
	'opens',
	'group',
	'token',
	'mat',
	'day',
	'corrects',
	'key',
	'type',
	'id',
	'name',
	'plan',
	'mats',
	'bags',
	'place',
	'came_on',
	'method',
	'p',
	'maker',
	'kind',
	'dried',
	'back',
	'lengths',
	'timeZone',
	'locale',
	'mat_width',
	'exact'
];
const script = '<script>alert("nr")</script>';
const values = [
	'',
	'0',
	'-1',
	'1e309',
	'NaN',
	'many',
	'99999999999999999999',
	'2099-01-01',
	'2026-02-31',
	"'; drop table movement; --",
	script,
	'"><img src=x onerror=alert(1)>',
	'../../etc/passwd',
	'%00',
	'\u202e\ufeff',
	'💥'.repeat(50),
	'x'.repeat(5000),
	'{"a":',
	'__proto__',
	'=HYPERLINK("x")'
];
const bodies = [
	'',
	'{',
	'null',
	'[]',
	'{"entries":[null,4,{}]}',
	'{"bag":{}}',
	'a=&'.repeat(2000),
	'\u0000'
];
const types = [
	'application/json',
	'application/x-www-form-urlencoded',
	'multipart/form-data; boundary=x',
	'text/plain',
	'',
	'application/json; charset=utf-16'
];
const tells =
	/node_modules|\/work\/|\.svelte-kit|at \w+ \(|insert into |from \w+ where group_id|postgres:|DomainError|pg_/;

const pick = <Item>(rng: Rng, items: readonly Item[]): Item =>
	items[Math.floor(rng() * items.length)] as Item;

interface Answer {
	readonly status: number;
	readonly text: string;
}

function send(address: string, options: http.RequestOptions, body: string): Promise<Answer> {
	return new Promise((resolve, reject) => {
		const url = new URL(address);
		const request = http.request(
			{ host: url.hostname, port: url.port, timeout: 20_000, ...options },
			(response) => {
				const parts: Buffer[] = [];
				response.on('data', (part: Buffer) => parts.push(part));
				response.on('end', () =>
					resolve({
						status: response.statusCode ?? 0,
						text: Buffer.concat(parts).toString('latin1')
					})
				);
				response.on('error', reject);
			}
		);
		request.on('timeout', () => request.destroy(new Error('no answer in 20 s')));
		request.on('error', reject);
		request.end(body);
	});
}

function oddRequest(
	rng: Rng,
	address: string,
	cookie: string
): { options: http.RequestOptions; body: string } {
	const { host, origin } = new URL(address);
	const method = pick(rng, [
		'GET',
		'GET',
		'GET',
		'POST',
		'POST',
		'POST',
		'POST',
		'POST',
		'PUT',
		'DELETE',
		'HEAD',
		'PATCH',
		'TRACE'
	]);
	let path: string = pick(rng, paths);
	if (rng() < 0.1) path = `${path}${pick(rng, ['%', '%2e%2e/', '//', '/\u0101', '/%ff', '/..;/'])}`;
	const query = new URLSearchParams();
	for (let pair = 0; pair < rng() * 4; pair++) query.set(pick(rng, fields), pick(rng, values));
	let act = method === 'POST' && rng() < 0.3 ? `/${pick(rng, acts)}` : '';
	if (method === 'POST' && rng() < 0.6) {
		const own = pick(rng, ownActs);
		[path, act] = [own.path, own.name === '' ? '' : `/${own.name}`];
	}
	const search = [act, query.toString()].filter(Boolean).join('&');
	const form = new URLSearchParams();
	for (let pair = 0; pair < rng() * 9; pair++) form.append(pick(rng, fields), pick(rng, values));
	const body =
		method === 'GET' || method === 'HEAD' ? '' : rng() < 0.6 ? form.toString() : pick(rng, bodies);
	const headers: Record<string, string> = {
		host: rng() < 0.05 ? 'rebound.example' : host,
		origin: rng() < 0.1 ? 'http://evil.example' : origin,
		accept: pick(rng, ['text/html', 'application/json', '*/*', '']),
		'content-length': String(Buffer.byteLength(body))
	};
	const type = rng() < 0.6 ? types[1] : pick(rng, types);
	if (type) headers['content-type'] = type;
	if (cookie) headers.cookie = cookie;
	else if (rng() < 0.1) headers.cookie = `look=${encodeURIComponent(pick(rng, values))}; lengths=x`;
	return {
		options: {
			method,
			path: encodeURI(decodeURISafe(`${path}${search && `?${search}`}`)),
			headers
		},
		body
	};
}

/** Leaves a path as odd as it is, but for signs that no client library would send. */
const decodeURISafe = (path: string): string => path.replace(/[^\x21-\x7e]/g, 'ā');

/** None takes longer, ms: of ten thousand on a machine that does nothing else; of a few among other checks a busy core says more than the request. */
const slowestOf = (count: number) => (count >= 10_000 ? 2000 : 5000);

/** Sends so many odd requests, and throws where one is answered as it must not be. */
export async function attackByRequests(
	address: string,
	count: number,
	seed: number,
	cookie = ''
): Promise<string> {
	let slowestMs = 0;
	let slowest = '';
	const rng = seededRng(seed);
	const statuses = new Map<number, number>();
	const line = async () => {
		while (left-- > 0) {
			const { options, body } = oddRequest(rng, address, cookie);
			const what = `${options.method} ${options.path?.slice(0, 200)} ${body.slice(0, 200)}`;
			const from = performance.now();
			const { status, text } = await send(address, options, body).catch((error: Error) => {
				throw new Error(`${what}: ${error.message}`);
			});
			const ms = performance.now() - from;
			if (ms > slowestMs) [slowestMs, slowest] = [ms, what];
			statuses.set(status, (statuses.get(status) ?? 0) + 1);
			if (status >= 500) throw new Error(`${what}: answered ${status}`);
			if (text.includes(script)) throw new Error(`${what}: gave a script back`);
			const told = tells.exec(options.path?.startsWith('/_app') ? '' : text);
			if (told) throw new Error(`${what}: tells ${told[0]}`);
		}
	};
	// The workers that draw sheets begin with the first that is asked for.
	await send(
		address,
		{ path: '/know-how/spiral/card.pdf', headers: { host: new URL(address).host } },
		''
	);
	let left = count;
	// As many at once as there are cores here: what waits for a core says nothing of the request.
	await Promise.all([line(), line()]);
	const alive = await fetch(`${address}/healthz`);
	if (!alive.ok) throw new Error('it does not answer any more');
	const shown = [...statuses]
		.sort(([a], [b]) => a - b)
		.map(([status, times]) => `${status}: ${times}`);
	if (slowestMs > slowestOf(count)) throw new Error(`${slowest}: took ${Math.round(slowestMs)} ms`);
	return `${count} odd requests, answered ${shown.join(', ')}; the slowest took ${Math.round(slowestMs)} ms`;
}
