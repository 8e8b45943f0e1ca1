import { techniqueKinds } from '$lib/core/techniques/technique';
import { signsOf } from '$lib/stages/know-how/signs';
import type { PageLoad } from './$types';

/** What was seen of a mat, and what was said of it, as the address has it. */
export const load: PageLoad = ({ url: { searchParams } }) => {
	const [sign, is, fault] = ['sign', 'is', 'fault'].map((name) => searchParams.get(name));
	const technique =
		techniqueKinds.find((kind) => kind === searchParams.get('technique')) ?? 'crochet';
	const signs = signsOf(technique);
	// A fault that is named leads to the sign one sees of it.
	const seen =
		signs.find(({ id }) => id === sign) ??
		signs.find(({ answers }) => answers.some(({ mended }) => mended === fault)) ??
		null;
	const [only] = seen?.answers ?? [];
	const said =
		seen?.answers.find(({ mended }) => mended === (is ?? fault)) ??
		(seen?.answers.length === 1 ? only : undefined);
	return { technique, signs, seen, mended: said?.mended ?? null };
};
