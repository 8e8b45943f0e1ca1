import { farOffWords as say } from '$lib/words/common';
import type { FarOff } from '../core/judge/far-off';
import { figure } from './number-words';

/** The question a figure raises that is far from what was expected. */
export const farOffWords = (what: string, { ratio }: FarOff): string =>
	ratio >= 1
		? say.timesWhatWasExpectedDid({ what, ratio: figure(ratio) })
		: say.onlyOfWhatWasExpected({ what, ratio: figure(ratio * 100) });
