// What the machine must have beside Node: PostgreSQL, and Chromium for the browser tests.
import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { Stop, ask, pause, run, say, withProgress } from './say.mjs';

const debianRoot = '/usr/lib/postgresql';

/** Every PostgreSQL server found, newest first. @returns {{ major: number, bin: string }[]} */
export function postgresServers() {
	const found = existsSync(debianRoot)
		? readdirSync(debianRoot).map((name) => ({
				major: Number(name),
				bin: path.join(debianRoot, name, 'bin')
			}))
		: [];
	const elsewhere = ask('pg_config', ['--bindir']);
	const version = elsewhere && ask(path.join(elsewhere, 'postgres'), ['--version']);
	const major = Number(version?.match(/(\d+)/)?.[1]);
	if (elsewhere && major) found.push({ major, bin: elsewhere });
	return found
		.filter(
			({ bin }) => existsSync(path.join(bin, 'postgres')) && existsSync(path.join(bin, 'initdb'))
		)
		.sort((a, b) => b.major - a.major);
}

/** @returns {string | null} */
export function chromiumPath() {
	const paths = [
		process.env.CHROMIUM_PATH,
		// Made for this: a quarter less work than the whole browser.
		'/usr/bin/chromium-headless-shell',
		'/usr/bin/chromium',
		'/usr/bin/chromium-browser'
	];
	return paths.find((candidate) => candidate && existsSync(candidate)) ?? null;
}

/** Whether an installation failed because another holds the package lock: the lists' lock knows no waiting of its own. @param {unknown} error */
export const isLocked = (error) =>
	/could not get lock|unable to lock|lock-frontend/i.test(
		/** @type {{ said?: string }} */ (error).said ?? ''
	);

/**
 * Tries again for up to two minutes while another program holds the package lock.
 * @template Result
 * @param {() => Promise<Result>} work
 * @param {number} [withinMs]
 * @param {number} [everyMs]
 */
export async function untilUnlocked(work, withinMs = 120_000, everyMs = 2000) {
	const end = Date.now() + withinMs;
	for (let attempt = 1; ; attempt++) {
		try {
			return await work();
		} catch (error) {
			if (!isLocked(error) || Date.now() > end) throw error;
			if (attempt === 1) say('Another program is installing packages; waiting for it to end …');
			await pause(everyMs);
		}
	}
}

/**
 * Installs Debian packages as root, or by sudo where it asks no password; otherwise says what to install.
 * @param {string[]} packages
 * @param {string} purpose
 */
async function installDebian(packages, purpose) {
	const byHand = `${purpose} is missing. Please install it: apt-get install ${packages.join(' ')}`;
	if (!ask('which', ['apt-get'])) throw new Stop(byHand);
	const isRoot = process.getuid?.() === 0;
	if (!isRoot && ask('sudo', ['-n', 'true']) === null) throw new Stop(byHand);
	say(`Installing ${purpose} from Debian's packages …`);
	const env = { DEBIAN_FRONTEND: 'noninteractive' };
	const [command, before] = isRoot
		? ['apt-get', []]
		: ['sudo', ['-n', 'env', 'DEBIAN_FRONTEND=noninteractive', 'apt-get']];
	// Another program may be installing just now: its lock is waited for, and it is said.
	const waits = ['-o', 'DPkg::Lock::Timeout=120'];
	const install = ['-qq', '-y', '--no-install-recommends', 'install', ...packages];
	/** @param {string[]} args */
	const apt = (args) =>
		untilUnlocked(() =>
			run(command, [...before, ...waits, ...args], { env, quiet: true, isSilent: true })
		);
	try {
		await withProgress(`Installing ${purpose}`, async () => {
			await apt(['-qq', 'update']);
			await apt(install);
		});
	} catch (error) {
		process.stderr.write(/** @type {{ said?: string }} */ (error).said ?? '');
		throw new Stop(`${purpose} could not be installed by itself. ${byHand}`);
	}
}

export async function ensurePostgres() {
	if (postgresServers().length === 0) await installDebian(['postgresql'], 'PostgreSQL');
	if (postgresServers().length === 0)
		throw new Stop('PostgreSQL was installed, but its server was not found.');
}

export async function ensureChromium() {
	if (!chromiumPath()) await installDebian(['chromium-headless-shell'], 'Chromium');
	const found = chromiumPath();
	if (!found) throw new Stop('Chromium was installed, but it was not found.');
	return found;
}

/** The programs of a fleet, each with what it is known by. */
const fleetPrograms = {
	haproxy: 'haproxy',
	pgbouncer: 'pgbouncer',
	patroni: 'patroni',
	etcd: 'etcd-server'
};

/** What a fleet is made of beside PostgreSQL: a proxy, a pooler, and what has one database take over from another. */
export async function ensureFleetPrograms() {
	const isThere = (/** @type {string} */ program) =>
		['/usr/bin', '/usr/sbin', '/usr/local/bin'].some((folder) =>
			existsSync(path.join(folder, program))
		);
	const lacking = Object.entries(fleetPrograms).filter(([program]) => !isThere(program));
	if (lacking.length > 0)
		await installDebian(
			lacking.map(([, name]) => name),
			'what a fleet is made of'
		);
}
