// Why the figures of one plan are not those of another, in a line: the largest shares first.
import type { FigureShift, PlanFactor } from '$lib/core/explain/why-moved';
import { figure, wholeNumber } from '$lib/ui/number-words';

/** How a factor changed: greater, smaller, or simply otherwise. */
const changed: Readonly<Record<PlanFactor, readonly [more: string, less: string, other: string]>> =
	{
		size: ['a larger mat', 'a smaller mat', 'another shape of mat'],
		bag: ['a heavier bag', 'a lighter bag', 'another bag'],
		trim: ['more trimmed off', 'less trimmed off', 'trimmed otherwise'],
		strip: ['a wider strip', 'a narrower strip', 'another strip'],
		cut: ['a wider strip, cut otherwise', 'a narrower strip, cut otherwise', 'another cut'],
		weft: ['a wider weft', 'a narrower weft', 'another weft'],
		stitch: ['another stitch', 'another stitch', 'another stitch'],
		hook: ['larger stitches', 'smaller stitches', 'another hook'],
		pitch: ['wider apart', 'closer together', 'another spacing'],
		technique: ['another technique', 'another technique', 'another technique'],
		join: ['another joint', 'another joint', 'another joint'],
		finish: ['another finish', 'another finish', 'another finish'],
		work: ['another way of working', 'another way of working', 'another way of working']
	};

const amount = (
	by: number,
	one: string,
	many: string,
	words: (value: number) => string
): string => {
	const size = words(Math.abs(by));
	return `${size} ${size === '1' ? one : many} ${by < 0 ? 'less' : 'more'}`;
};

/** One share in words: `larger stitches: fewer rows, 40 bags less, 3 h less`; empty where nothing shows. */
export function moveWords({ factor, bags, hours, rows, by }: FigureShift): string {
	const [more, less, other] = changed[factor];
	const what = by > 0 ? more : by < 0 ? less : other;
	const parts: string[] = [];
	if (Math.abs(rows) >= 1) parts.push(rows < 0 ? 'fewer rows' : 'more rows');
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
