/** A path of this application, for going there after an act; anything else goes to its front door. */
export const ownPath = (given: unknown): string => {
	if (typeof given !== 'string' || given.length > 2000) return '/';
	// Two slashes, or a backslash that browsers take for one, would lead to another's house.
	return /^\/(?![/\\])[\w\-./?=&%+~:,@]*$/.test(given) ? given : '/';
};
