import { sheetAddress as say } from '$lib/words/plan';
import type { Plan } from '$lib/core/model/types';
import { planToWord } from './plan-link';

/** Where a sheet of a plan is fetched. */
export function sheetAddress(
	sheet: string,
	plan: Plan,
	name: string,
	asked: Readonly<Record<string, string | null>>
): string {
	const query = Object.entries({
		p: planToWord(plan),
		name: name.trim() || say.planNotNamedYet(),
		...asked
	}).flatMap(([key, value]) => (value === null ? [] : [`${key}=${encodeURIComponent(value)}`]));
	return `/sheets/${sheet}?${query.join('&')}`;
}
