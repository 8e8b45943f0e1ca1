import type { SeasonChainNow } from './season-chain';
import type { SeasonSaid } from './season-said';
import type { SeasonBasis } from './season-view';

/** What the page of a season is drawn from, the same for whoever reads. */
export interface SeasonPacked {
	readonly basis: SeasonBasis;
	readonly said: SeasonSaid | null;
	readonly chain: SeasonChainNow;
}

const texts = new WeakMap<object, string>();
/** An object as text: what is remembered is written once, however often it is sent. */
function textOf(of: object | null): string {
	if (of === null) return 'null';
	const known = texts.get(of) ?? JSON.stringify(of);
	texts.set(of, known);
	return known;
}

/** A season as one text: hundreds of figures go into a page at once, and not one by one. */
export const packed = ({ basis, said, chain }: SeasonPacked): string =>
	`{"basis":${textOf(basis)},"said":${textOf(said)},"chain":${textOf(chain)}}`;

/** Seasons that were read out of their text last. */
const read = new Map<string, SeasonPacked>();
const mostRead = 40;

/** The same out of its text; what was read lately is the same object again. */
export function unpacked(text: string): SeasonPacked {
	const known = read.get(text) ?? (JSON.parse(text) as SeasonPacked);
	if (read.size >= mostRead) read.clear();
	read.set(text, known);
	return known;
}
