import { SheetsSheetDoor as say } from '$lib/words/sheets';
import { uuidShape } from '$lib/server/base/uuid';
import { lengthSystems } from '$lib/core/units/format-length';
import { stitchTerms } from '$lib/ui/stitch-words';
import { fileNameOf } from '$lib/ui/name';
import { fileProblemWords } from '$lib/stages/plan/words/problem-words';
import { sheetNames } from '$lib/stages/plan/words/sheets';
import { planOfWord } from '$lib/server/plan/plan-of-word';
import { guideSvg } from '$lib/server/sheets/guide';
import { runInWorker } from '$lib/server/heavy/heavy-work';
import { practiceOrBare } from '$lib/server/measures/practice-asked';
import { papers } from '$lib/ui/reader';
import { answerPdf } from '$lib/server/web/answer-file';
import { isOnlyHere } from '$lib/server/web/own-address';
import { readerOrUsual } from '$lib/server/web/reader';
import { error, type RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const query = z.object({
	p: z.string().max(20_000).catch(''),
	name: z.string().trim().min(1).max(120).catch(say.planWithoutAName()),
	plan: uuidShape.nullable().catch(null),
	version: z.coerce.number().int().min(1).nullable().catch(null),
	paper: z.enum(papers).nullable().catch(null),
	large: z.string().optional(),
	lengths: z.enum(lengthSystems).nullable().catch(null),
	terms: z.enum(stitchTerms).nullable().catch(null)
});

/** A sheet to print for the plan in the address: a PDF, or the cutting guide as SVG. */
export const GET: RequestHandler<{ sheet: string }> = async ({ params, url, locals, cookies }) => {
	const asked = query.parse({
		paper: null,
		lengths: null,
		plan: null,
		terms: null,
		...Object.fromEntries(url.searchParams)
	});
	const reader = await readerOrUsual({ locals, cookies });
	const lengths = asked.lengths ?? reader.lengthSystem;
	const read = planOfWord(asked.p);
	if (read.problems) {
		const [problem] = read.problems;
		error(problem?.status ?? 422, {
			message: problem ? fileProblemWords(problem, lengths) : say.thereIsNoPlanIn()
		});
	}
	const { plan } = read;
	if (params.sheet === 'guide.svg') {
		return new Response(guideSvg(plan.bag, plan.cut, asked.name), {
			headers: {
				'content-type': 'image/svg+xml',
				'content-disposition': `attachment; filename="${fileNameOf(asked.name)}.guide.svg"`
			}
		});
	}
	const sheet = sheetNames.find((name) => params.sheet === `${name}.pdf`);
	const bytes =
		sheet &&
		(await runInWorker('sheet', {
			sheet,
			plan,
			practice: await practiceOrBare(locals.db),
			planName: asked.name,
			version: asked.version,
			address: asked.plan && !isOnlyHere(url) ? `${url.origin}/plan/${asked.plan}` : null,
			date: new Date(),
			paper: asked.paper ?? reader.paper,
			isLarge: asked.large === 'yes',
			system: lengths,
			terms: asked.terms ?? reader.stitchTerms,
			locale: reader.locale,
			timeZone: reader.timeZone
		}));
	if (!bytes) error(404, { message: say.thisPlanHasNoSuch() });
	return answerPdf(bytes, `${fileNameOf(asked.name)}.${sheet}`);
};
