// Packages and build: made when missing, made again when what they are made from has changed.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import { root, run, say, withProgress } from './say.mjs';

const madeFrom = [
	'src',
	'static',
	'package-lock.json',
	'svelte.config.js',
	'vite.config.ts',
	'vite.heavy.config.ts',
	'vite.maker.config.ts',
	'scripts/lib/plain-words.mjs',
	'tsconfig.json'
];

/** @param {string} place @returns {string[]} */
function filesBelow(place) {
	if (!existsSync(place)) return [];
	if (!statSync(place).isDirectory()) return [place];
	return readdirSync(place)
		.sort()
		.flatMap((name) => filesBelow(path.join(place, name)));
}

/** A checksum of names and contents, so that a changed, added or removed source is noticed whatever its date. @param {string[]} places */
function checksumOf(places) {
	const hash = createHash('sha256');
	for (const file of places.flatMap((place) => filesBelow(path.join(root, place)))) {
		hash.update(`${path.relative(root, file)}\0`).update(readFileSync(file));
	}
	return hash.digest('hex');
}

/** @param {string} stamp @param {string} checksum */
const isCurrent = (stamp, checksum) =>
	existsSync(stamp) && readFileSync(stamp, 'utf8') === checksum;

/** @param {{ isQuiet?: boolean }} [how] quiet: standard output belongs to someone else */
export async function ensureModules({ isQuiet = false } = {}) {
	const stamp = path.join(root, 'node_modules', '.nest-row-lock');
	const checksum = checksumOf(['package-lock.json', '.npmrc']);
	if (isCurrent(stamp, checksum)) return;
	if (!isQuiet) say('Installing the packages (about a minute) …');
	const install = () => run('npm', ['ci', '--loglevel=error'], { quiet: true });
	await (isQuiet ? install() : withProgress('Installing the packages', install));
	writeFileSync(stamp, checksum);
}

export async function ensureBuild() {
	const stamp = path.join(root, 'build', '.made-from');
	const checksum = checksumOf(madeFrom);
	if (isCurrent(stamp, checksum)) return;
	say('Building the application (about half a minute) …');
	await withProgress('Building the application', () =>
		run('npm', ['run', '--silent', 'build'], { quiet: true })
	);
	writeFileSync(stamp, checksum);
}
