// What the scripts tell the person at the keyboard: one plain sentence at a time.
import { execFileSync, spawn } from 'node:child_process';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = path.resolve(path.dirname(fileURLToPath(import.meta.url)), '../..');

/** A reason to stop that is written for the person, not for a programmer. */
export class Stop extends Error {}

/** @param {string} sentence */
export function say(sentence) {
	process.stdout.write(`${sentence}\n`);
}

/** How often a long step says that it goes on, s. */
const sayEveryS = 15;

/**
 * Does a long step, and says every few seconds that it still goes on and for how long, so that nobody thinks it stands.
 * @template T
 * @param {string} name what is being done, as the line begins: "Building the application"
 * @param {() => Promise<T>} step
 * @param {{ everyS?: number, tell?: (sentence: string) => void }} [how]
 */
export async function withProgress(name, step, { everyS = sayEveryS, tell = say } = {}) {
	let passedS = 0;
	const telling = setInterval(() => {
		passedS += everyS;
		tell(`${name}: still at it, ${passedS} s so far …`);
	}, everyS * 1000);
	try {
		return await step();
	} finally {
		clearInterval(telling);
	}
}

/**
 * Runs a command to its end, its output on ours, and says so when it fails.
 * @param {string} command
 * @param {string[]} args
 * @param {{ env?: NodeJS.ProcessEnv, quiet?: boolean, isSilent?: boolean, cwd?: string }} [options] silent: what it says when it fails is for us, not for the person
 */
export function run(command, args, options = {}) {
	return new Promise((resolve, reject) => {
		/** @type {string[]} */
		const held = [];
		const child = spawn(command, args, {
			cwd: options.cwd ?? root,
			env: { ...process.env, ...options.env },
			stdio: options.quiet ? ['ignore', 'pipe', 'pipe'] : ['ignore', 'inherit', 'inherit']
		});
		child.stdout?.on('data', (chunk) => held.push(String(chunk)));
		child.stderr?.on('data', (chunk) => held.push(String(chunk)));
		child.on('error', reject);
		child.on('close', (code) => {
			if (code === 0) return resolve(held.join(''));
			if (held.length && !options.isSilent) process.stderr.write(held.join(''));
			const failed = new Stop(`"${command} ${args.join(' ')}" ended with code ${code}.`);
			reject(Object.assign(failed, { said: held.join('') }));
		});
	});
}

/**
 * The trimmed output of a short command, or null where it cannot be run or fails.
 * @param {string} command
 * @param {string[]} args
 */
export function ask(command, args) {
	try {
		return execFileSync(command, args, {
			encoding: 'utf8',
			stdio: ['ignore', 'pipe', 'ignore']
		}).trim();
	} catch {
		return null;
	}
}

/**
 * Runs a script's main function; a Stop is printed as its sentence alone.
 * @param {() => Promise<number | void>} main
 */
export async function runMain(main) {
	try {
		process.exitCode = (await main()) ?? 0;
	} catch (error) {
		process.stderr.write(
			`${error instanceof Stop ? error.message : /** @type {Error} */ (error).stack}\n`
		);
		process.exitCode = 1;
	}
}

/** @param {number} ms */
export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/**
 * Whether a process is alive and its command line holds every one of the given words.
 * @param {number} pid
 * @param {string[]} words
 */
export function isProcess(pid, words) {
	if (!Number.isInteger(pid) || pid <= 1) return false;
	const line = ask('cat', [`/proc/${pid}/cmdline`])?.replaceAll('\0', ' ') ?? '';
	return line !== '' && words.every((word) => line.includes(word));
}
