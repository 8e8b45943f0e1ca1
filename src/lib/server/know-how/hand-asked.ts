import type { Hand } from '$lib/stages/know-how/left-hand';
import { hands } from '$lib/stages/know-how/left-hand';
import { rememberHere } from '$lib/server/web/remember-here';
import type { Cookies } from '@sveltejs/kit';

/** The hand an address asks for, else the one this device asked for last; what is asked for is remembered here. */
export function handAsked(url: URL, cookies: Cookies): Hand {
	const said = hands.find((hand) => hand === url.searchParams.get('hand'));
	if (said) rememberHere({ cookies, url }, 'hand', said);
	return said ?? hands.find((hand) => hand === cookies.get('hand')) ?? 'right';
}
