import { listMembers } from '$lib/server/auth/members';
import { listLinks } from '$lib/server/book/links';
import { reachedNow } from '$lib/server/web/machine';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url, locals: { db } }) => {
	const [members, links] = await Promise.all([listMembers(db), listLinks(db, null)]);
	const roles = ['coordinator', 'helper', 'reader'] as const;
	return {
		reached: reachedNow(url),
		roles: roles.map((role) => ({
			role,
			count: members.filter((member) => member.role === role).length
		})),
		/** Links that open something without signing in. */
		openLinks: links.filter(
			({ revokedAt, expiresAt }) => !revokedAt && (!expiresAt || expiresAt > new Date())
		).length
	};
};
