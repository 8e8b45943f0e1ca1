import { requestGuard as say } from '$lib/words/house';
import { routes } from '$lib/routes/table.mjs';
import { permissions, permissionOf, reads } from './permissions';
import { mayAs } from '../base/roles';
import type { Principal } from './identify';
import { groupSaid, isSignInOn } from './identify';

/** Why a request is not let in, as its answer; null where it is. */
export interface Denial {
	readonly status: 303 | 403 | 404 | 409 | 421 | 503;
	readonly sentence: string;
	/** Where to go instead. */
	readonly to?: string;
}

/** What a member of another group, or of none, is told of where they may not go. */
const notYours = say.onlyCoordinatorsCanDoThis();

/**
 * Whether who comes may do what a request asks, by the list of acts. Asked for every request that finds
 * a route, before it is answered.
 */
export function authorize(
	comer: Principal,
	routeId: string,
	{ method, headers }: Pick<Request, 'method' | 'headers'>,
	url: URL
): Denial | null {
	const act = permissionOf(routeId, method, url);
	const needed = act === null ? reads[routeId] : permissions[act]?.by;
	if (needed === undefined)
		return act === null
			? { status: 403, sentence: notYours }
			: { status: 404, sentence: say.thisActionDoesNotExist() };
	if (!isSignInOn())
		return routes[routeId]?.isDoor ? { status: 404, sentence: say.thereIsNoSignIn() } : null;
	if (needed === 'guest') return null;
	const { account, role } = comer;
	if (!account)
		return {
			status: 303,
			sentence: say.signInFirst(),
			to: `/sign-in${method === 'GET' ? `?back=${encodeURIComponent(url.pathname + url.search)}` : ''}`
		};
	if (role === null && groupSaid(url, headers) !== null)
		return {
			status: 409,
			sentence: say.thisPageBelongsToA()
		};
	if (role === null) return { status: 303, sentence: say.youAreInNoGroup(), to: '/groups' };
	if (!mayAs(role, needed)) return { status: 403, sentence: notYours };
	return null;
}
