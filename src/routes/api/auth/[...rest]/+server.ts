import { ApiAuthRestDoor as say } from '$lib/words/house';
import { auth } from '$lib/server/auth/auth';
import { isSignInOn } from '$lib/server/auth/identify';
import { isConfirmed } from '$lib/server/auth/own-account';
import { clientAddress } from '$lib/server/web/client-address';
import { giveBackTry, tryOnce, waitWords } from '$lib/server/auth/limits';
import { json, type RequestHandler } from '@sveltejs/kit';

/** What is asked from a page's script: passkeys alone. All else is done by forms. */
const asked = [
	'passkey/generate-authenticate-options',
	'passkey/verify-authentication',
	'passkey/generate-register-options',
	'passkey/verify-registration'
];
/** What makes a passkey: soon after the passphrase was said, and not else. */
const making = ['passkey/generate-register-options', 'passkey/verify-registration'];

const answer: RequestHandler = async (event) => {
	const { request, params, locals } = event;
	const from = clientAddress(event);
	if (!isSignInOn() || !asked.includes(params.rest ?? ''))
		return json({ problems: [say.pageNotFound()] }, { status: 404 });
	if (
		making.includes(params.rest ?? '') &&
		!(locals.account && (await isConfirmed(locals.account)))
	)
		return json({ problems: [say.sayYourPassphraseFirst()] }, { status: 403 });
	// Options for a guest are counted as well: each of them is remembered for a while.
	const isGuests = params.rest === 'passkey/generate-authenticate-options';
	if (isGuests || params.rest === 'passkey/verify-authentication') {
		const wait = await tryOnce(isGuests ? 'passkey-options' : 'wrong-address', from);
		if (wait > 0) return json({ problems: [waitWords(wait)] }, { status: 429 });
	}
	const response = await auth().handler(request);
	if (params.rest === 'passkey/verify-authentication' && response.ok)
		await giveBackTry('wrong-address', from);
	// What it says beyond that is for whoever builds it, not for whoever asks.
	return response.status >= 500
		? json({ problems: [say.thatDidNotGo()] }, { status: 400 })
		: response;
};
export const GET = answer;
export const POST = answer;
