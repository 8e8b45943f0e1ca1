import type { Rng } from '../statistics/rng';
import { seededRng } from '../statistics/rng';

/** Streams of chance: each thing has its own, so that another beside it changes nothing of its luck. */
export const streams = {
	bags: 1,
	days: 2,
	checks: 3,
	together: 4,
	makers: 1000,
	toCome: 1_000_000
} as const;
/** Streams of makers who have an id begin here. */
const namedStreams = 0x10000000;

/**
 * The stream of a maker: of their id, else of their place in the list. The next one is that of their checks.
 *
 * @example streamOfMaker(undefined, 2) // 1004
 */
export function streamOfMaker(id: string | undefined, at: number): number {
	if (id === undefined) return streams.makers + 2 * at;
	// FNV-1a: ids that differ in one sign are far apart.
	let hash = 0x811c9dc5;
	for (let nth = 0; nth < id.length; nth++)
		hash = Math.imul(hash ^ id.charCodeAt(nth), 0x01000193) >>> 0;
	return namedStreams + 2 * (hash >>> 4);
}

/**
 * The seed of one thing of one run.
 *
 * @example seedOf(1, 0, 3) === seedOf(1, 1, 3) // false
 */
export function seedOf(seed: number, run: number, stream: number): number {
	let mixed = (seed ^ Math.imul(run + 1, 0x9e3779b1)) >>> 0;
	mixed = Math.imul(mixed ^ (mixed >>> 15), 0x85ebca6b) >>> 0;
	mixed = Math.imul(mixed ^ Math.imul(stream + 1, 0xc2b2ae35), 0x27d4eb2f) >>> 0;
	return (mixed ^ (mixed >>> 13)) >>> 0;
}

/**
 * A source of chance for one thing of one run.
 *
 * @example streamOf(1, 0, 3)() === streamOf(1, 0, 3)() // true
 */
export const streamOf = (seed: number, run: number, stream: number): Rng =>
	seededRng(seedOf(seed, run, stream));
