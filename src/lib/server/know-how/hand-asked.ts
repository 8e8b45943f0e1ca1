import type { Hand } from '$lib/stages/know-how/left-hand';
import { hands } from '$lib/stages/know-how/left-hand';
import type { Cookies } from '@sveltejs/kit';

const year = 365 * 24 * 3600;

/** The hand an address asks for, else the one this device asked for last; what is asked for is remembered here. */
export function handAsked(url: URL, cookies: Cookies): Hand {
	const said = hands.find((hand) => hand === url.searchParams.get('hand'));
	if (said)
		cookies.set('hand', said, {
			path: '/',
			maxAge: year,
			sameSite: 'lax',
			secure: url.protocol === 'https:'
		});
	return said ?? hands.find((hand) => hand === cookies.get('hand')) ?? 'right';
}
