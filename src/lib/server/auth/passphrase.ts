import { passphrase as say } from '$lib/words/house';
import type { ZxcvbnFactory } from '@zxcvbn-ts/core';
import { passphraseLength } from './auth';

/** Loaded when a passphrase is chosen first: the words that are tried first are many. */
let guesser: Promise<ZxcvbnFactory> | null = null;
const theGuesser = (): Promise<ZxcvbnFactory> =>
	(guesser ??= Promise.all([import('@zxcvbn-ts/core'), import('@zxcvbn-ts/language-common')]).then(
		([core, common]) =>
			new core.ZxcvbnFactory({
				dictionary: common.dictionary,
				graphs: common.adjacencyGraphs
			})
	));

/** Strong enough that a hundred million tries do not find it, of the five steps of the estimate. */
const leastScore = 3;

/**
 * What is wrong with a passphrase someone chooses, as a sentence; null where it will do.
 *
 * @param about words of theirs that would be tried first
 */
export async function passphraseProblem(
	passphrase: string,
	about: readonly string[]
): Promise<string | null> {
	const { least, most } = passphraseLength;
	const { length } = passphrase;
	if (length < least) return say.itHasCharactersItNeeds({ length, least });
	if (length > most) return say.itHasCharactersAtMost({ length, most });
	const { score } = (await theGuesser()).check(passphrase, [
		'nest row',
		say.sleepingMat(),
		...about
	]);
	return score < leastScore ? say.thatIsEasyToGuess() : null;
}
