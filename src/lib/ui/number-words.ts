import { numberWords as say } from '$lib/words/common';
import { written } from '../words/writing';

/** A whole number, digits grouped as the reader's country does: `1,812`. */
export const wholeNumber = (value: number): string => written(Math.round(value));

/** A figure with as many digits as its size deserves: 0.94, 1.5, 41, 1,812. The size is that of the figure as it is rounded. */
export function figure(value: number): string {
	const size = Math.abs(value);
	if (Number(size.toFixed(2)) < 1) return written(value, 2);
	return Number(size.toFixed(1)) < 10 ? written(value, 1) : wholeNumber(value);
}

/** A figure with so many decimals, whatever its size. */
export const fixed = written;

/** An end of an interval, rounded to two figures or three, since more would be a pretence. */
export function roughly(value: number): string {
	const digits = value >= 100 ? 2 : 3;
	return figure(Number(value.toPrecision(digits)));
}

/** A count that is not sure, from the bag below to the bag above: `584–595`. */
export const countRange = (low: number, high: number): string =>
	`${wholeNumber(Math.floor(low))}–${wholeNumber(Math.ceil(high))}`;

const small = say.noOneTwoThreeFour().split(' ');

/** A small count as it is said: `two`, `twelve`, `13`. */
export const smallNumber = (count: number): string => small[count] ?? wholeNumber(count);

/** Words as they begin a sentence. */
export const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
