import type { Scene } from '$lib/core/drawing/scene';
import { wordsWidth } from '$lib/core/drawing/scene';
import { squareCode } from './square-code';

/** A label: its code, the address its square code opens, and what it says; no lines where it is blank. */
export interface Label {
	readonly code: string;
	readonly address: string;
	readonly lines: readonly string[];
}

/** A label as it is drawn, and the size of each of its words, mm. */
export interface LabelDrawing {
	readonly square: Scene & { readonly xMm: number; readonly yMm: number };
	readonly words: readonly {
		readonly words: string;
		readonly xMm: number;
		/** The foot of the line. */
		readonly yMm: number;
		readonly sizeMm: number;
		readonly isBold: boolean;
	}[];
}

/** Room around everything: printers leave an edge, and labels lie a hair off. */
const edgeMm = 2;
/** Type is no smaller than this, mm: about six points. */
const leastMm = 2.1;

/** Words cut short where they would run over, with a sign that they were. */
function fitted(words: string, sizeMm: number, widthMm: number): string {
	if (wordsWidth(words, sizeMm) <= widthMm) return words;
	const letters = Math.max(1, Math.floor(widthMm / wordsWidth('x', sizeMm)) - 1);
	return `${words.slice(0, letters).trimEnd()}…`;
}

/**
 * Lays out a label of a size: the square code to the right, the code large, and its lines below as
 * large as they fit.
 */
export function drawLabel(
	{ code, address, lines }: Label,
	widthMm: number,
	heightMm: number
): LabelDrawing {
	const side = Math.min(heightMm - 2, widthMm * 0.38);
	const leftMm = edgeMm + 1;
	const roomMm = widthMm - side - leftMm - 1.5;
	const codeMm = Math.min(
		heightMm * (lines.length > 0 ? 0.24 : 0.36),
		roomMm / (0.62 * code.length)
	);
	const lineMm = lines.length > 0 ? (heightMm - 2 * edgeMm - codeMm * 1.15) / lines.length : 0;
	const sizeMm = Math.max(leastMm, Math.min(3.6, lineMm * 0.8));
	const codeFoot = lines.length > 0 ? edgeMm + codeMm * 0.85 : heightMm / 2 + codeMm * 0.35;
	return {
		square: { ...squareCode(address, side), xMm: widthMm - side - 1, yMm: (heightMm - side) / 2 },
		words: [
			{ words: code, xMm: leftMm, yMm: codeFoot, sizeMm: codeMm, isBold: true },
			...lines.map((line, at) => ({
				words: fitted(line, sizeMm, roomMm),
				xMm: leftMm,
				yMm: edgeMm + codeMm * 1.15 + lineMm * (at + 0.78),
				sizeMm,
				isBold: at === 0
			}))
		]
	};
}
