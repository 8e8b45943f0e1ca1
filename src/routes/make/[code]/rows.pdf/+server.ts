import { readCode } from '$lib/core/code/code';
import { papers } from '$lib/ui/reader';
import { whileReached } from '$lib/server/db/away';
import { heavily } from '$lib/server/heavy/heavy-work';
import { findMat } from '$lib/server/hand/mats';
import { answerPdf } from '$lib/server/web/answer-file';
import { readerOf } from '$lib/server/web/reader';
import { error } from '@sveltejs/kit';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const shape = z.object({
	paper: z.enum(papers).nullable().catch(null),
	large: z.literal('yes').optional().catch(undefined)
});

/** The row sheet of a mat, from where it stands. */
export const GET: RequestHandler = async ({ params, url, locals, cookies }) => {
	const asked = shape.parse({ paper: null, ...Object.fromEntries(url.searchParams) });
	const read = readCode(params.code.slice(0, 20));
	const reader = await whileReached(readerOf({ locals, cookies }));
	const mat =
		read.problem === undefined
			? await whileReached(findMat(locals.groupId, read.code, reader))
			: null;
	if (!mat) error(404, { message: 'No mat in hand has that label.' });
	const bytes = await heavily('matRowSheet', {
		mat,
		planName: mat.planName,
		planVersion: mat.planVersion,
		paper: asked.paper ?? reader.paper,
		isLarge: asked.large === 'yes',
		date: new Date(),
		locale: reader.locale,
		timeZone: reader.timeZone
	});
	return answerPdf(bytes, `The mat ${mat.code} row by row`);
};
