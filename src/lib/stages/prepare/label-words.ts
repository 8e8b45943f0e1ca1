import { labelWords as say } from '$lib/words/prepare';
import type { LengthSystem } from '$lib/core/units/format-length';
import { formatLength } from '$lib/core/units/format-length';
import type { ThingSort } from '$lib/core/store/forms';
import { shortDayWords } from '$lib/ui/day-words';
import { countRange, figure, wholeNumber } from '$lib/ui/number-words';
import { strandWords } from '$lib/ui/unit-words';
import type { BallContent } from './balls';
import { pieceNames } from './pile-words';

/** Its colours in the order they were wound: one, or mixed and which. */
export function ballColours({ colours }: Pick<BallContent, 'colours'>): string {
	const names = colours.map(({ colour }) => colour);
	return names.length === 1 ? (names[0] ?? '') : say.mixed({ names: names.join(', ') });
}

/** Its strand with the interval, and how it is known: `35 m (33–37)`. */
export function metresWords({ metres }: Pick<BallContent, 'metres'>, system: LengthSystem): string {
	const { expected, low, high } = metres;
	const perMetre = system === 'ft' ? 1 / 0.9144 : 1;
	return `${strandWords(expected * 1000, system)} (${countRange(low * perMetre, high * perMetre)})`;
}

/** How its strips were cut: `loops, 71 mm`. */
export const labelCutWords = ({ cut }: Pick<BallContent, 'cut'>, system: LengthSystem): string =>
	`${pieceNames[cut.style]}, ${system === 'ft' ? formatLength(cut.stripWidthMm, system, 'small') : `${figure(cut.stripWidthMm)} mm`}`;

/** What a label says of a ball or a chain, line by line; the code stands above. */
export function labelLines(
	sort: ThingSort,
	content: BallContent,
	system: LengthSystem
): readonly string[] {
	return [
		say.coloursAndSort({ colours: ballColours(content), isChain: sort === 'chain' ? 'yes' : 'no' }),
		`${wholeNumber(content.bags)} × ${content.kind}`,
		labelCutWords(content, system),
		metresWords(content, system),
		[shortDayWords(content.madeOn), content.planName].filter(Boolean).join(' · ')
	];
}
