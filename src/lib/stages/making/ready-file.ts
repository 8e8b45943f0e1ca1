import { readyFile as say } from '$lib/words/making';
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

const doneWords = say.thisIsTheShareOf();
const weekWords = say.theShareOfAMat();
const seedWords = say.aSeedAWholeNumber();
const runsWords = say.aNumberOfRunsWhole();
const weeksWords = say.theseAreTheSharesOf();

const caseShape = z.strictObject(
	{
		today: z.iso.date({ error: say.aDayLike202611() }),
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
	{ error: say.aMatHasTodayDone() }
);

const fileShape = z
	.array(caseShape, { error: say.aListOfMatsIs() })
	.max(1000, say.atMost1000Mats());

/** Reads the mats out of the text of a file, or says all that is wrong with it. */
export const readReadyFile = (text: string): ReadFile<readonly ReadyCase[]> =>
	readJson(text, fileShape);
