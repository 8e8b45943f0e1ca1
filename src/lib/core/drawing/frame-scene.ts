import type { TwinedMat } from '../techniques/twined/twined-mat';
import type { Box, Mark, Scene } from './scene';
import { disc, measureLine, penOf, rectangle } from './scene';

export interface FrameWords {
	readonly length: string;
	readonly width: string;
	readonly nails: string;
	/** How the first and the last row go, in two lines under a corner drawn large; null leaves it out. */
	readonly corner: readonly [string, string] | null;
}

/** The corner enlarged: the first row under the nails' loops. */
function corner(left: number, top: number, t: number, pen: number): Mark[] {
	const pitch = 2.5 * t;
	const nails = [0, 1, 2];
	const middle = (nail: number) => top + (nail + 0.6) * pitch;
	const loops = nails
		.map((nail) => {
			const y = middle(nail);
			return `M${left + 11 * t} ${y - 0.6 * t}H${left + t}a${0.6 * t} ${0.6 * t} 0 0 0 0 ${1.2 * t}H${left + 11 * t}`;
		})
		.join('');
	const weft = (side: 1 | -1) =>
		`M${left + 3 * t} ${top - 0.4 * t}${nails
			.map((nail) => {
				const y = top + nail * pitch;
				const out = left + (3 + side * 0.9) * t;
				const back = left + (3 - side * 0.9) * t;
				return `C${out} ${y + 0.4 * t} ${back} ${y + 1.5 * t} ${left + 3 * t} ${y + 2.2 * t}`;
			})
			.join('')}`;
	return [
		{ path: loops, stroke: 'film-line', width: 5 * pen, isRound: true },
		{
			path: nails.map((nail) => disc(left + 1.1 * t, middle(nail), 0.33 * t)).join(''),
			fill: 'ink'
		},
		{ path: weft(1), stroke: 'weft', width: 4 * pen, isRound: true },
		{ path: weft(-1), stroke: 'quiet', width: 4 * pen, isRound: true }
	];
}

/**
 * One panel's frame to scale with its nails, rods, warp and rows, and below it a corner enlarged.
 * The frame that is there is drawn with the panel on it: it may be larger.
 * @example frameScene(twinedMat({ widthMm: 850, lengthMm: 1850 }, { kind: 'twined', pitchMm: 14, warp: 'cloth' }, 3.2, noFactors), { length: '', width: '', nails: '', corner: ['', ''] }, { width: 300, tallest: 200, type: 13 }).width // 300
 */
export function frameScene(mat: TwinedMat, words: FrameWords, box: Box): Scene {
	const t = box.type;
	const pen = penOf(box);
	const frameLengthMm = Math.max(mat.panel.frameLengthMm, mat.panels.lengthMm);
	const frameWidthMm = Math.max(mat.panel.frameWidthMm, mat.panels.widthMm);
	const pad = 1.6 * t;
	const scale = Math.min((box.width - pad - 2 * t) / frameLengthMm, box.tallest / frameWidthMm);
	const [left, top] = [pad, 2.6 * t];
	const length = mat.panels.lengthMm * scale;
	const width = mat.panels.widthMm * scale;
	const foot = top + Math.max(width, frameWidthMm * scale) + 0.5 * t;
	const { nails, rows } = mat.panel;
	const pitch = width / nails;
	let warp = '';
	let dots = '';
	for (let nail = 0; nail < nails; nail++) {
		const up = top + (nail + 0.25) * pitch;
		warp += `M${left} ${up}h${length}a${pitch / 4} ${pitch / 4} 0 0 1 0 ${pitch / 2}h${-length}`;
		const y = top + (nail + 0.5) * pitch;
		const r = Math.min(0.14 * t, pitch * 0.3);
		dots += disc(left - 0.2 * t, y, r) + disc(left + length + 0.2 * t, y, r);
	}
	const rowX = (row: number) => left + (row + 0.5) * mat.rowPitchMm * scale;
	const rowPath = (row: number) => `M${rowX(row)} ${top - 0.3 * t}V${top + width + 0.3 * t}`;
	const inner = [1, 2, 3, rows - 4, rows - 3, rows - 2].filter(
		(row, at, all) => row > 0 && row < rows - 1 && all.indexOf(row) === at
	);
	const ends = [...new Set([0, rows - 1])];
	const row = {
		width: Math.max(1.2 * pen, mat.weftDiameterMm * scale),
		dash: [pitch / 2, pitch / 6]
	};
	const cornerTop = foot + 4.4 * t;
	return {
		width: box.width,
		height: words.corner ? cornerTop + 11.4 * t : foot + 3.6 * t,
		marks: [
			{
				path: rectangle(
					left - 0.6 * t,
					top - 0.6 * t,
					frameLengthMm * scale + 1.2 * t,
					frameWidthMm * scale + 1.2 * t
				),
				stroke: 'quiet',
				width: 4 * pen
			},
			// Where the ends lie too close to be told apart, they are a ground.
			...(pitch < 0.4 * t
				? [{ path: rectangle(left, top, length, width), fill: 'film' as const }]
				: [{ path: warp, stroke: 'film-line' as const, width: pitch * 0.16 }]),
			{
				path: `M${left} ${top - 0.1 * t}h${length}M${left} ${top + width + 0.1 * t}h${length}`,
				stroke: 'ink',
				width: 2.2 * pen
			},
			{ path: inner.map(rowPath).join(''), stroke: 'quiet', ...row },
			{ path: ends.map(rowPath).join(''), stroke: 'weft', ...row },
			{ path: dots, fill: 'ink' },
			{
				path: measureLine([left, top - 1.4 * t], [left + length, top - 1.4 * t], 0.3 * t),
				stroke: 'ink',
				width: pen
			},
			{
				words: words.length,
				x: left + length / 2,
				y: top - 1.8 * t,
				anchor: 'middle',
				isBold: true
			},
			{ words: words.width, x: left, y: foot + 1.6 * t, isBold: true },
			{ words: words.nails, x: left, y: foot + 3 * t },
			...(words.corner
				? [
						...corner(left, cornerTop, t, pen),
						{ words: words.corner[0], x: left, y: cornerTop + 9.2 * t },
						{ words: words.corner[1], x: left, y: cornerTop + 10.6 * t }
					]
				: [])
		]
	};
}
