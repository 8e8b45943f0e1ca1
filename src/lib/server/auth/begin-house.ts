import { beginHouse as msg } from '$lib/words/house';
import { dbOf } from '$lib/server/db/db';
import { localGroupId } from '../base/group-id';
import { isFirstWord, useFirstWord } from './first-word';
import { tryOnce, waitWords } from './limits';
import { addMember } from './members';
import { makeAccount, type AccountTyped } from './new-account';

/**
 * Makes the first coordinator, who takes over the group that is there, for the word that was printed
 * at the start.
 *
 * @returns the sentence to say where it was not taken, '' where it was
 */
export async function beginHouse(
	word: string,
	typed: AccountTyped,
	from: string,
	headers: Headers
): Promise<string> {
	const wait = await tryOnce('word', from);
	if (wait > 0) return waitWords(wait);
	if (!(await isFirstWord(word))) return msg.thatIsNotTheWord();
	// Used up first: of two who have it, one begins.
	if (!(await useFirstWord(word))) return msg.theWordWasJustUsed();
	const accountId = await makeAccount(typed, headers);
	if (accountId === null) return msg.noAccountCouldBeMade();
	await addMember(dbOf(localGroupId, accountId), accountId, 'coordinator');
	return '';
}
