import type { Cookies } from '@sveltejs/kit';

/** A year, s. */
const maxAge = 31_536_000;

/** Has a device remember a choice of its own, for a year; where pages come by https, sent by https alone. */
export const rememberHere = (
	{ cookies, url }: { readonly cookies: Cookies; readonly url: URL },
	name: string,
	value: string,
	path = '/'
): void =>
	cookies.set(name, value, { path, maxAge, sameSite: 'lax', secure: url.protocol === 'https:' });
