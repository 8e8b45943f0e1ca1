import type { BrowserContext } from '@playwright/test';
import { firstWord } from '../../scripts/lib/sign-in.mjs';
import type { App } from './app';

/** How a request was answered. */
export interface Answered {
	readonly status: number;
	readonly to: string | null;
	readonly text: string;
	readonly headers: Headers;
}
interface Asking {
	readonly form?: Readonly<Record<string, string>>;
	readonly json?: unknown;
	readonly accept?: string;
	readonly headers?: Readonly<Record<string, string>>;
}

export const passphrase = 'velvet anchor puddle nine';

/** Somebody who asks without a browser, and keeps the cookies they are given. */
export class Visitor {
	readonly jar = new Map<string, string>();
	constructor(readonly address: string) {}

	/** The cookies, as a request brings them. */
	get cookie(): string {
		return [...this.jar].map(([name, value]) => `${name}=${value}`).join('; ');
	}

	async ask(path: string, asking: Asking = {}): Promise<Answered> {
		const { form, json, accept = 'text/html', headers } = asking;
		const hasBody = form !== undefined || json !== undefined;
		const response = await fetch(this.address + path, {
			method: hasBody ? 'POST' : 'GET',
			redirect: 'manual',
			headers: {
				accept,
				cookie: this.cookie,
				...(hasBody ? { origin: this.address } : {}),
				...(json === undefined ? {} : { 'content-type': 'application/json' }),
				...headers
			},
			...(hasBody ? { body: form ? new URLSearchParams(form) : JSON.stringify(json) } : {})
		});
		for (const cookie of response.headers.getSetCookie()) {
			const [pair = ''] = cookie.split(';');
			const at = pair.indexOf('=');
			if (/max-age=0/i.test(cookie)) this.jar.delete(pair.slice(0, at));
			else this.jar.set(pair.slice(0, at), pair.slice(at + 1));
		}
		const text = await response.text();
		return {
			status: response.status,
			to: response.headers.get('location'),
			text,
			headers: response.headers
		};
	}

	/** Signs in by the form. */
	signIn = (email: string, words = passphrase): Promise<Answered> =>
		this.ask('/sign-in?/in', { form: { email, passphrase: words, back: '/account' } });

	/** Has a browser come as this visitor. */
	lend = (context: BrowserContext): Promise<void> =>
		context.addCookies([...this.jar].map(([name, value]) => ({ name, value, url: this.address })));

	/** Lets someone in as a member of the group at hand, and gives them. */
	async letIn(role: string, name: string): Promise<Visitor> {
		const link = await this.ask('/members?/invite', { form: { role, key: crypto.randomUUID() } });
		const [path] = /\/join\/[\w-]{64}/.exec(link.text) ?? [''];
		const visitor = new Visitor(this.address);
		const email = `${name.toLowerCase()}@mats.example`;
		const joined = await visitor.ask(`${path}?/join`, { form: { name, email, passphrase } });
		if (joined.status !== 303) throw new Error(`${name} was not let in: ${joined.text}`);
		return visitor;
	}
}

/** The coordinator of the house: the first, or signed in again. */
export async function theCoordinator(app: Pick<App, 'address' | 'databaseUrl'>): Promise<Visitor> {
	const visitor = new Visitor(app.address);
	const word = await firstWord(app.databaseUrl);
	const email = 'wren@mats.example';
	const came =
		word === null
			? await visitor.signIn(email)
			: await visitor.ask('/welcome?/begin', { form: { word, name: 'Wren', email, passphrase } });
	if (came.status !== 303) throw new Error(`the coordinator did not come in: ${came.text}`);
	return visitor;
}
