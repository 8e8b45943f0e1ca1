import { readEntry as say } from '$lib/words/common';
import { DomainError } from '../core/domain-error';
import type { LengthSystem } from '../core/units/format-length';
import type { Sentences, Typed } from './form-reader';
import { FormReader } from './form-reader';
import type { Entry } from './registry';
import { entryTypeOf } from './registry';

export type ReadEntry =
	| { readonly entry: Entry; readonly typed: Typed; readonly problems?: never }
	| { readonly entry?: never; readonly typed?: never; readonly problems: Sentences };

/** What an entry is read by: the units of what is typed with none, and the day it is in the hall. */
export interface ReadBy {
	readonly system: LengthSystem;
	readonly today: string;
	/** The day it was typed on, where that was another. */
	readonly typedOn?: string;
}

/**
 * Reads an entry from what was typed; the same in the page and on the server. What was typed comes back as the book
 * has it: labels in the one way there is.
 */
export function readEntry(
	name: string,
	typed: Typed,
	{ system, today, typedOn = today }: ReadBy
): ReadEntry {
	const type = entryTypeOf(name);
	if (!type) return { problems: { type: say.thisKindOfEntryIs() } };
	const read = new FormReader(typed, system, today, typedOn);
	try {
		const entry = type.read(read);
		return read.isGood
			? { entry, typed: { ...typed, ...read.canonical } }
			: { problems: read.problems };
	} catch (error) {
		if (!(error instanceof DomainError)) throw error;
		read.problems[error.parameter] = say.thisDoesNotFitWhat();
		return { problems: read.problems };
	}
}
