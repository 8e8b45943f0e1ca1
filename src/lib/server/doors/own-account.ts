import { APIError } from 'better-auth';
import { z } from 'zod';
import { execute, many } from '../db/verbs';
import { auth } from './auth';
import { tryOnce, waitWords } from './limits';
import { passphraseProblem } from './passphrase';
import type { Account } from './who-comes';

/** A passkey as its owner sees it. */
export interface Passkey {
	readonly id: string;
	readonly name: string | null;
	readonly madeAt: Date | null;
}

export const passkeysOf = (accountId: string): Promise<Passkey[]> =>
	many<Passkey>(
		`select id, name, created_at as "madeAt" from passkey where account_id = $1 order by created_at, id`,
		[accountId]
	);

export const removePasskey = async (accountId: string, id: string): Promise<number> =>
	z.uuid().safeParse(id).success
		? execute('delete from passkey where account_id = $1 and id = $2', [accountId, id])
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
	const wait = await tryOnce('wrong-name', email);
	if (wait > 0) return { current: waitWords(wait) };
	try {
		await auth().api.changePassword({
			body: { currentPassword: current, newPassword: passphrase, revokeOtherSessions: true },
			headers
		});
		return {};
	} catch (error) {
		if (error instanceof APIError && error.statusCode < 500)
			return { current: 'That is not the passphrase you have now.' };
		throw error;
	}
}

/** Ends every sign-in but the one at hand. */
export const signOutElsewhere = (headers: Headers): Promise<unknown> =>
	auth().api.revokeOtherSessions({ headers });

/** Ends the sign-in at hand. */
export const signOut = (headers: Headers): Promise<unknown> => auth().api.signOut({ headers });
