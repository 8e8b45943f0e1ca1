import { estimatePlan } from '$lib/core/plan/estimate';
import { fileNameOf } from '$lib/plan/name';
import { fileProblemWords } from '$lib/plan/problem-words';
import { sheetNames } from '$lib/plan/sheets';
import { planOfWord } from '$lib/server/plan-of-word';
import { guideSvg } from '$lib/server/sheets/guide';
import { makeSheet } from '$lib/server/sheets/make-sheet';
import { error, type RequestHandler } from '@sveltejs/kit';
import { z } from 'zod';

const query = z.object({
	p: z.string().max(20_000).catch(''),
	name: z.string().trim().min(1).max(120).catch('Plan not named yet'),
	version: z.coerce.number().int().min(1).nullable().catch(null),
	paper: z.enum(['a4', 'letter']).catch('a4'),
	large: z.string().optional(),
	lengths: z.enum(['cm', 'ft']).catch('cm'),
	terms: z.enum(['us', 'uk']).catch('us')
});

const named = (name: string, ending: string) => ({
	'content-disposition': `attachment; filename="${fileNameOf(name)}.${ending}"`
});

/** A sheet to print for the plan in the address: a PDF, or the cutting guide as SVG. */
export const GET: RequestHandler<{ sheet: string }> = async ({ params, url }) => {
	const asked = query.parse(Object.fromEntries(url.searchParams));
	const read = planOfWord(asked.p);
	if (read.problems) {
		const [problem] = read.problems;
		error(problem?.status ?? 422, {
			message: problem ? fileProblemWords(problem, asked.lengths) : 'There is no plan in this link.'
		});
	}
	const { plan } = read;
	if (params.sheet === 'guide.svg') {
		return new Response(guideSvg(plan.bag, plan.cut, asked.name), {
			headers: { 'content-type': 'image/svg+xml', ...named(asked.name, 'guide.svg') }
		});
	}
	const sheet = sheetNames.find((name) => params.sheet === `${name}.pdf`);
	const bytes =
		sheet &&
		(await makeSheet({
			sheet,
			plan,
			estimate: estimatePlan(plan),
			planName: asked.name,
			version: asked.version,
			date: new Date(),
			paper: asked.paper,
			isLarge: asked.large === 'yes',
			system: asked.lengths,
			terms: asked.terms
		}));
	if (!bytes) error(404, { message: 'This plan has no such sheet.' });
	return new Response(new Uint8Array(bytes).buffer, {
		headers: { 'content-type': 'application/pdf', ...named(asked.name, `${sheet}.pdf`) }
	});
};
