import { HandOverAccountPdfDoor as say } from '$lib/words/hand-over';
import { accountIn } from '$lib/server/hand-over/account';
import { periodIn } from '$lib/server/hand-over/period-in';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { answerPdf } from '$lib/server/web/answer-file';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** Results so far, on one page. */
export const GET: RequestHandler = async ({ url, locals, cookies }) => {
	const [reader, account] = await Promise.all([
		readerOf({ locals, cookies }),
		accountIn(locals.db, periodIn(url))
	]);
	if (account.account.deliveries === 0) error(404, { message: say.nothingWasDeliveredInThat() });
	const bytes = await runInWorker('account', {
		groupName: reader.name,
		account,
		system: reader.lengthSystem,
		...paperAsked(url, reader),
		date: new Date()
	});
	return answerPdf(bytes, say.resultsSoFar());
};
