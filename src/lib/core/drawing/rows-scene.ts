import type { CrochetMat } from '../techniques/crochet/crochet-mat';
import type { Box, Mark, Scene } from './scene';
import { measureLine, penOf } from './scene';

export interface RowsWords {
	readonly chain: string;
	readonly rows: readonly [string, string, string];
	/** How wide one stitch is. */
	readonly stitch: string;
}

/**
 * The corner where a crocheted mat begins, enlarged: the foundation chain, and three rows worked
 * there, back and there again, each stitch as wide and as high as it comes out beside the others.
 * @example rowsScene(crochetMat({ widthMm: 850, lengthMm: 1850 }, { kind: 'crochet', stitch: 'sc', hookMm: 8 }, 3.2, noFactors), { chain: 'chain 85', rows: ['row 1', 'row 2', 'row 3'], stitch: '' }, { width: 300, tallest: 200, type: 13 }).marks.length // 10
 */
export function rowsScene(mat: CrochetMat, words: RowsWords, box: Box): Scene {
	const t = box.type;
	const pen = penOf(box);
	const beside = Math.max(...words.rows.map((row) => row.length)) * t * 0.55 + 3 * t;
	const room = Math.max(3 * t, box.width - beside - t);
	const scale = Math.min(
		room / (7 * mat.stitchWidthMm),
		Math.max(3 * t, box.tallest - 2.4 * t) / (3.6 * mat.rowHeightMm)
	);
	const stitch = mat.stitchWidthMm * scale;
	const row = mat.rowHeightMm * scale;
	const shown = Math.min(mat.stitches, Math.max(3, Math.floor(room / stitch)));
	const left = 0.6 * t;
	const right = left + shown * stitch;
	const top = 2 * t + 0.2 * mat.rowHeightMm * scale;
	const chainY = top + 3 * row + 0.2 * row;
	let chain = '';
	let legs = '';
	let heads = '';
	for (let at = 0; at < shown; at++) {
		const x = left + at * stitch;
		chain += `M${x} ${chainY}c${stitch * 0.3} ${-row * 0.22} ${stitch * 0.8} ${-row * 0.22} ${stitch} 0c${-stitch * 0.2} ${row * 0.22} ${-stitch * 0.7} ${row * 0.22} ${-stitch} 0z`;
		for (let up = 0; up < 3; up++) {
			const foot = top + (3 - up) * row;
			const lean = up % 2 === 0 ? 1 : -1;
			const middle = x + stitch / 2;
			legs += `M${middle - lean * stitch * 0.2} ${foot}L${middle + lean * stitch * 0.12} ${foot - row * 0.85}`;
			heads += `M${x + stitch * 0.08} ${foot - row * 0.86}c${stitch * 0.25} ${-row * 0.2} ${stitch * 0.6} ${-row * 0.2} ${stitch * 0.84} 0`;
		}
	}
	const thick = Math.min(stitch, row) * 0.34;
	const arrows = [0, 1, 2]
		.map((up) => {
			const y = top + (2.5 - up) * row;
			const [from, to] =
				up % 2 === 0 ? [right + 0.5 * t, right + 2 * t] : [right + 2 * t, right + 0.5 * t];
			const back = from < to ? -1 : 1;
			return `M${from} ${y}H${to}l${back * 0.5 * t} ${-0.4 * t}m0 ${0.8 * t}L${to} ${y}`;
		})
		.join('');
	const marks: Mark[] = [
		{ path: legs, stroke: 'film-line', width: thick, isRound: true },
		{ path: heads, stroke: 'film-line', width: thick * 0.7, isRound: true },
		{ path: chain, fill: 'film-other', stroke: 'film-line', width: pen },
		{ path: arrows, stroke: 'ink', width: 1.6 * pen, isRound: true },
		{
			path: measureLine([left, t], [left + stitch, t], 0.3 * t),
			stroke: 'ink',
			width: pen
		},
		{ words: words.stitch, x: left + stitch + 0.5 * t, y: 1.35 * t, isBold: true },
		...words.rows.map((said, up) => ({
			words: said,
			x: right + 2.5 * t,
			y: top + (2.5 - up) * row + 0.35 * t
		})),
		{ words: words.chain, x: left, y: chainY + row * 0.3 + 1.4 * t }
	];
	return { width: box.width, height: chainY + row * 0.3 + 2 * t, marks };
}
