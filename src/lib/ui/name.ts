export const longestName = 120;

export type NameProblem =
	| { readonly code: 'name-empty' }
	| { readonly code: 'name-too-long'; readonly length: number; readonly longest: number }
	| { readonly code: 'name-unreadable' };

/** Whether a text has control characters or half surrogate pairs, which can neither be shown nor stored. */
export const isUnreadable = (text: string): boolean =>
	// eslint-disable-next-line no-control-regex
	/[\u0000-\u001f\u007f]|\p{Surrogate}/u.test(text);

/** A plan's name without the spaces around it, or why it cannot be one. */
export function readName(
	text: string
): { name: string; problem?: never } | { name?: never; problem: NameProblem } {
	const name = text.replace(/\s+/g, ' ').trim();
	if (name === '') return { problem: { code: 'name-empty' } };
	const { length } = [...name];
	if (length > longestName)
		return { problem: { code: 'name-too-long', length, longest: longestName } };
	if (isUnreadable(name)) return { problem: { code: 'name-unreadable' } };
	return { name };
}

/** A name of only letters that every disk can keep; `plan` where none are left. */
export const fileNameOf = (name: string): string =>
	name
		.normalize('NFKD')
		.replace(/[^A-Za-z0-9]+/g, '-')
		.replace(/^-|-$/g, '')
		.slice(0, 60) || 'plan';
