import { farOff } from '$lib/core/judge/far-off';
import { farOffWords } from '$lib/ui/far-off-words';
import type { SaveResult } from '../db/save-result';
import { refuse } from '../db/save-result';
import type { Booked } from './entries';

/** A figure as it was typed, and what was expected of it; null where nothing was typed, or nothing is expected. */
export interface Figure {
	readonly what: string;
	readonly value: number | null;
	readonly expected: number | null;
	/** A difference below this matters to nobody. */
	readonly least?: number;
}

/** Asks about the first figure that is far from what was expected, unless somebody said that it is right. */
export function askFarOff(
	{ isSure }: Pick<Booked, 'isSure'>,
	figures: readonly Figure[]
): SaveResult | null {
	if (isSure) return null;
	for (const { what, value, expected, least } of figures) {
		const odd = value === null || expected === null ? null : farOff(value, expected, least);
		if (odd) return refuse('sure', farOffWords(what, odd));
	}
	return null;
}
