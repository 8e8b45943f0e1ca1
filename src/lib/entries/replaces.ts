import type { Typed } from './form-reader';
import type { Correctable } from './types/correction';
import { correctables } from './types/correction';

/** The field that says in which entry's place one stands that was edited; and the one that says why, if anything does. */
export const replacesField = 'replaces';
export const whyField = 'replaces_why';

/** What an edited entry stands in the place of: what it is called, and its number. */
export interface Replaced {
	readonly of: Correctable;
	readonly corrects: string;
}

/** `drop-off:3` as its parts; null where it is nothing of the kind. */
export function replacedBy(typed: Typed): Replaced | null {
	const [of, corrects = ''] = (typed[replacesField] ?? '').split(':');
	const known = correctables.find((one) => one === of);
	return known && known !== 'key' && known !== 'movement' && /^\d{1,9}$/.test(corrects)
		? { of: known, corrects }
		: null;
}
