// What the machine must have beside Node: PostgreSQL, and Chromium for the browser tests.
import { existsSync, readdirSync } from 'node:fs';
import path from 'node:path';
import { Stop, ask, run, say } from './say.mjs';

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
	const paths = [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser'];
	return paths.find((candidate) => candidate && existsSync(candidate)) ?? null;
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
	try {
		await run(command, [...before, '-qq', 'update'], { env, quiet: true });
		const install = ['-qq', '-y', '--no-install-recommends', 'install', ...packages];
		await run(command, [...before, ...install], { env, quiet: true });
	} catch {
		throw new Stop(`${purpose} could not be installed by itself. ${byHand}`);
	}
}

export async function ensurePostgres() {
	if (postgresServers().length === 0) await installDebian(['postgresql'], 'PostgreSQL');
	if (postgresServers().length === 0)
		throw new Stop('PostgreSQL was installed, but its server was not found.');
}

export async function ensureChromium() {
	if (!chromiumPath()) await installDebian(['chromium'], 'Chromium');
	const found = chromiumPath();
	if (!found) throw new Stop('Chromium was installed, but it was not found.');
	return found;
}
