import { runInWorker } from '$lib/server/heavy/heavy-work';
import { answerPdf } from '$lib/server/web/answer-file';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import type { ActName } from '$lib/stages/know-how/links/lesson-titles';
import type { RequestEvent } from '@sveltejs/kit';
import { handAsked } from './hand-asked';
import { ownThings } from './own-things';

/** Acts, one a page, drawn with the group's own things and for the hand that is asked for, as a file of a plain name. */
export async function actCardsAnswer(
	{ url, locals, cookies }: RequestEvent,
	acts: readonly ActName[],
	name: string
): Promise<Response> {
	const [reader, things] = await Promise.all([readerOf({ locals, cookies }), ownThings(locals.db)]);
	const { lengthSystem: system, stitchTerms: terms } = reader;
	const bytes = await runInWorker('cards', {
		groupName: reader.name,
		acts,
		owns: things.map((own) => ({ ...own, system, terms })),
		hand: handAsked(url, cookies),
		...paperAsked(url, reader),
		date: new Date()
	});
	return answerPdf(bytes, name);
}
