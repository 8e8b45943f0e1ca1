import type { SentForm } from '$lib/gather/typed-form.svelte';
import { readForm } from './read-form';
import type { RequestEvent } from '@sveltejs/kit';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { whileReached } from './db/away';
import { findGroup } from './db/groups';
import { takeEntry } from './take-entry';

const unread = 'This could not be read. Please type it again.';

/** The action of every entry form, for pages without scripts: what is not kept comes back as it was typed. */
export async function keepEntry({ request, locals }: RequestEvent) {
	const { type, key, ...typed } = Object.fromEntries(
		[...(await readForm(request))].filter((pair): pair is [string, string] => {
			const [name, value] = pair;
			return typeof value === 'string' && name.length <= 40 && value.length <= 4000;
		})
	);
	const sent = { type: type ?? '', typed };
	const back = (status: number, more: Partial<SentForm>) =>
		fail(status, { entry: { ...sent, ...more } satisfies SentForm });
	if (!z.uuid().safeParse(key).success) return back(400, { said: unread });
	const { lengthSystem } = await whileReached(findGroup(locals.groupId));
	const booked = await whileReached(
		takeEntry(locals.groupId, { ...sent, key: key ?? '' }, lengthSystem)
	);
	if (booked.outcome === 'refused') return back(422, { problems: booked.problems });
	if (booked.outcome === 'again')
		return back(409, {
			said: 'This was kept already and counts once. If it is a further one, send it again.'
		});
	return { entry: { type: sent.type, said: 'Kept.' } satisfies SentForm };
}
