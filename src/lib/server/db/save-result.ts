/** How an entry went. `duplicate`: the same idempotency key was there already, and it counts once. */
export type SaveResult =
	| { readonly outcome: 'kept' | 'duplicate'; readonly id: number | string }
	| { readonly outcome: 'refused'; readonly problems: Readonly<Record<string, string>> };

/** An entry that is not kept, with the sentence for its field. */
export const refuse = (field: string, sentence: string): SaveResult => ({
	outcome: 'refused',
	problems: { [field]: sentence }
});
