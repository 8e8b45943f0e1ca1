import { MakeCodeRowsPdfDoor as say } from '$lib/words/making';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { findMat } from '$lib/server/making/mats';
import { answerPdf } from '$lib/server/web/answer-file';
import { paperAsked } from '$lib/server/web/paper-asked';
import { readerOf } from '$lib/server/web/reader';
import { byLabel } from '$lib/server/web/by-label';
import type { RequestHandler } from './$types';

/** The row sheet of a mat, from where it stands. */
export const GET: RequestHandler = async ({ params, url, locals, cookies }) => {
	const reader = await readerOf({ locals, cookies });
	const mat = await byLabel(
		params.code,
		(code) => findMat(locals.db, code, reader),
		say.noMatInHandHas()
	);
	const bytes = await runInWorker('matRowSheet', {
		mat,
		planName: mat.planName,
		planVersion: mat.planVersion,
		...paperAsked(url, reader),
		date: new Date()
	});
	return answerPdf(bytes, say.theMatRowByRow({ code: mat.code }));
};
