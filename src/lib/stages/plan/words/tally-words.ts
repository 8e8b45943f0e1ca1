import { tallyWords as say } from '$lib/words/plan';
import type { Interval, Tally, TallyName } from '$lib/core/estimate/estimate';
import type { LengthSystem } from '$lib/core/units/format-length';
import { strandUnit } from '$lib/core/units/format-length';
import { gPerUnit } from '$lib/core/units/parse-mass';
import { figure, fixed, roughly, wholeNumber } from '$lib/ui/number-words';

/** What each figure of the tally is called, and whether it is counted in whole things. */
export const tallyWords: Readonly<
	Record<TallyName, { readonly label: string; readonly isCounted: boolean }>
> = {
	toCollect: { label: say.bagsToCollect(), isCounted: true },
	toPrepare: { label: say.bagsToPrepare(), isCounted: true },
	strandM: { label: say.yarn(), isCounted: false },
	balls: { label: say.balls(), isCounted: true },
	joints: { label: say.joints(), isCounted: true },
	hours: { label: say.workingTime(), isCounted: false },
	matKg: { label: say.matWeight(), isCounted: false },
	cover: { label: say.closeness(), isCounted: false }
};

/** The unit a figure is shown in, and how many of it one of the model's own is. */
export function tallyUnit(
	name: TallyName,
	system: LengthSystem
): { readonly unit: string; readonly times: number } {
	switch (name) {
		case 'strandM': {
			const { mm, unit } = strandUnit(system);
			return { unit, times: 1000 / mm };
		}
		case 'matKg':
			return system === 'ft' ? { unit: 'lb', times: 1000 / gPerUnit.lb } : { unit: 'kg', times: 1 };
		case 'hours':
			return { unit: 'h', times: 1 };
		default:
			return { unit: '', times: 1 };
	}
}

/** A figure of the tally as it is shown: counted things rounded up. The one rounding there is. */
export function figureWords(value: number, name: TallyName, system: LengthSystem): string {
	if (name === 'cover') return fixed(value, 2);
	if (tallyWords[name].isCounted) return wholeNumber(Math.ceil(value - 1e-9));
	return figure(value * tallyUnit(name, system).times);
}

export const tallyValue = (tally: Tally, name: TallyName, system: LengthSystem): string =>
	figureWords(tally[name].expected, name, system);

/** The ends of a figure's interval: `584–670`. */
export function intervalWords(
	{ low, high }: Interval,
	name: TallyName,
	system: LengthSystem
): string {
	if (name === 'cover') return `${fixed(low, 2)}–${fixed(high, 2)}`;
	const { times } = tallyUnit(name, system);
	return `${roughly(low * times)}–${roughly(high * times)}`;
}

/** How far a figure is from that of another plan, with its sign; empty where both are shown alike. */
export function differenceWords(
	tally: Tally,
	pinned: Tally,
	name: TallyName,
	system: LengthSystem
): string {
	const { unit, times } = tallyUnit(name, system);
	const { isCounted } = tallyWords[name];
	const shown = (of: Tally) =>
		isCounted ? Math.ceil(of[name].expected - 1e-9) : of[name].expected * times;
	const by = shown(tally) - shown(pinned);
	const size = Math.abs(by);
	if (size < (isCounted ? 0.5 : 0.005)) return '';
	const words = name === 'cover' ? fixed(size, 2) : isCounted ? wholeNumber(size) : figure(size);
	return `${by < 0 ? '−' : '+'}${words}${unit ? ` ${unit}` : ''}`;
}
