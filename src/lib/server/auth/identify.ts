import type { Cookies } from '@sveltejs/kit';
import type { GroupId } from '../base/group-id';
import { localGroupId, nobodysGroupId } from '../base/group-id';
import { auth } from './auth';
import { groupsOfAccount, type Membership } from './members';
import type { Role } from '../base/roles';

/** Who signed in, and the groups they are in. */
export interface Account {
	readonly id: string;
	readonly name: string;
	readonly email: string;
	/** The sign-in this request came by; ended alone or with all others. */
	readonly token: string;
	/** Those that are not deleted. */
	readonly groups: readonly Membership[];
	readonly deleted: readonly Membership[];
}

/** Who comes, for which group, and as what. */
export interface Principal {
	/** Null on a machine without sign-in, and before anyone signed in. */
	readonly account: Account | null;
	readonly groupId: GroupId;
	/** Null for whoever is in no group: they read what everyone may. */
	readonly role: Role | null;
}

/** Where this device remembers which of its groups it works for. */
export const groupCookie = 'group';

/**
 * The group that a page was opened for, where it says so with what it sends. It goes before the group
 * that this device works for now: what was typed for one is never kept for another that was chosen
 * meanwhile in another tab.
 */
export const groupSaid = (url: URL, headers: Headers): string | null =>
	url.searchParams.get('group') ?? headers.get('x-nest-row-group');

/** Whether people sign in here: they do wherever others can reach it. */
export const isSignInOn = (): boolean => process.env.NEST_ROW_SIGN_IN === 'yes';

async function accountOf(headers: Headers): Promise<Account | null> {
	const found = await auth().api.getSession({ headers });
	if (!found) return null;
	const { user, session } = found;
	const groups = await groupsOfAccount(user.id);
	return {
		id: user.id,
		name: user.name,
		email: user.email,
		token: session.token,
		groups: groups.filter(({ deletedAt }) => deletedAt === null),
		deleted: groups.filter(({ deletedAt }) => deletedAt !== null)
	};
}

/**
 * Decides who a request comes from and which group it is for: the only place that does. On a machine
 * without sign-in everyone is the coordinator of its one group.
 */
export async function identify(request: Request, url: URL, cookies: Cookies): Promise<Principal> {
	if (!isSignInOn()) return { account: null, groupId: localGroupId, role: 'coordinator' };
	const account = await accountOf(request.headers);
	const said = groupSaid(url, request.headers);
	const chosen = cookies.get(groupCookie);
	const groups = account?.groups ?? [];
	const group =
		said === null
			? (groups.find(({ groupId }) => groupId === chosen) ?? groups[0])
			: groups.find(({ groupId }) => groupId === said);
	return group
		? { account, groupId: group.groupId, role: group.role }
		: { account, groupId: nobodysGroupId, role: null };
}
