export const longestName = 120;

export type NameProblem =
	| { readonly code: 'name-empty' }
	| { readonly code: 'name-too-long'; readonly length: number; readonly longest: number }
	| { readonly code: 'name-unreadable' };

/** A plan's name without the spaces around it, or why it cannot be one. */
export function readName(
	text: string
): { name: string; problem?: never } | { name?: never; problem: NameProblem } {
	const name = text.replace(/\s+/g, ' ').trim();
	if (name === '') return { problem: { code: 'name-empty' } };
	const { length } = [...name];
	if (length > longestName)
		return { problem: { code: 'name-too-long', length, longest: longestName } };
	// Control characters and half surrogate pairs cannot be shown or stored.
	// eslint-disable-next-line no-control-regex
	if (/[\u0000-\u001f\u007f]|\p{Surrogate}/u.test(name))
		return { problem: { code: 'name-unreadable' } };
	return { name };
}

/** A name of only letters that every disk can keep; `plan` where none are left. */
export const fileNameOf = (name: string): string =>
	name
		.normalize('NFKD')
		.replace(/[^A-Za-z0-9]+/g, '-')
		.replace(/^-|-$/g, '')
		.slice(0, 60) || 'plan';
