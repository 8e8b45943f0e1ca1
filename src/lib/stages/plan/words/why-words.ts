// Why the figures of one plan are not those of another, in a line: the largest shares first.
import { whyWords as say } from '$lib/words/plan';
import type { FigureShift, PlanFactor } from '$lib/core/explain/why-moved';
import { figure, wholeNumber } from '$lib/ui/number-words';

/** How a factor changed: greater, smaller, or simply otherwise. */
const changed: Readonly<Record<PlanFactor, readonly [more: string, less: string, other: string]>> =
	{
		size: [say.aLargerMat(), say.aSmallerMat(), say.anotherShapeOfMat()],
		bag: [say.aHeavierBag(), say.aLighterBag(), say.anotherBag()],
		trim: [say.moreTrimmedOff(), say.lessTrimmedOff(), say.trimmedOtherwise()],
		strip: [say.aWiderStrip(), say.aNarrowerStrip(), say.anotherStrip()],
		cut: [say.aWiderStripCutOtherwise(), say.aNarrowerStripCutOtherwise(), say.anotherCut()],
		weft: [say.aWiderWeft(), say.aNarrowerWeft(), say.anotherWeft()],
		stitch: [say.anotherStitch(), say.anotherStitch(), say.anotherStitch()],
		hook: [say.largerStitches(), say.smallerStitches(), say.anotherHook()],
		pitch: [say.widerApart(), say.closerTogether(), say.anotherSpacing()],
		technique: [say.anotherTechnique(), say.anotherTechnique(), say.anotherTechnique()],
		join: [say.anotherJoint(), say.anotherJoint(), say.anotherJoint()],
		finish: [say.anotherFinish(), say.anotherFinish(), say.anotherFinish()],
		work: [say.anotherWayOfWorking(), say.anotherWayOfWorking(), say.anotherWayOfWorking()]
	};

const amount = (
	by: number,
	one: string,
	many: string,
	words: (value: number) => string
): string => {
	const size = words(Math.abs(by));
	return say.amountLessOrMore({
		size,
		unit: size === '1' ? one : many,
		isLess: by < 0 ? 'yes' : 'no'
	});
};

/** One share in words: `larger stitches: fewer rows, 40 bags less, 3 h less`; empty where nothing shows. */
export function moveWords({ factor, bags, hours, rows, by }: FigureShift): string {
	const [more, less, other] = changed[factor];
	const what = by > 0 ? more : by < 0 ? less : other;
	const parts: string[] = [];
	if (Math.abs(rows) >= 1) parts.push(rows < 0 ? say.fewerRows() : say.moreRows());
	if (Math.abs(bags) >= 0.5)
		parts.push(amount(bags, 'bag', 'bags', (value) => wholeNumber(Math.round(value))));
	if (Math.abs(hours) >= 0.05) parts.push(amount(hours, 'h', 'h', figure));
	const [onlyRows] = parts;
	if (!onlyRows || (parts.length === 1 && onlyRows.endsWith('rows'))) return '';
	return `${what}: ${parts.join(', ')}`;
}

/** What the tally says the difference is, and the figures it is measured on. */
export interface Difference {
	readonly bags: number;
	readonly hours: number;
}

/**
 * The line beside the difference: the three largest shares, by what they move of the whole. The shares
 * are taken of the difference that the tally shows, so that the two never differ.
 */
export function whyWords(
	moves: readonly FigureShift[],
	shown: Difference,
	whole: Difference
): string {
	const times = (of: 'bags' | 'hours') => {
		const sum = moves.reduce((total, move) => total + move[of], 0);
		return Math.abs(sum) > 1e-9 && Math.abs(shown[of] / sum - 1) < 0.5 ? shown[of] / sum : 1;
	};
	const [bags, hours] = [times('bags'), times('hours')];
	const weight = (move: FigureShift) =>
		Math.abs(move.bags) / Math.max(1, whole.bags) + Math.abs(move.hours) / Math.max(1, whole.hours);
	return moves
		.map((move) => ({ ...move, bags: move.bags * bags, hours: move.hours * hours }))
		.sort((a, b) => weight(b) - weight(a))
		.map(moveWords)
		.filter(Boolean)
		.slice(0, 3)
		.join(' · ');
}
