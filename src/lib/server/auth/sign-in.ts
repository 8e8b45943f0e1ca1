import { signIn as msg } from '$lib/words/house';
import { APIError } from 'better-auth';
import { auth } from './auth';
import { forgetTries, giveBackTry, tryOnce, waitWords } from './limits';
import { emailShape } from './new-account';

/** Said alike whether the name is known or not. */
const doNotFit = msg.emailOrPassphraseIsWrong();

/**
 * Signs in, and lays the cookie into the answer to the request at hand. Every try is counted before it
 * is made, for the name and for where it comes from.
 *
 * @returns the sentence to say where it did not go, '' where it did
 */
export async function signIn(
	{ email: typed, passphrase }: { email: string; passphrase: string },
	from: string,
	headers: Headers
): Promise<string> {
	const email = typed.trim().toLowerCase();
	// From an address that is shut no name is tried, and none counted.
	const shut = await tryOnce('wrong-address', from);
	if (shut > 0) return waitWords(shut);
	const wait = await tryOnce('wrong-name', email);
	if (wait > 0) return waitWords(wait);
	try {
		await auth().api.signInEmail({
			// What can be no address is looked up as one that nobody has, and takes as long.
			body: {
				email: emailShape.safeParse(email).success ? email : 'nobody@nowhere.example',
				password: passphrase
			},
			headers
		});
	} catch (problem) {
		if (problem instanceof APIError && problem.statusCode < 500) return doNotFit;
		throw problem;
	}
	await Promise.all([forgetTries('wrong-name', email), giveBackTry('wrong-address', from)]);
	return '';
}
