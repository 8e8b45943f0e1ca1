/** What each may, as it is said to those it is for. */
export const roleWords = {
	coordinator: 'all of the group, its settings, people and links',
	helper: 'typing whatever is gathered, prepared, made and checked, and reading',
	reader: 'reading, without what people need'
} as const;
