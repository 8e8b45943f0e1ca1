import { MembersActs as say } from '$lib/words/house';
import { uuidShape } from '$lib/server/base/uuid';
import { joinDays, makeJoinLink } from '$lib/server/book/links';
import { awayMessage, orAway } from '$lib/server/db/away';
import {
	changeMember,
	listMembers,
	removeMember,
	type MemberChanged
} from '$lib/server/auth/members';
import { roles } from '$lib/server/base/roles';
import { listPeople } from '$lib/server/people/people';
import { readerOf } from '$lib/server/web/reader';
import { isProxyUnnamed } from '$lib/server/web/client-address';
import { isOnlyHere } from '$lib/server/web/own-address';
import { readForm } from '$lib/server/web/read-form';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { locals, url } = event;
	// On a machine without sign-in everyone who sits there is the coordinator.
	if (!locals.account) redirect(303, '/settings');
	const { today } = await readerOf(event);
	const [members, people] = await Promise.all([
		listMembers(locals.db),
		listPeople(locals.db, today)
	]);
	return {
		members,
		people: people.map(({ id, name }) => ({ id, name })),
		own: locals.account.id,
		days: joinDays,
		isOnlyHere: isOnlyHere(url),
		isRoot: process.getuid?.() === 0,
		isProxyUnnamed: isProxyUnnamed()
	};
};

const invited = z.object({ role: z.enum(roles), key: uuidShape });
const changed = z.object({
	id: uuidShape,
	role: z.enum(roles),
	person: z.union([z.literal('').transform(() => null), uuidShape])
});

/** What is said where a change of a member did not go. */
const notChanged: Readonly<Record<Exclude<MemberChanged, 'changed'>, string>> = {
	last: say.aGroupKeepsOneCoordinator(),
	gone: say.thatMemberIsNotIn()
};

export const actions: Actions = {
	/** Makes a link that lets one person in; its address is shown once, in the answer. */
	invite: async ({ request, locals, url }) => {
		const asked = invited.safeParse(Object.fromEntries(await readForm(request))).data;
		if (!asked) return fail(400, { message: say.chooseARole() });
		locals.about = asked.role;
		const made = await orAway(
			makeJoinLink(locals.db, asked.key, asked.role).then((address) => ({ address }))
		);
		if (!made) return fail(503, { message: awayMessage });
		if (!made.address) return fail(409, { message: say.thisPageMadeItsLink() });
		return { address: `${url.origin}/join/${made.address}`, role: asked.role };
	},
	change: async ({ request, locals }) => {
		const asked = changed.safeParse(Object.fromEntries(await readForm(request))).data;
		if (!asked) return fail(400, { message: say.thatCouldNotBeRead() });
		locals.about = asked.role;
		const went = await orAway(
			changeMember(locals.db, asked.id, { role: asked.role, personId: asked.person })
		);
		if (!went) return fail(503, { message: awayMessage });
		if (went !== 'changed') return fail(409, { message: notChanged[went] });
		redirect(303, '/members');
	},
	remove: async ({ request, locals }) => {
		const id = uuidShape.safeParse((await readForm(request)).get('id')).data;
		const went = id === undefined ? 'gone' : await orAway(removeMember(locals.db, id));
		if (!went) return fail(503, { message: awayMessage });
		if (went !== 'changed') return fail(409, { message: notChanged[went] });
		redirect(303, '/members');
	}
};
