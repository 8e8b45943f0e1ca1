import type { Tally, TallyName } from '../core/plan/estimate';
import { figure, wholeNumber } from './number-words';

/** What each figure of the tally is called, its unit, and whether it is counted in whole things. */
export const tallyWords: Readonly<
	Record<TallyName, { readonly label: string; readonly unit: string; readonly isCounted: boolean }>
> = {
	toCollect: { label: 'Bags to collect', unit: '', isCounted: true },
	toPrepare: { label: 'Bags to prepare', unit: '', isCounted: true },
	strandM: { label: 'Strand', unit: 'm', isCounted: false },
	balls: { label: 'Balls', unit: '', isCounted: true },
	joints: { label: 'Joints', unit: '', isCounted: true },
	hours: { label: 'Hands-on time', unit: 'h', isCounted: false },
	matKg: { label: 'Mat weighs', unit: 'kg', isCounted: false },
	cover: { label: 'Cover', unit: '', isCounted: false }
};

/** A figure as the tally shows it: counted things rounded up. */
export function tallyValue(tally: Tally, name: TallyName): string {
	const { expected } = tally[name];
	if (name === 'cover') return expected.toFixed(2);
	return tallyWords[name].isCounted ? wholeNumber(Math.ceil(expected)) : figure(expected);
}

/** How far a figure is from that of another plan, with its sign; empty where it is the same. */
export function differenceWords(tally: Tally, pinned: Tally, name: TallyName): string {
	const by = tally[name].expected - pinned[name].expected;
	const size = Math.abs(by);
	const shown =
		name === 'cover'
			? size.toFixed(2)
			: tallyWords[name].isCounted
				? wholeNumber(size)
				: figure(size);
	if (Number(shown.replace(/\s/g, '')) === 0) return '';
	const { unit } = tallyWords[name];
	return `${by < 0 ? '−' : '+'}${shown}${unit ? ` ${unit}` : ''}`;
}
