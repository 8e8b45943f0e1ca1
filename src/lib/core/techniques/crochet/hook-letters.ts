import { hooks } from './hooks';

/** Sizes that makers give the same letter beside the table's own, mm. */
const alsoMm: Readonly<Record<string, readonly number[]>> = { N: [9], P: [10], T: [25] };

/**
 * The sizes a letter, or a US number, may stand for, mm: several where makers differ, so that it is asked
 * which; none for what is no letter.
 *
 * @example [hooksOfLetter('l'), hooksOfLetter('N')] // [[8], [9, 10]]
 */
export function hooksOfLetter(letter: string): readonly number[] {
	const wanted = letter.trim().toUpperCase();
	const own = hooks.filter(({ us }) => us === wanted).map(({ mm }) => mm as number);
	return [...new Set([...own, ...(alsoMm[wanted] ?? [])])].sort((a, b) => a - b);
}
