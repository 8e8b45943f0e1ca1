import type { ReadPlan } from '$lib/stages/plan/document/plan-file';
import { readPlanText } from '$lib/stages/plan/document/plan-file';

/** The plan in a word of an address (see `planToWord`), or why there is none. */
export const planOfWord = (word: string): ReadPlan =>
	readPlanText(Buffer.from(word, 'base64url').toString('utf8'));
