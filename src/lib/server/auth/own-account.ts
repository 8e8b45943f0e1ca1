import { ownAccount as msg } from '$lib/words/house';
import { uuidShape } from '$lib/server/base/uuid';
import { house } from '../db/db';
import { APIError } from 'better-auth';
import { auth } from './auth';
import { forgetTries, tryOnce, waitWords } from './limits';
import { passphraseProblem } from './passphrase';
import type { Account } from './identify';

/** A passkey as its owner sees it. */
export interface Passkey {
	readonly id: string;
	readonly name: string | null;
	readonly madeAt: Date | null;
}

export const passkeysOf = (accountId: string): Promise<Passkey[]> =>
	house.many<Passkey>(
		`select id, name, created_at as "madeAt" from passkey where account_id = $1 order by created_at, id`,
		[accountId]
	);

/** Does what needs the passphrase that is had now, and counts the try. @returns the sentence to say where it is another’s, '' where it is */
async function byPassphrase(email: string, act: () => Promise<unknown>): Promise<string> {
	const wait = await tryOnce('wrong-name', email);
	if (wait > 0) return waitWords(wait);
	try {
		await act();
		return '';
	} catch (error) {
		if (error instanceof APIError && error.statusCode < 500) return msg.thatIsNotThePassphrase();
		throw error;
	}
}

/** So long after a passphrase was said a passkey may be made. */
const confirmedMinutes = 5;

/** Notes that whoever is signed in said their passphrase. @returns the sentence to say where it is another’s, '' where it is */
export async function confirmPassphrase(
	{ email, token }: Account,
	passphrase: string,
	headers: Headers
): Promise<string> {
	const wrong = await byPassphrase(email, () =>
		auth().api.verifyPassword({ body: { password: passphrase }, headers })
	);
	if (wrong) return wrong;
	await Promise.all([
		forgetTries('wrong-name', email),
		house.execute('update sign_in set confirmed_at = now() where token = $1', [token])
	]);
	return '';
}

/** Whether the passphrase was said a moment ago on this sign-in. */
export const isConfirmed = async ({ token }: Account): Promise<boolean> =>
	(await house.maybeOne<{ id: string }>(
		`select id from sign_in where token = $1
		 and confirmed_at > now() - make_interval(mins => $2::integer)`,
		[token, confirmedMinutes]
	)) !== null;

/** Gives a passkey another name. */
export const namePasskey = async (accountId: string, id: string, name: string): Promise<number> =>
	uuidShape.safeParse(id).success
		? house.execute('update passkey set name = $3 where account_id = $1 and id = $2', [
				accountId,
				id,
				name
			])
		: 0;

export const removePasskey = async (accountId: string, id: string): Promise<number> =>
	uuidShape.safeParse(id).success
		? house.execute('delete from passkey where account_id = $1 and id = $2', [accountId, id])
		: 0;

/** Changes the passphrase for whoever knows the old one, and signs every other device out. @returns what is wrong, by its field */
export async function changePassphrase(
	{ name, email }: Account,
	current: string,
	passphrase: string,
	headers: Headers
): Promise<{ current?: string; passphrase?: string }> {
	const problem = await passphraseProblem(passphrase, [name, email]);
	if (problem !== null) return { passphrase: problem };
	const wrong = await byPassphrase(email, () =>
		auth().api.changePassword({
			body: { currentPassword: current, newPassword: passphrase, revokeOtherSessions: true },
			headers
		})
	);
	return wrong ? { current: wrong } : {};
}

/** Ends every sign-in but the one at hand. */
export const signOutElsewhere = (headers: Headers): Promise<unknown> =>
	auth().api.revokeOtherSessions({ headers });

/** Ends the sign-in at hand. */
export const signOut = (headers: Headers): Promise<unknown> => auth().api.signOut({ headers });
