// What a fleet is made of, on loopback: each part with its program and its file, made from those in deploy/.
import { chmodSync, mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { appEnvironment } from '../app.mjs';
import { giveToServer } from '../cluster.mjs';
import { root } from '../say.mjs';

/**
 * @typedef {object} Place where a fleet lies, and what its parts know of each other
 * @property {string} folder
 * @property {string} bin where PostgreSQL's programs are
 * @property {Record<'password' | 'copyPassword' | 'secret', string>} words
 * @property {Record<string, number>} ports
 */

/**
 * @typedef {object} Part
 * @property {string} command
 * @property {string[]} args
 * @property {NodeJS.ProcessEnv} [env]
 * @property {boolean} isOurs whether it is the application, which has a user of its own
 */

/** Writes a file for a part from the one in deploy/. @param {Place} place @param {string} from @param {string} to @param {Record<string, string | number>} more */
function fileOf(place, from, to, more = {}) {
	const values = { ...place.ports, ...place.words, folder: place.folder, bin: place.bin, ...more };
	const text = readFileSync(path.join(root, 'deploy', from), 'utf8').replace(
		/\{\{(\w+)\}\}/g,
		(_, name) => String(/** @type {Record<string, unknown>} */ (values)[name])
	);
	return written(place, to, text);
}

/** @param {Place} place @param {string} to @param {string} text */
function written(place, to, text) {
	const file = path.join(place.folder, to);
	writeFileSync(file, text, { mode: 0o600 });
	chmodSync(file, 0o600);
	giveToServer(file);
	return file;
}

/** @param {Place} place @param {string} name */
function folderOf(place, name) {
	const folder = path.join(place.folder, name);
	mkdirSync(folder, { recursive: true, mode: 0o700 });
	giveToServer(folder);
	return folder;
}

/** Who agrees on who leads. On hosts of one's own three of these, so that one may be gone. @param {Place} place @returns {Part} */
export function etcdPart(place) {
	const { etcd, etcdPeer } = place.ports;
	const peer = `http://127.0.0.1:${etcdPeer}`;
	const client = `http://127.0.0.1:${etcd}`;
	return {
		command: 'etcd',
		args: [
			['--name', 'one'],
			['--data-dir', folderOf(place, 'etcd')],
			['--listen-client-urls', client],
			['--advertise-client-urls', client],
			['--listen-peer-urls', peer],
			['--initial-advertise-peer-urls', peer],
			['--initial-cluster', `one=${peer}`],
			['--logger', 'zap'],
			['--log-level', 'error']
		].flat(),
		isOurs: false
	};
}

/** @param {Place} place @param {1 | 2} which @returns {Part} */
export function databasePart(place, which) {
	const name = `database${which}`;
	const file = fileOf(place, 'patroni.yml', `${name}.yml`, {
		name,
		folder: folderOf(place, name),
		port: place.ports[name] ?? 0,
		api: place.ports[`api${which}`] ?? 0
	});
	return { command: 'patroni', args: [file], isOurs: false };
}

/** @param {Place} place @param {Record<string, string>} users each with its password @returns {Part} */
export function poolerPart(place, users) {
	const lines = Object.entries(users).map(([name, password]) => `"${name}" "${password}"\n`);
	written(place, 'users.txt', lines.join(''));
	const file = fileOf(place, 'pgbouncer.ini', 'pgbouncer.ini', { port: place.ports.pooler ?? 0 });
	return { command: 'pgbouncer', args: ['-q', file], isOurs: false };
}

/** @param {Place} place @returns {Part} */
export const proxyPart = (place) => ({
	command: 'haproxy',
	args: ['-db', '-f', fileOf(place, 'haproxy.cfg', 'haproxy.cfg')],
	isOurs: false
});

/** @param {Place} place @param {1 | 2 | 3} which @param {string} databaseUrl the application's, through the pooler @returns {Part} */
export function webPart(place, which, databaseUrl) {
	// Past the pooler: these few connections remember what they were asked.
	const reading = new URL(databaseUrl);
	reading.port = String(place.ports.reading);
	return {
		command: process.execPath,
		args: [path.join(root, 'scripts/serve.mjs')],
		env: appEnvironment({
			databaseUrl,
			port: place.ports[`web${which}`] ?? 0,
			origin: `http://127.0.0.1:${place.ports.web}`,
			env: {
				NEST_ROW_POOLER: 'yes',
				NEST_ROW_READ_DATABASE_URL: reading.href,
				NEST_ROW_SECRET: place.words.secret,
				NEST_ROW_METRICS_PORT: String(place.ports[`metrics${which}`]),
				// The proxy asks each second, and twice before it believes.
				NEST_ROW_DRAIN: '3',
				SHUTDOWN_TIMEOUT: '10'
			}
		}),
		isOurs: true
	};
}
