/** Letters of a name that tell it from others: small, with one space between words. */
const plain = (name: string): string => name.trim().toLowerCase().replace(/\s+/g, ' ');

/** Letters to put in, leave out, change or swap to make one text of another (optimal string alignment distance). */
function editsBetween(one: string, other: string): number {
	let before: number[] = [];
	let last = Array.from({ length: other.length + 1 }, (_, at) => at);
	for (let row = 1; row <= one.length; row++) {
		const now = [row];
		for (let at = 1; at <= other.length; at++) {
			const isSame = one[row - 1] === other[at - 1];
			const least = Math.min(
				(last[at] ?? 0) + 1,
				(now[at - 1] ?? 0) + 1,
				(last[at - 1] ?? 0) + (isSame ? 0 : 1)
			);
			const isSwapped = one[row - 1] === other[at - 2] && one[row - 2] === other[at - 1];
			now[at] = row > 1 && at > 1 && isSwapped ? Math.min(least, (before[at - 2] ?? 0) + 1) : least;
		}
		before = last;
		last = now;
	}
	return last[other.length] ?? 0;
}

/** The longest name that is compared: longer ones are cut. */
const mostLetters = 120;

/**
 * A known name that a new one may be meant for: but for a letter or two they are the same. Null where it is one of the
 * known, or unlike all of them.
 *
 * @source optimal string alignment distance; one letter in names of up to six, two in longer ones
 * @example similarName('Town libary', ['Ferry kiosk', 'Town library']) // 'Town library'
 */
export function similarName(name: string, known: readonly string[]): string | null {
	const typed = plain(name).slice(0, mostLetters);
	if (typed === '' || known.some((one) => plain(one) === plain(name))) return null;
	const most = typed.length <= 6 ? 1 : 2;
	// Numbers tell names apart that are alike on purpose: "Room 1" and "Room 2".
	const figures = (text: string) => text.replace(/\D+/g, ' ');
	return (
		known.find((one) => {
			const other = plain(one).slice(0, mostLetters);
			return (
				other.length > 3 &&
				typed.length > 3 &&
				figures(other) === figures(typed) &&
				Math.abs(other.length - typed.length) <= most &&
				editsBetween(typed, other) <= most
			);
		}) ?? null
	);
}
