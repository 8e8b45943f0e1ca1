import { house } from '../db/db';
import { createHash, timingSafeEqual } from 'node:crypto';

const digestOf = (word: string) => createHash('sha256').update(word.trim().toLowerCase()).digest();

/** Whether this is the word that was printed at the start and has not been used. */
export async function isFirstWord(word: string): Promise<boolean> {
	const kept = await house.writer.maybeOne<{ digest: string }>('select digest from first_word', []);
	return kept !== null && timingSafeEqual(Buffer.from(kept.digest, 'hex'), digestOf(word));
}

/** Uses the word up; false where somebody was quicker. */
export const useFirstWord = async (word: string): Promise<boolean> =>
	(await house.execute('delete from first_word where digest = $1', [
		digestOf(word).toString('hex')
	])) === 1;
