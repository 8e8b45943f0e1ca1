import { limits as say } from '$lib/words/house';
import { createHash } from 'node:crypto';
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { writers } from '../db/pool';

/** How often something may go wrong for one name or one address, and for how long it then waits, s. */
const kinds = {
	'wrong-name': { points: 5, duration: 900, blockDuration: 900 },
	'wrong-address': { points: 50, duration: 900, blockDuration: 900 },
	'passkey-options': { points: 60, duration: 900 },
	message: { points: 3, duration: 3600 },
	word: { points: 10, duration: 900 }
} as const;
export type Kind = keyof typeof kinds;

/** The table holds digests: who tried is told to nobody who reads it. */
const keyOf = (who: string) => createHash('sha256').update(who.toLowerCase()).digest('base64url');

const limiter = (kind: Kind) =>
	new RateLimiterPostgres({
		storeClient: writers(),
		tableName: 'tried',
		tableCreated: true,
		keyPrefix: kind,
		clearExpiredByTimeout: false,
		...kinds[kind]
	});

/** Counts one try, in every process alike; so many seconds until the next is taken, 0 where this one is. */
export async function tryOnce(kind: Kind, who: string): Promise<number> {
	try {
		await limiter(kind).consume(keyOf(who));
		return 0;
	} catch (problem) {
		if (!(problem instanceof RateLimiterRes)) throw problem;
		return Math.max(1, Math.ceil(problem.msBeforeNext / 1000));
	}
}

/** What went right counts for nothing: the try that was counted before it is given back. */
export const giveBackTry = async (kind: Kind, who: string): Promise<void> =>
	void (await limiter(kind).reward(keyOf(who), 1));

/** Begins anew after it went right. */
export const forgetTries = async (kind: Kind, who: string): Promise<void> =>
	void (await limiter(kind).delete(keyOf(who)));

/** How long to wait, in words. */
export const waitWords = (seconds: number): string => {
	const minutes = Math.ceil(seconds / 60);
	return say.tooManyTriesTryAgain({
		part: minutes === 1 ? say.aMinute() : say.minutes({ minutes })
	});
};
