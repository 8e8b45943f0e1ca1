import { away as say } from '$lib/words/house';
import { error } from '@sveltejs/kit';
import { isDatabaseAway, StoodStill, stillMs } from './pool';

export const awayMessage = say.theKeptPlansCannotBe();

/** Throws what went wrong; where it is that the database cannot be reached, as the answer 503 that says so. */
export function asAway(problem: unknown): never {
	if (!isDatabaseAway(problem)) throw problem;
	try {
		error(503, { message: awayMessage });
	} catch (answer) {
		throw Object.assign(answer as object, { cause: problem });
	}
}

/** Runs work on the database that knows no time of its own, for as long as anybody waits. @throws StoodStill */
export async function inTime<Result>(work: Promise<Result>): Promise<Result> {
	let timer: NodeJS.Timeout | undefined;
	const over = new Promise<never>((_, reject) => {
		timer = setTimeout(() => reject(new StoodStill()), stillMs());
	});
	// What comes after that is heard by nobody.
	work.catch(() => {});
	try {
		return await Promise.race([work, over]);
	} finally {
		clearTimeout(timer);
	}
}

/** The result of work on the database, or null where it cannot be reached. */
export const orAway = <Result>(work: Promise<Result>): Promise<Result | null> =>
	work.catch((problem: unknown) => {
		if (isDatabaseAway(problem)) return null;
		throw problem;
	});
