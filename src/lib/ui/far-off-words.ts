import type { FarOff } from '../core/judge/far-off';
import { figure } from './number-words';

/** The question a figure raises that is far from what was expected. */
export const farOffWords = (what: string, { ratio }: FarOff): string =>
	ratio >= 1
		? `${what}: ${figure(ratio)} times what was expected. Did a digit or a unit slip in?`
		: `${what}: only ${figure(ratio * 100)} % of what was expected. Did a digit or a unit slip in?`;
