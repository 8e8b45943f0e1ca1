import { join as msg } from '$lib/words/house';
import { dbOf } from '$lib/server/db/db';
import pLimit from 'p-limit';
import type { OpenedLink } from '../book/links';
import { revokeLink } from '../book/links';
import { tryOnce, waitWords } from './limits';
import { addMember, listMembers } from './members';
import { makeAccount, type AccountTyped } from './new-account';
import { signIn } from './sign-in';

type JoinLink = Extract<OpenedLink, { grants: 'join' }>;

/** Each holds a connection while its account is made on another: so many at once, and there is one for each. */
const atOnce = pLimit(2);

const usedUp = msg.someoneAlreadyJoinedWithThis();
const noAccount = msg.noAccountCouldBeMade();

/** Ends what was begun with a link, which stays as it was. */
class NoAccount extends Error {}

/**
 * Lets someone in by a link, which is used up by it: as the account that is signed in, or as one that
 * is made on the way. Of two who have it one comes in, and for the other no account is made.
 *
 * @returns the sentence to say where it was not taken, '' where it was
 */
export async function joinBy(
	link: JoinLink,
	signedIn: string | null,
	typed: AccountTyped,
	from: string,
	headers: Headers
): Promise<string> {
	const { groupId, linkId, role } = link;
	const wait = await tryOnce('word', from);
	if (wait > 0) return waitWords(wait);
	const comeIn = () =>
		dbOf(groupId, signedIn).transaction(async (db) => {
			// It is held until whoever came first is in, or could not be.
			if (!(await revokeLink(db, linkId))) return false;
			const accountId = signedIn ?? (await makeAccount(typed, headers));
			if (accountId === null) throw new NoAccount();
			await addMember(db, accountId, role);
			return true;
		});
	try {
		if (await atOnce(comeIn)) return '';
	} catch (problem) {
		if (problem instanceof NoAccount) return noAccount;
		throw problem;
	}
	return cameInBefore(link, signedIn, typed, from, headers);
}

/**
 * The same press once more, for a link that is used up: who came in by it is in, and is signed in where
 * they are not. Whoever else is told that it was used, and no more.
 *
 * @returns the sentence to say where they are not in, '' where they are
 */
export async function cameInBefore(
	{ groupId }: JoinLink,
	signedIn: string | null,
	typed: AccountTyped,
	from: string,
	headers: Headers
): Promise<string> {
	if (signedIn === null && (await signIn(typed, from, headers)) !== '') return usedUp;
	const members = await listMembers(dbOf(groupId, signedIn));
	return members.some(({ accountId, email }) => accountId === signedIn || email === typed.email)
		? ''
		: usedUp;
}
