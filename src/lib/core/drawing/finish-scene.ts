import type { Finish } from '../finish/ties';
import type { Roll } from '../finish/roll';
import type { Box, Mark, Scene } from './scene';
import { disc, measureLine, penOf } from './scene';

export interface FinishWords {
	readonly rollAcross: string;
	readonly rollLong: string;
	/** The ties and the strap, in words. */
	readonly ties: string;
}

/**
 * The mat folded and rolled, with its ties round it and its strap.
 * @example finishScene({ diameterMm: 200, lengthMm: 425 }, { ties: 'none', hasStrap: false }, { rollAcross: '', rollLong: '', ties: '' }, { width: 300, tallest: 200, type: 13 }).marks.length // 7
 */
export function finishScene(roll: Roll, finish: Finish, words: FinishWords, box: Box): Scene {
	const t = box.type;
	const pen = penOf(box);
	const scale = Math.min(
		(box.width - 8 * t) / (roll.lengthMm + roll.diameterMm / 2),
		box.tallest / roll.diameterMm
	);
	const d = roll.diameterMm * scale;
	const length = roll.lengthMm * scale;
	const strapRoom = finish.ties !== 'none' && finish.hasStrap ? 0.35 * d + t : 0;
	const top = 0.8 * t + strapRoom;
	const left = 1.2 * t + d / 4;
	const right = left + length;
	const middle = top + d / 2;
	// The end of the roll is seen aslant: an ellipse, its turns inside it.
	const oval = (share: number) =>
		`M${right - (d / 4) * share} ${middle}a${(d / 4) * share} ${(d / 2) * share} 0 1 0 ${(d / 2) * share} 0a${(d / 4) * share} ${(d / 2) * share} 0 1 0 ${(-d / 2) * share} 0z`;
	const turns = [0.8, 0.6, 0.4, 0.2].map(oval).join('');
	const marks: Mark[] = [
		{
			path: `M${left} ${top}H${right}V${top + d}H${left}a${d / 4} ${d / 2} 0 0 1 0 ${-d}z`,
			fill: 'film',
			stroke: 'ink',
			width: 1.5 * pen
		},
		{ path: oval(1), fill: 'film-other', stroke: 'ink', width: 1.5 * pen },
		{ path: turns, stroke: 'film-line', width: pen }
	];
	if (finish.ties !== 'none') {
		const at = [left + length * 0.22, left + length * 0.74];
		const isBraided = finish.ties === 'braid';
		for (const x of at) {
			marks.push({
				path: `M${x} ${top}c${-d / 5} ${d * 0.33} ${-d / 5} ${d * 0.67} 0 ${d}`,
				stroke: 'weft',
				width: 0.5 * t,
				...(isBraided ? { dash: [0.5 * t, 0.2 * t] } : {})
			});
			marks.push({ path: disc(x - d * 0.145, middle, 0.4 * t), fill: 'weft' });
			marks.push({
				path: `M${x - d * 0.145} ${middle}l${-0.6 * t} ${1.2 * t}M${x - d * 0.145} ${middle}l${0.6 * t} ${1.2 * t}`,
				stroke: 'weft',
				width: 0.3 * t,
				isRound: true
			});
		}
		if (finish.hasStrap) {
			const [a = 0, b = 0] = at;
			marks.push({
				path: `M${a} ${top}C${a} ${top - 0.5 * d} ${b} ${top - 0.5 * d} ${b} ${top}`,
				stroke: 'weft',
				width: 0.45 * t,
				isRound: true,
				...(isBraided ? { dash: [0.5 * t, 0.2 * t] } : {})
			});
		}
	}
	const foot = top + d;
	const beside = right + d / 4 + t;
	marks.push(
		{
			path:
				measureLine([left - d / 4, foot + t], [right, foot + t], 0.3 * t) +
				measureLine([beside, top], [beside, foot], 0.3 * t),
			stroke: 'ink',
			width: pen
		},
		{
			words: words.rollLong,
			x: (left + right) / 2,
			y: foot + 2.5 * t,
			anchor: 'middle',
			isBold: true
		},
		{ words: words.rollAcross, x: beside + 0.6 * t, y: middle + 0.35 * t, isBold: true },
		{ words: words.ties, x: left - d / 4, y: foot + 4 * t }
	);
	return { width: box.width, height: foot + 4.6 * t, marks };
}
