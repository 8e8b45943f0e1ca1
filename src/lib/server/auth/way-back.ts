import { wayBack as msg } from '$lib/words/house';
import { house } from '../db/db';
import { APIError } from 'better-auth';
import { auth } from './auth';
import { tryOnce, waitWords } from './limits';
import { emailShape } from './new-account';
import { passphraseProblem } from './passphrase';

/**
 * Leaves a message with a way back, where the address is an account's; where it is not, all else is the same.
 *
 * @returns the sentence to say where it was not taken, '' where it was
 */
export async function askWayBack(typed: string, from: string): Promise<string> {
	const email = typed.trim().toLowerCase();
	if (!emailShape.safeParse(email).success) return msg.writeYourAddressAsName();
	const shut = await tryOnce('wrong-address', from);
	if (shut > 0) return waitWords(shut);
	const wait = await tryOnce('message', email);
	if (wait > 0) return waitWords(wait);
	await auth().api.requestPasswordReset({ body: { email } });
	return '';
}

/** Whose way back this is; null where it opens nothing. */
async function accountOfWay(token: string): Promise<string | null> {
	const { internalAdapter } = await auth().$context;
	const found = await internalAdapter.findVerificationValue(`reset-password:${token}`);
	return found && found.expiresAt > new Date() ? found.value : null;
}

/**
 * Takes a new passphrase for a way back that is open; every sign-in of the account ends, all its other ways back, and
 * its passkeys unless they are to be kept: whoever lost the passphrase may have lost a device.
 *
 * @returns the sentence to say where it was not taken, '' where it was
 */
export async function renewPassphrase(
	token: string,
	passphrase: string,
	keepsPasskeys: boolean
): Promise<string> {
	const problem = await passphraseProblem(passphrase, []);
	if (problem) return problem;
	const accountId = await accountOfWay(token);
	try {
		await auth().api.resetPassword({ body: { token, newPassword: passphrase } });
		if (accountId !== null && !keepsPasskeys)
			await house.execute('delete from passkey where account_id = $1', [accountId]);
		return '';
	} catch (error) {
		if (error instanceof APIError && error.statusCode < 500) return msg.thisWayBackIsUsed();
		throw error;
	}
}
