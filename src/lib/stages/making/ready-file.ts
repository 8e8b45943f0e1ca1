import type { ReadFile } from '$lib/ui/read-json';
import { readJson } from '$lib/ui/read-json';
import { z } from 'zod';

/** A mat whose day is asked for. */
export interface ReadyCase {
	/** As `2026-11-26`. */
	readonly today: string;
	/** Share of the mat that is made. */
	readonly done: number;
	/** Shares of a mat in the maker's past weeks, the newest last. */
	readonly weeks: readonly number[];
	readonly seed: number;
	readonly runs: number;
}

const doneWords = 'This is the share of the mat that is made: 0 to 1.';
const weekWords = 'This is a share of a mat in a week: 0 to 20.';
const seedWords = 'This is a seed: a whole number from 0 to 4,294,967,295.';
const runsWords = 'This is a number of runs: whole, 1 to 20,000.';
const weeksWords = 'These are the shares of past weeks: a list of up to 520 numbers.';

const caseShape = z.strictObject(
	{
		today: z.iso.date({ error: 'This is a day, like 2026-11-26.' }),
		done: z.number({ error: doneWords }).min(0, doneWords).max(1, doneWords),
		weeks: z
			.array(z.number({ error: weekWords }).min(0, weekWords).max(20, weekWords), {
				error: weeksWords
			})
			.max(520, weeksWords)
			.default([]),
		seed: z
			.number({ error: seedWords })
			.int(seedWords)
			.min(0, seedWords)
			.max(4_294_967_295, seedWords)
			.default(1),
		runs: z
			.number({ error: runsWords })
			.int(runsWords)
			.min(1, runsWords)
			.max(20_000, runsWords)
			.default(2000)
	},
	{ error: 'This is a mat: today, done, weeks, seed, runs.' }
);

const fileShape = z
	.array(caseShape, { error: 'This is a list of mats.' })
	.max(1000, 'These are more mats than are asked for at once: 1,000 at most.');

/** Reads the mats out of the text of a file, or says all that is wrong with it. */
export const readReadyFile = (text: string): ReadFile<readonly ReadyCase[]> =>
	readJson(text, fileShape);
