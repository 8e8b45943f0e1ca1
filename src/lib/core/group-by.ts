/**
 * Lines apart by a word of theirs, the words in the order they are first met.
 *
 * @example groupBy([1, 2, 3], (one) => one % 2).get(1) // [1, 3]
 */
export function groupBy<Line, Word>(
	lines: readonly Line[],
	wordOf: (line: Line) => Word
): Map<Word, Line[]> {
	const by = new Map<Word, Line[]>();
	for (const line of lines) {
		const word = wordOf(line);
		const own = by.get(word);
		if (own) own.push(line);
		else by.set(word, [line]);
	}
	return by;
}
