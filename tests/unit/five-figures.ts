/** The same value with every number to five figures, and without what is undefined. */
export function fiveFigures(value: unknown): unknown {
	if (typeof value === 'number') return Number(value.toPrecision(5));
	if (Array.isArray(value)) return value.map(fiveFigures);
	if (value === null || typeof value !== 'object') return value;
	return Object.fromEntries(
		Object.entries(value)
			.filter(([, one]) => one !== undefined)
			.map(([key, one]) => [key, fiveFigures(one)])
	);
}
