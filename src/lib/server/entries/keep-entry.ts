import { keepEntry as say } from '$lib/words/house';
import { uuidShape } from '$lib/server/base/uuid';
import type { SentForm } from '$lib/entries/typed-form.svelte';
import type { Typed } from '$lib/entries/form-reader';
import type { LengthSystem } from '$lib/core/units/format-length';
import { lengthSystems } from '$lib/core/units/format-length';
import { readForm } from '$lib/server/web/read-form';
import type { RequestEvent } from '@sveltejs/kit';
import { fail } from '@sveltejs/kit';
import { awayMessage, orAway } from '$lib/server/db/away';
import { readerOf } from '$lib/server/web/reader';
import { notTheirs } from './not-theirs';
import { saveEntry } from './take-entry';

const unread = say.thisCouldNotBeRead();
const lengthsOf = (text: string | undefined): LengthSystem | undefined =>
	lengthSystems.find((system) => system === text);

/** The action of every entry form, for pages without scripts: what is not kept comes back as it was typed. */
export async function entryAction(event: RequestEvent) {
	const { request, locals } = event;
	const { type, key, lengths, ...typed } = Object.fromEntries(
		[...(await readForm(request))].filter((pair): pair is [string, string] => {
			const [name, value] = pair;
			return typeof value === 'string' && name.length <= 40 && value.length <= 4000;
		})
	) as Record<string, string>;
	const sent = { type: type ?? '', typed: typed as Typed };
	const back = (status: number, more: Partial<SentForm>) =>
		fail(status, { entry: { ...sent, ...more } satisfies SentForm });
	if (!uuidShape.safeParse(key).success) return back(400, { said: unread });
	const saved = await orAway(
		readerOf(event).then(
			async (reader) =>
				(await notTheirs(locals.role, locals.db, sent)) ??
				saveEntry(locals.db, { ...sent, key: key ?? '', lengths: lengthsOf(lengths) }, reader)
		)
	);
	if (!saved) return back(503, { said: awayMessage });
	if (saved.outcome === 'refused') return back(422, { problems: saved.problems });
	if (saved.outcome === 'duplicate')
		return back(409, {
			said: say.thisWasKeptAlreadyAnd()
		});
	return { entry: { type: sent.type, said: say.saved() } satisfies SentForm };
}
