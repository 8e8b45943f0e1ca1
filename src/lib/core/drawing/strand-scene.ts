import type { CutYield } from '../cut/yield';
import type { Mark, Scene } from './scene';
import { disc } from './scene';

/** The coin laid beside a strand, mm across: made up, of a size that a hand knows. */
export const coinMm = 23;

export interface StrandWords {
	readonly coin: string;
	readonly strand: string;
	/** What is said of the hook; null where none is used. */
	readonly hook: string | null;
}

/**
 * A strand with one of its joints, beside a coin and its hook, at true scale.
 *
 * @param hookMm the hook's diameter; null for what has none
 * @param mm one millimetre in the drawing's units
 * @param type size of its words in the same units
 * @param width room, in the same units; what does not fit goes below
 * @example strandScene(cutBag(bagPresets[0].bag, startingPlan.cut), 8, { coin: '23 mm', strand: '', hook: '8 mm' }, { mm: 3.78, type: 13, width: 300 }).marks.length // 9
 */
export function strandScene(
	cut: CutYield,
	hookMm: number | null,
	words: StrandWords,
	{ mm, type, width }: { readonly mm: number; readonly type: number; readonly width: number }
): Scene {
	const d = Math.min(cut.bulkDiameterMm, 30) * mm;
	const coin = coinMm * mm;
	const pen = type / 13;
	const marks: Mark[] = [];
	const tall = Math.max(coin, d * 2.1);
	const middle = type * 0.4 + tall / 2;
	const foot = middle + tall / 2 + 1.3 * type;
	marks.push(
		{
			path: disc(coin / 2 + pen, middle, coin / 2),
			fill: 'ground',
			stroke: 'ink',
			width: 1.2 * pen
		},
		{ words: words.coin, x: coin / 2 + pen, y: middle + 0.35 * type, anchor: 'middle' }
	);
	const from = coin + 1.4 * type;
	const to = width - pen;
	const joint = (from + to) / 2;
	marks.push(
		{
			path: `M${from} ${middle - d / 2}H${to}V${middle + d / 2}H${from}z`,
			fill: 'film'
		},
		{ path: twist(from, to, middle, d), stroke: 'film-line', width: Math.max(0.7 * pen, d * 0.06) },
		{
			path: jointPath(joint, middle, d, cut.plies === 2),
			fill: 'film-other',
			stroke: 'film-line',
			width: 1.2 * pen
		},
		{ words: words.strand, x: joint, y: foot, anchor: 'middle', isBold: true }
	);
	if (hookMm === null || words.hook === null) return { width, height: foot + 0.5 * type, marks };
	const hook = Math.min(hookMm, 30) * mm;
	const axis = foot + type * 0.8 + hook / 2;
	const tip = hook;
	marks.push(
		{
			path: `M${tip} ${axis - hook / 2}H${to}V${axis + hook / 2}H${tip}a${hook / 2} ${hook / 2} 0 0 1 0 ${-hook}z`,
			fill: 'quiet'
		},
		{
			path: `M${tip + hook * 0.3} ${axis - hook / 2}l${hook * 0.6} ${hook * 0.62}l${hook * 0.5} ${-hook * 0.62}z`,
			fill: 'ground'
		},
		{ words: words.hook, x: joint, y: axis + hook / 2 + 1.3 * type, anchor: 'middle' }
	);
	return { width, height: axis + hook / 2 + 1.8 * type, marks };
}

/** Crumpled film, as lines that wander along the strand. */
function twist(from: number, to: number, middle: number, d: number): string {
	const waves = Math.max(2, Math.round((to - from) / Math.max(d * 3, 1)));
	const step = (to - from) / waves;
	let path = `M${from} ${middle}`;
	for (let wave = 0; wave < Math.min(waves, 60); wave++) {
		const x = from + wave * step;
		const side = wave % 2 === 0 ? -1 : 1;
		path += `C${x + step / 3} ${middle + (side * d) / 2} ${x + (2 * step) / 3} ${middle + (side * d) / 2} ${x + step} ${middle}`;
	}
	return path;
}

/** Loops drawn through each other lie as two eyes; a knot of an open strip as one lump with its tails. */
function jointPath(x: number, y: number, d: number, areLoops: boolean): string {
	const eye = (at: number) =>
		`M${at - d * 1.1} ${y}c0 ${-d * 1.15} ${d * 2.2} ${-d * 1.15} ${d * 2.2} 0c0 ${d * 1.15} ${-d * 2.2} ${d * 1.15} ${-d * 2.2} 0z`;
	if (areLoops) return eye(x - d * 0.6) + eye(x + d * 0.6);
	return `${disc(x, y, d * 0.85)}M${x + d * 0.4} ${y - d * 0.7}l${d * 0.7} ${-d * 0.5}l${d * 0.1} ${d * 0.4}z`;
}
