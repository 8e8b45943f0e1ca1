import { entryTypes } from '$lib/entries/registry';
import { allOffered, type NotOffered } from '$lib/ui/offers';
import { mayAs, type Role } from '../base/roles';
import { permissions, coordinatorsEntries, reads } from './permissions';

const mayNot = (role: Role, needed: Role | 'guest') => needed !== 'guest' && !mayAs(role, needed);
const isPage = (address: string) => !/[[.]/.test(address) && !address.startsWith('/api/');

/** What somebody of a role may not do: by the list that lets acts in. */
const notOfferedTo = (role: Role): NotOffered => ({
	acts: Object.entries(permissions)
		.filter(([, { by }]) => mayNot(role, by))
		.map(([act]) => act),
	entries:
		role === 'reader' ? Object.keys(entryTypes) : role === 'helper' ? [...coordinatorsEntries] : [],
	pages: Object.entries(reads)
		.filter(([address, by]) => isPage(address) && mayNot(role, by))
		.map(([address]) => address)
});

const byRole: Readonly<Record<Role, NotOffered>> = {
	reader: notOfferedTo('reader'),
	helper: notOfferedTo('helper'),
	coordinator: allOffered
};

/** What whoever reads may not do; nothing is held back from a coordinator, nor from who comes by a link. */
export const notOffered = (role: Role | null): NotOffered =>
	role === null ? allOffered : byRole[role];
