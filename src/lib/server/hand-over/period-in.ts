import { readCode } from '$lib/core/code/code';
import type { Period } from '$lib/stages/hand-over/account-view';

const yearIn = (text: string | null): number | null =>
	text !== null && /^20\d\d$/.test(text) ? Number(text) : null;

/** The period that an address asks for; all of it where it asks for none that can be. */
export function periodIn({ searchParams }: Pick<URL, 'searchParams'>): Period {
	const begins = yearIn(searchParams.get('season'));
	if (begins !== null) return { of: 'season', begins };
	const year = yearIn(searchParams.get('year'));
	if (year !== null) return { of: 'year', year };
	const code = readCode((searchParams.get('delivery') ?? '').slice(0, 20));
	return code.problem === undefined ? { of: 'delivery', code: code.code } : { of: 'all' };
}
