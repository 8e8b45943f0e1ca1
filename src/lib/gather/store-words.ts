import { figure, wholeNumber } from '../plan/number-words';
import type { Form, MoveReason } from './entry-types';

/** The forms of the store, as they are counted. */
export const formWords: Readonly<Record<Form, string>> = {
	bag: 'bags',
	piece: 'cut pieces',
	ball: 'balls',
	stuffing: 'bags for stuffing',
	scrap: 'scrap'
};

export const reasonWords: Readonly<Record<MoveReason, string>> = {
	cut: 'cut',
	joined: 'joined and balled',
	made: 'made into a mat',
	given: 'given away',
	counted: 'counted again'
};

/** Scrap in kilograms, all else as a count. */
export const amountWords = (form: Form, amount: number): string =>
	form === 'scrap' ? `${figure(amount / 1000)} kg` : wholeNumber(amount);

/** `480 cut pieces`, `1.9 kg of scrap`. */
export const heapWords = (form: Form, amount: number): string =>
	`${amountWords(form, amount)} ${form === 'scrap' ? 'of scrap' : formWords[form]}`;
