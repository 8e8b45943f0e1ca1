import { addressIn } from '$lib/server/book/links';
import { notOffered } from '$lib/server/auth/not-offered';
import { orAway } from '$lib/server/db/away';
import { openDayOf } from '$lib/server/table-day/open-day';
import { bar } from '$lib/routes/bar';
import { allOffered } from '$lib/ui/offers';
import { readerOrUsual } from '$lib/server/web/reader';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, cookies, depends, url }) => {
	depends('app:reader');
	const group = await readerOrUsual({ locals, cookies });
	// Whoever comes by a link reads one thing, and says nothing of the hall.
	// And so does whoever is in no group.
	const isLink = locals.link !== undefined || locals.role === null;
	const { account, role } = locals;
	// Whoever is in several groups is told with every answer for which it is: another tab may have chosen.
	if (account && account.groups.length > 1) {
		depends('app:gather');
		void url.pathname;
	}
	// Where no table day can be asked for, none is on.
	const openDay = isLink ? null : await orAway(openDayOf(locals.db, group));
	return {
		openDay,
		group:
			isLink || role !== 'coordinator'
				? { ...group, isHallUnknown: false, isNameUnknown: false }
				: group,
		isLink,
		bar,
		/** For whom pages are laid by on a device; null for who comes by a link. */
		laidFor: locals.link === undefined ? `${account?.id ?? ''} ${locals.db.groupId}` : null,
		/** Where entries of this page go; null where it keeps none. */
		entriesTo:
			locals.link?.grants === 'station'
				? `/s/${addressIn(url.pathname)}/entries`
				: isLink
					? null
					: '/api/entries',
		/** What whoever reads may not do: it is offered nowhere. */
		notOffered: isLink ? allOffered : notOffered(role),
		account: account && {
			id: account.id,
			name: account.name,
			groups: account.groups.length,
			role
		}
	};
};
