/** A query string of what is not empty, in the order given. */
export const queryOf = (values: Readonly<Record<string, string>>): string =>
	new URLSearchParams(Object.entries(values).filter(([, value]) => value !== '')).toString();
