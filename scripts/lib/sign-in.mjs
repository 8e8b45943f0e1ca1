// What the launcher does for sign-in: the secret that signs cookies, and the word that makes the first coordinator.
import { createHash, randomInt } from 'node:crypto';
import path from 'node:path';
import { asked } from './asked.mjs';
import { dataFolder } from './cluster.mjs';
import { keptWord } from './write-whole.mjs';

/** The secret of this installation, made at the first start; several machines share one by NEST_ROW_SECRET. */
function ownSecret() {
	if (process.env.NEST_ROW_SECRET) return process.env.NEST_ROW_SECRET;
	return keptWord(path.join(dataFolder(), 'sign-in-secret'), 32);
}

/** What the application is told of signing in. @param {boolean} signsIn @returns {NodeJS.ProcessEnv} */
export const signInEnvironment = (signsIn) =>
	signsIn ? { NEST_ROW_SIGN_IN: 'yes', NEST_ROW_SECRET: ownSecret() } : { NEST_ROW_SIGN_IN: 'no' };

/** Letters that are not taken for one another. */
const letters = 'abcdefghjkmnpqrstuvwxyz23456789';

/**
 * A new word for the first coordinator, of 99 random bits, of which the database has the digest; null where there
 * is a coordinator already. The word of an earlier start opens nothing any more.
 *
 * @param {string} ownerUrl
 */
export const firstWord = (ownerUrl) =>
	asked(ownerUrl, async (client) => {
		const { rowCount } = await client.query(
			"select 1 from member where role = 'coordinator' limit 1"
		);
		if (rowCount) return null;
		const parts = Array.from({ length: 5 }, () =>
			Array.from({ length: 4 }, () => letters[randomInt(letters.length)]).join('')
		);
		const word = parts.join('-');
		await client.query(
			`insert into first_word (digest) values ($1)
			 on conflict (is_only) do update set digest = excluded.digest, made_at = now()`,
			[createHash('sha256').update(word).digest('hex')]
		);
		return word;
	});
