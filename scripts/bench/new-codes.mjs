// Labels that are set aside for what a benchmark makes.
import { execFileSync } from 'node:child_process';

/**
 * Codes of a group that are on nothing yet; they are reserved with it.
 *
 * @param {import('pg').Client} client @param {string} group @param {number} count
 */
export async function newCodes(client, group, count) {
	const { rows } = await client.query(
		'select codes_reserved as reserved from volunteer_group where id = $1',
		[group]
	);
	await client.query(
		'update volunteer_group set codes_reserved = codes_reserved + $2 where id = $1',
		[group, count]
	);
	const script = ['--import', 'tsx', 'scripts/bench/codes.ts'];
	return execFileSync(process.execPath, [...script, `${rows[0].reserved}`, `${count}`], {
		encoding: 'utf8'
	})
		.trim()
		.split('\n');
}
