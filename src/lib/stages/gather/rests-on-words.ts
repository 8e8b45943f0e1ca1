import { restsOnWords as say } from '$lib/words/gather';
import type { LedgerReason, LineForm } from '$lib/core/store/forms';
import { formWords } from '$lib/ui/store-words';
import { wholeNumber } from '$lib/ui/number-words';

/** An entry that took from the store what an earlier one put there. */
export interface RestingEntry {
	readonly amount: number;
	readonly colour: string;
	readonly form: LineForm;
	readonly reason: LedgerReason;
	readonly typedAt: Date;
}

/** Why an entry cannot be taken back: which later ones rest on it, and that they go first. */
export function restsOnWords(resting: readonly RestingEntry[]): string {
	const [first, ...others] = resting.map(
		({ amount, colour, form, reason, typedAt }) =>
			`${wholeNumber(amount)}${form === 'scrap' ? ' g' : ''} ${colour} ${formWords[form]} (${reason}, ${typedAt.toISOString().slice(0, 10)})`
	);
	if (first === undefined) return say.someOfWhatItPut();
	const all = [first, ...others].join(' · ');
	return say.someOfWhatItPut2({ all, isLength: others.length > 0 ? 'yes' : 'no' });
}
