import type { LengthSystem } from '../core/units/format-length';
import type { Sentences, Typed } from './form-reader';

/** An entry on this device, until the server has said that it is kept. */
export interface Waiting {
	readonly key: string;
	/** The group it was typed for; of another group it waits until that is back. */
	readonly group: string;
	/** The account it was typed under, and its name; none where nobody signs in, and of what was typed before that was noted. */
	readonly account?: string;
	readonly accountName?: string;
	readonly type: string;
	readonly typed: Typed;
	/** The device, and the how-manieth entry of that device it is. */
	readonly device?: string;
	readonly sequence?: number;
	/** The units of what is typed with none. */
	readonly lengths?: LengthSystem;
	/** When it was typed; it may wait for hours. */
	readonly at?: string;
	/** What it is, in words a person knows it by. */
	readonly words: string;
	/** Why the server would not have it; it stays until it is put right or thrown away. */
	readonly problems?: Sentences;
}

/** Whether all that stands against an entry is the question whether an odd figure is right. */
export const isOnlyAsked = (problems: Sentences | undefined): boolean =>
	problems !== undefined && Object.keys(problems).join() === 'sure';

/** Entries in the order they were typed: what goes out of the store may have come in just before. */
export const inOrder = (entries: readonly Waiting[]): Waiting[] =>
	entries.toSorted((one, other) => (one.at ?? '').localeCompare(other.at ?? ''));

/** How an entry went. What the server would not have lies on the shelf until it is dropped; what is `lost` lies nowhere but in its fields. */
export type Sent =
	| { readonly outcome: 'kept' | 'waits' | 'lost' }
	| { readonly outcome: 'refused'; readonly key: string; readonly problems: Sentences };
