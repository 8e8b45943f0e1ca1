import { AccountActs as say } from '$lib/words/house';
import { awayMessage, orAway } from '$lib/server/db/away';
import {
	changePassphrase,
	confirmPassphrase,
	namePasskey,
	passkeysOf,
	removePasskey,
	signOut,
	signOutElsewhere
} from '$lib/server/auth/own-account';
import { readForm } from '$lib/server/web/read-form';
import { readName } from '$lib/ui/name';
import { fail, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	const { account, db, role } = locals;
	if (!account) redirect(303, '/sign-in?back=/account');
	return {
		name: account.name,
		email: account.email,
		groups: account.groups.map(({ groupId: id, name, role: as }) => ({
			id,
			name,
			role: as,
			isHere: id === db.groupId
		})),
		isCoordinator: role === 'coordinator',
		passkeys: await passkeysOf(account.id)
	};
};

export const actions: Actions = {
	/** Another passphrase; every other device is signed out. */
	passphrase: async ({ request, locals }) => {
		if (!locals.account) redirect(303, '/sign-in?back=/account');
		const form = await readForm(request);
		const text = (name: string) => String(form.get(name) ?? '').slice(0, 1000);
		const problems = await orAway(
			changePassphrase(locals.account, text('current'), text('passphrase'), request.headers)
		);
		if (problems === null) return fail(503, { problem: awayMessage });
		if (Object.keys(problems).length > 0) return fail(422, { problems });
		return { said: say.passphraseChangedAllOtherDevices() };
	},
	elsewhere: async ({ request, locals }) => {
		if (!locals.account) redirect(303, '/sign-in?back=/account');
		if ((await orAway(signOutElsewhere(request.headers).then(() => true))) === null)
			return fail(503, { problem: awayMessage });
		return { said: say.allOtherDevicesAreSigned() };
	},
	out: async ({ request, locals }) => {
		if (locals.account && (await orAway(signOut(request.headers).then(() => true))) === null)
			return fail(503, { problem: awayMessage });
		redirect(303, '/sign-in');
	},
	/** The passphrase is said, so that a passkey can be made; without it none is. */
	confirm: async ({ request, locals }) => {
		if (!locals.account) redirect(303, '/sign-in?back=/account');
		const passphrase = String((await readForm(request)).get('passphrase') ?? '').slice(0, 1000);
		const problem = await orAway(confirmPassphrase(locals.account, passphrase, request.headers));
		if (problem === null) return fail(503, { confirm: awayMessage });
		if (problem !== '') return fail(422, { confirm: problem });
		return { isConfirmed: true };
	},
	/** A passkey gets another name. */
	name: async ({ request, locals }) => {
		if (!locals.account) redirect(303, '/sign-in?back=/account');
		const form = await readForm(request);
		const { name } = readName(String(form.get('name') ?? ''));
		if (name) await orAway(namePasskey(locals.account.id, String(form.get('id') ?? ''), name));
		redirect(303, '/account#passkeys');
	},
	passkey: async ({ request, locals }) => {
		if (!locals.account) redirect(303, '/sign-in?back=/account');
		const id = String((await readForm(request)).get('id') ?? '').slice(0, 40);
		await orAway(removePasskey(locals.account.id, id));
		redirect(303, '/account');
	}
};
