/**
 * What lies between two of a kind: every number in them part of the way, whatever else as it is at the end.
 * Where the two are not of one build, it is the second at once.
 *
 * @param share 0 is the first, 1 the second
 * @example between({ at: [0, 2], show: 'peg' }, { at: [4, 2], show: 'peg' }, 0.25) // { at: [1, 2], show: 'peg' }
 */
export function between<T>(from: T, to: T, share: number): T {
	return mixed(from, to, share) as T;
}

function mixed(from: unknown, to: unknown, share: number): unknown {
	// At its end it is there to the last digit.
	if (typeof from === 'number' && typeof to === 'number')
		return share === 1 ? to : from + share * (to - from);
	if (Array.isArray(from) && Array.isArray(to)) {
		// Marks that come beside others stand at once; a line of other places is another line.
		const isList = to.every(isRecord);
		return isList || from.length === to.length
			? to.map((end, at) => mixed(from[at], end, share))
			: to;
	}
	if (isRecord(from) && isRecord(to) && from['show'] === to['show'])
		return Object.fromEntries(
			Object.entries(to).map(([name, end]) => [
				name,
				name in from ? mixed(from[name], end, share) : end
			])
		);
	return to;
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);
