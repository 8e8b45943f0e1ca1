// Check and Hand over with 3,000 mats that were handed over and 200,000 movements: pages beside bare ones, and the account on paper.
import pg from 'pg';
import { growLedger } from './gather.mjs';
import { print, quantile } from './figures.mjs';
import { newCodes } from './new-codes.mjs';
import { besideBare } from './pages.mjs';

const group = '00000000-0000-4000-8000-000000000001';

/** One entry a mat, in the order of the mats. @param {pg.Client} client @param {string} type @param {number} count */
async function entries(client, type, count) {
	const { rows } = await client.query(
		`insert into entry (group_id, key, digest, type, typed_at)
		 select $1, gen_random_uuid(), '', $2, now() - (g.nth % 900) * interval '1 day'
		 from generate_series(1, $3::integer) as g (nth) returning id`,
		[group, type, count]
	);
	return rows.map(({ id }) => Number(id));
}

/** Makes mats, checks them good and hands them over, twenty at a time. @param {pg.Client} client @param {number} count */
async function growHanded(client, count) {
	const sends = Math.ceil(count / 20);
	const codes = await newCodes(client, group, count + sends);
	const things = async (
		/** @type {string} */ sort,
		/** @type {number[]} */ own,
		/** @type {string[]} */ labels
	) => {
		const { rows } = await client.query(
			`insert into thing (group_id, code, sort, entry_id, plan_id, plan_version, content)
			 select $1, g.code, $2, g.entry, case when $2 = 'mat' then p.id end, case when $2 = 'mat' then p.version end, '{}'
			 from unnest($3::text[], $4::bigint[]) with ordinality as g (code, entry, nth)
			 cross join (select id, version from plan where group_id = $1 and deleted_at is null order by id limit 1) p
			 order by g.nth returning id`,
			[group, sort, labels, own]
		);
		return rows.map(({ id }) => Number(id));
	};
	const happen = (
		/** @type {number[]} */ own,
		/** @type {number[]} */ ids,
		/** @type {string} */ what
	) =>
		client.query(
			`insert into thing_event (group_id, entry_id, thing_id, what)
			 select $1, g.entry, g.id, $4 from unnest($2::bigint[], $3::bigint[]) as g (entry, id)`,
			[group, own, ids, what]
		);
	const begun = await entries(client, 'begin', count);
	const mats = await things('mat', begun, codes.slice(0, count));
	await happen(begun, mats, 'begun');
	const checks = await entries(client, 'check', count);
	await client.query(
		`insert into mat_check (group_id, entry_id, thing_id, result, width_mm, length_mm, mass_g, found)
		 select $1, g.entry, g.id, 'good', 850, 1850, 1650,
			'{"goesThrough": [], "faults": [], "reasons": [], "minutes": 0, "why": null}'
		 from unnest($2::bigint[], $3::bigint[]) as g (entry, id)`,
		[group, checks, mats]
	);
	await happen(checks, mats, 'good');
	const sent = await entries(client, 'deliver', sends);
	const deliveries = await things('delivery', sent, codes.slice(count));
	await happen(sent, deliveries, 'made');
	await client.query(
		`insert into delivery (group_id, entry_id, thing_id, place_id, goes_on)
		 select $1, g.entry, g.id, p.id, current_date - (g.nth * 6)::integer
		 from unnest($2::bigint[], $3::bigint[]) with ordinality as g (entry, id, nth)
		 cross join (select id from place where group_id = $1 and receives_mats order by id limit 1) p`,
		[group, sent, deliveries]
	);
	const by = mats.map((_, at) => sent[Math.floor(at / 20)] ?? 0);
	await client.query(
		`insert into delivery_mat (group_id, entry_id, thing_id, width_mm, length_mm, mass_g, bags, film_mg,
			timed_min, estimated_min)
		 select $1, g.entry, g.id, 850, 1850, 1650, 500, 1640000, 90, 2400
		 from unnest($2::bigint[], $3::bigint[]) as g (entry, id)`,
		[group, by, mats]
	);
	await happen(by, mats, 'delivered');
	await client.query('analyze');
}

/** The account on paper. @param {string} address */
async function paper(address) {
	/** @type {number[]} */
	const times = [];
	for (let nth = 0; nth < 12; nth++) {
		const from = performance.now();
		const answer = await fetch(`${address}/hand-over/account.pdf`);
		await answer.arrayBuffer();
		if (!answer.ok) throw new Error(`the account answered ${answer.status}`);
		if (nth > 1) times.push(performance.now() - from);
	}
	print('handed: the account as a PDF, median', quantile(times, 0.5), 'ms');
	print('handed: the account as a PDF, slowest of ten', quantile(times, 1), 'ms', 500);
}

/** @param {string} address @param {string} databaseUrl */
export async function benchHanded(address, databaseUrl) {
	const client = new pg.Client({ connectionString: databaseUrl });
	await client.connect();
	try {
		await growHanded(client, 3000);
		/** @type {Record<string, number>[]} */
		const sizes = [];
		for (const size of [20_000, 200_000]) {
			await growLedger(client, size);
			/** @type {Record<string, number>} */
			const p95 = {};
			for (const path of ['/check', '/hand-over', '/hand-over/account']) {
				const { own, bare } = await besideBare(address, path);
				p95[path] = own;
				const of = `handed: ${path}, 3,000 mats, ${size.toLocaleString('en')} movements`;
				print(`${of}, 95th percentile`, own, 'ms');
				print(`${of}, against a bare page alike`, own / bare, 'times', 1.5);
			}
			sizes.push(p95);
		}
		for (const path of ['/check', '/hand-over/account'])
			print(
				`handed: ${path}, 200,000 against 20,000 movements`,
				(sizes[1]?.[path] ?? NaN) / (sizes[0]?.[path] ?? NaN),
				'times',
				1.5
			);
		await paper(address);
	} finally {
		await client.end();
	}
}
