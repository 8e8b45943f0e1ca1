import { techniqueKinds } from '$lib/core/techniques/technique';
import { signsOf } from '$lib/stages/know-how/signs';
import { z } from 'zod';
import type { PageLoad } from './$types';

const shape = z.object({
	technique: z.enum(techniqueKinds).catch('crochet'),
	sign: z.string().optional(),
	is: z.string().optional()
});

/** What was seen of a mat, and what was said of it, as the address has it. */
export const load: PageLoad = ({ url }) => {
	const { technique, sign, is } = shape.parse(Object.fromEntries(url.searchParams));
	const signs = signsOf(technique);
	const seen = signs.find(({ id }) => id === sign) ?? null;
	const [only] = seen?.answers ?? [];
	const said =
		seen?.answers.find(({ mended }) => mended === is) ??
		(seen?.answers.length === 1 ? only : undefined);
	return { technique, signs, seen, mended: said?.mended ?? null };
};
