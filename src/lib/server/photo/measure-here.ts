import type { Subject } from '$lib/core/photo/measured';
import { fork, type ChildProcess } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import path from 'node:path';
import type { PhotoDone, PhotoOrder } from './photo-child';

type Said = PhotoDone['said'] | 'busy' | 'gave-up';

/** The child may use so much, and take so long for one picture; without work it ends. */
const mostMb = 1000;
const mostMs = 60_000;
const idleMs = 60_000;
/** So many pictures may wait. */
const mostWaiting = 6;

interface Waiting {
	readonly order: PhotoOrder;
	readonly tell: (said: Said) => void;
}

let child: ChildProcess | null = null;
let idle: NodeJS.Timeout | undefined;
let atWork: (Waiting & { readonly watch: NodeJS.Timeout }) | null = null;
const waiting: Waiting[] = [];
let count = 0;

/** What a process has in memory, MB; 0 where that cannot be told. */
function memoryMb(pid: number): number {
	try {
		const pages = Number(readFileSync(`/proc/${pid}/statm`, 'utf8').split(' ')[1]);
		return (pages * 4096) / 1e6;
	} catch {
		return 0;
	}
}

function end(): void {
	clearTimeout(idle);
	child?.removeAllListeners();
	child?.kill('SIGKILL');
	child = null;
}

/** Tells what became of the picture at work, and goes on with the next. */
function finish(said: Said): void {
	const done = atWork;
	atWork = null;
	if (done) {
		clearInterval(done.watch);
		done.tell(said);
	}
	next();
}

function started(file: string): ChildProcess {
	if (child) return child;
	const own = fork(file, [], {
		serialization: 'advanced',
		execArgv: ['--max-old-space-size=640'],
		stdio: ['ignore', 'ignore', 'ignore', 'ipc'],
		// Nothing of the house's secrets is of any use to it.
		env: { NODE_ENV: process.env.NODE_ENV ?? 'production' }
	});
	own.on('message', ({ nth, said }: PhotoDone) => {
		if (atWork?.order.nth === nth) finish(said);
	});
	own.on('exit', () => {
		child = null;
		finish('gave-up');
	});
	child = own;
	return own;
}

const childFile = (): string =>
	path.join(path.dirname(process.env.HEAVY_WORK_FILE ?? ''), 'photo-child.js');

function next(): void {
	clearTimeout(idle);
	if (atWork) return;
	const first = waiting.shift();
	if (!first) {
		idle = setTimeout(end, idleMs);
		idle.unref();
		return;
	}
	const own = started(childFile());
	const since = Date.now();
	const watch = setInterval(() => {
		if (Date.now() - since < mostMs && memoryMb(own.pid ?? 0) < mostMb) return;
		end();
		finish('gave-up');
	}, 250);
	atWork = { ...first, watch };
	own.send(first.order);
}

/**
 * Measures a picture off the thread that answers requests, one at a time: in a child process, which is
 * ended when it takes too much or has nothing to do. Where the application was not built, as while it is
 * developed, in this one.
 */
export async function measureHere(file: Uint8Array, of: Subject, scale: number): Promise<Said> {
	if (!existsSync(childFile())) {
		const [{ NoPicture }, { measureFile }] = await Promise.all([
			import('./decode'),
			import('./measure-file')
		]);
		try {
			return { answer: await measureFile(file, of, { scale }) };
		} catch (problem) {
			if (problem instanceof NoPicture) return { problem: problem.problem };
			throw problem;
		}
	}
	if (waiting.length >= mostWaiting) return 'busy';
	count += 1;
	const order = { nth: count, file, of, scale };
	return new Promise((tell) => {
		waiting.push({ order, tell });
		next();
	});
}
