import { passkeys as msg } from '$lib/words/house';
/** What the browser makes of a passkey, loaded only where one is used. */
const browser = () => import('@simplewebauthn/browser');

const ask = async (path: string, body?: unknown): Promise<Response> =>
	fetch(`/api/auth/passkey/${path}`, {
		method: body === undefined ? 'GET' : 'POST',
		headers: { 'content-type': 'application/json' },
		...(body === undefined ? {} : { body: JSON.stringify(body) })
	});

const didNotGo = msg.thatDidNotGoTry();

/** Signs in with a passkey of this device. @returns the sentence to say where it did not go, '' where it did */
export async function passkeySignIn(): Promise<string> {
	try {
		const options = await ask('generate-authenticate-options');
		if (!options.ok) return didNotGo;
		const { startAuthentication } = await browser();
		const response = await startAuthentication({ optionsJSON: await options.json() });
		return (await ask('verify-authentication', { response })).ok ? '' : didNotGo;
	} catch {
		return didNotGo;
	}
}

/** Makes a passkey of this device for whoever is signed in. @returns the sentence to say where it did not go, '' where it did */
export async function makePasskey(name: string): Promise<string> {
	try {
		const options = await ask(`generate-register-options?name=${encodeURIComponent(name)}`);
		if (!options.ok) return msg.signInAnewFirstA();
		const { startRegistration } = await browser();
		const response = await startRegistration({ optionsJSON: await options.json() });
		return (await ask('verify-registration', { response, name })).ok ? '' : didNotGo;
	} catch {
		return didNotGo;
	}
}
