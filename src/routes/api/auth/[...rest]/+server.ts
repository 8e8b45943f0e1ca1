import { auth } from '$lib/server/doors/auth';
import { isSignInOn } from '$lib/server/doors/who-comes';
import { tryOnce, waitWords } from '$lib/server/doors/limits';
import { json, type RequestHandler } from '@sveltejs/kit';

/** What is asked from a page's script: passkeys alone. All else is done by forms. */
const asked = [
	'passkey/generate-authenticate-options',
	'passkey/verify-authentication',
	'passkey/generate-register-options',
	'passkey/verify-registration'
];

const answer: RequestHandler = async ({ request, params, getClientAddress }) => {
	if (!isSignInOn() || !asked.includes(params.rest ?? ''))
		return json({ problems: ['There is nothing here.'] }, { status: 404 });
	if (params.rest === 'passkey/verify-authentication') {
		const wait = await tryOnce('wrong-address', getClientAddress());
		if (wait > 0) return json({ problems: [waitWords(wait)] }, { status: 429 });
	}
	const response = await auth().handler(request);
	// What it says beyond that is for whoever builds it, not for whoever asks.
	return response.status >= 500
		? json({ problems: ['That did not go.'] }, { status: 400 })
		: response;
};
export const GET = answer;
export const POST = answer;
