import type { OpenedLink } from '../book/links';
import { revokeLink } from '../book/links';
import { inGroup } from '../db/in-group';
import { tryOnce, waitWords } from './limits';
import { addMember } from './members';
import { makeAccount, type AccountTyped } from './new-account';

/**
 * Lets someone in by a link, which is used up by it: as the account that is signed in, or as one that
 * is made on the way.
 *
 * @returns the sentence to say where it was not taken, '' where it was
 */
export async function joinBy(
	{ groupId, linkId, role }: Extract<OpenedLink, { grants: 'join' }>,
	signedIn: string | null,
	typed: AccountTyped,
	from: string,
	headers: Headers
): Promise<string> {
	const wait = await tryOnce('word', from);
	if (wait > 0) return waitWords(wait);
	const accountId = signedIn ?? (await makeAccount(typed, headers));
	if (accountId === null)
		return 'No account could be made of that address. If it has one here, sign in first and open this link again.';
	// For one: of two who have it, the second is told.
	return inGroup(groupId, accountId, async () => {
		if (!(await revokeLink(groupId, linkId))) return 'Someone came in by this link just now.';
		await addMember(groupId, accountId, role);
		return '';
	});
}
