import { wordId } from '$lib/server/know-how/search';
import { readerOf } from '$lib/server/web/reader';
import { glossaryOf } from '$lib/stages/know-how/glossary';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const { stitchTerms } = await readerOf(event);
	return { words: glossaryOf(stitchTerms).map((one) => ({ ...one, id: wordId(one.word) })) };
};
