import { page } from '$app/state';
import { allOffered, forGroup, isOffered, type NotOffered } from './offers';

/** What of a page's data says who reads it. */
interface ReadBy {
	readonly notOffered?: NotOffered;
	readonly account?: { readonly groups: number } | null;
	readonly group?: { readonly groupId: string };
}
const readBy = (): ReadBy => page.data as ReadBy;

/** An address of an act, with the group the page was opened for where whoever reads it is in several: another tab may have chosen. */
export function withGroup(action: string): string {
	const { account, group } = readBy();
	return account && group && account.groups > 1 ? forGroup(action, group.groupId) : action;
}

const isHidden = (action: string, type: string | null): true | undefined =>
	isOffered(readBy().notOffered ?? allOffered, action, page.route.id ?? '', type)
		? undefined
		: true;

/** Where a form goes, spread into it; what whoever reads may not do is not offered. `type` is the entry it keeps. */
export const actTo = (action: string, type: string | null = null) => ({
	action: withGroup(action),
	hidden: isHidden(action, type)
});

/** The same of a button that sends its form elsewhere. */
export const pressTo = (action: string) => ({
	formaction: withGroup(action),
	hidden: isHidden(action, null)
});

/** The same of a button whose form has an act of its own. */
export const pressOf = (action: string) => ({ hidden: isHidden(action, null) });

/** Where a link goes, spread into it, likewise. */
export const linkTo = (href: string) => ({
	href,
	hidden:
		(readBy().notOffered ?? allOffered).pages.includes(href.split(/[?#]/)[0] ?? '') || undefined
});
