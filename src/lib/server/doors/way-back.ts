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
	if (!emailShape.safeParse(email).success) return 'Write your address as name@place.example.';
	const waits = [await tryOnce('message', email), await tryOnce('wrong-address', from)];
	const wait = Math.max(...waits);
	if (wait > 0) return waitWords(wait);
	await auth().api.requestPasswordReset({ body: { email } });
	return '';
}

/**
 * Takes a new passphrase for a way back that is open; every sign-in of the account ends.
 *
 * @returns the sentence to say where it was not taken, '' where it was
 */
export async function renewPassphrase(token: string, passphrase: string): Promise<string> {
	const problem = await passphraseProblem(passphrase, []);
	if (problem) return problem;
	try {
		await auth().api.resetPassword({ body: { token, newPassword: passphrase } });
		return '';
	} catch (error) {
		if (error instanceof APIError && error.statusCode < 500)
			return 'This way back is used up or its half hour is over. Ask for another.';
		throw error;
	}
}
