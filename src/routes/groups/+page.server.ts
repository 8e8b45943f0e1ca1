import { GroupsActs as say } from '$lib/words/house';
import { uuidShape } from '$lib/server/base/uuid';
import { dbOf } from '$lib/server/db/db';
import { readName } from '$lib/ui/name';
import { awayMessage, orAway } from '$lib/server/db/away';
import { deleteGroup, makeGroup, restoreGroup, undoDays } from '$lib/server/auth/groups';
import { groupCookie } from '$lib/server/auth/identify';
import { rememberHere } from '$lib/server/web/remember-here';
import { readForm } from '$lib/server/web/read-form';
import type { GroupId } from '$lib/server/base/group-id';
import { error, fail, redirect, type RequestEvent } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => {
	const { account, db, role } = locals;
	if (!account) redirect(303, '/sign-in?back=/groups');
	return {
		here:
			role === 'coordinator'
				? (account.groups.find((one) => one.groupId === db.groupId)?.name ?? null)
				: null,
		deleted: account.deleted
			.filter((one) => one.role === 'coordinator')
			.map(({ groupId: id, name, deletedAt }) => ({ id, name, deletedAt })),
		undoDays
	};
};

/** Whoever is signed in, and a group of theirs that the form names. */
async function asked({ request, locals }: RequestEvent) {
	const { account } = locals;
	if (!account) redirect(303, '/sign-in?back=/groups');
	const form = await readForm(request);
	return { account, form, id: String(form.get('id') ?? '') as GroupId };
}

export const actions: Actions = {
	choose: async (event) => {
		const { account, id } = await asked(event);
		if (!account.groups.some(({ groupId }) => groupId === id))
			error(404, { message: say.youAreNotInThat() });
		rememberHere(event, groupCookie, id);
		redirect(303, '/');
	},
	make: async (event) => {
		const { account, form } = await asked(event);
		const typed = String(form.get('name') ?? '');
		const { name, problem } = readName(typed);
		if (problem)
			return fail(422, {
				typed: typed.slice(0, 200),
				problem:
					problem.code === 'name-empty' ? say.typeANameForThe() : say.atMost120CharactersAll()
			});
		const key = uuidShape.safeParse(form.get('key')).data;
		if (key === undefined) return fail(400, { typed, problem: say.thisCouldNotBeRead() });
		const made = await orAway(makeGroup(name, account.id, key));
		if (!made) return fail(503, { typed, problem: awayMessage });
		rememberHere(event, groupCookie, made);
		redirect(303, '/');
	},
	/** Deletes the group at hand, once its name is typed. */
	delete: async (event) => {
		const { account, form } = await asked(event);
		const { db } = event.locals;
		const name = account.groups.find((one) => one.groupId === db.groupId)?.name;
		if (String(form.get('name') ?? '').trim() !== name)
			return fail(422, { wrongName: say.typeTheNameAsIt() });
		if ((await orAway(deleteGroup(db))) === null) return fail(503, { wrongName: awayMessage });
		redirect(303, '/groups');
	},
	undo: async (event) => {
		const { account, id } = await asked(event);
		if (!account.deleted.some((one) => one.groupId === id && one.role === 'coordinator'))
			error(404, { message: say.thatGroupIsGoneOr() });
		await orAway(restoreGroup(dbOf(id, account.id)));
		rememberHere(event, groupCookie, id);
		redirect(303, '/');
	}
};
