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

/** What does not change is the very same thing, so that whoever draws it can tell. */
function mixed(from: unknown, to: unknown, share: number): unknown {
	if (from === to) return to;
	// At its end it is there to the last digit.
	if (typeof from === 'number' && typeof to === 'number')
		return share === 1 ? to : from + share * (to - from);
	if (Array.isArray(from) && Array.isArray(to)) {
		// Marks that come beside others stand at once; a line of other places is another line.
		if (from.length !== to.length && !to.every(isRecord)) return to;
		const all: unknown[] = to.map((end, at) => mixed(from[at], end, share));
		return all.every((one, at) => one === to[at]) ? to : all;
	}
	if (isRecord(from) && isRecord(to) && from['show'] === to['show']) {
		const all = Object.entries(to).map(([name, end]): [string, unknown] => [
			name,
			name in from ? mixed(from[name], end, share) : end
		]);
		return all.every(([name, one]) => one === to[name]) ? to : Object.fromEntries(all);
	}
	return to;
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);
