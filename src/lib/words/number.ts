import { written } from './writing';

/** A number within a message, as whoever reads writes it: what stands for it there is a hash. */
export const number = (_locale: string, value: number, offset: number): string =>
	written(value - offset, 0);

/** Which of the forms of a word goes with a number. */
export const en = (value: number): string => (value === 1 ? 'one' : 'other');
