import boldFile from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?inline';
import plainFile from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?inline';
import fontkit from '@cantoo/fontkit';
import { initWasm, Resvg } from '@resvg/resvg-wasm';
import { readFile } from 'node:fs/promises';
import { createRequire } from 'node:module';
import { bytesOf } from './fonts';
import type { Label } from './label-scene';
import { drawLabel } from './label-scene';

/** Dots of a small label printer, a millimetre: about 300 to the inch. */
const dotsPerMm = 12;

let ready: Promise<void> | null = null;
/** The drawing machine, made once; made anew after it failed. */
const readyMachine = (): Promise<void> =>
	(ready ??= readFile(createRequire(import.meta.url).resolve('@resvg/resvg-wasm/index_bg.wasm'))
		.then((wasm) => initWasm(wasm))
		.catch((error: unknown) => {
			ready = null;
			throw error;
		}));

/** One face of a file that holds one. */
function faceOf(file: string) {
	const font = fontkit.create(bytesOf(file));
	if ('fonts' in font) throw new Error('a file of several faces');
	return font;
}
const faces = {
	plain: faceOf(plainFile),
	bold: faceOf(boldFile)
};

/** Words as the outlines of their letters, so that what draws them needs no face of its own. */
function outlines(
	words: string,
	xMm: number,
	yMm: number,
	sizeMm: number,
	isBold: boolean
): string {
	const face = isBold ? faces.bold : faces.plain;
	const scale = sizeMm / face.unitsPerEm;
	const { glyphs, positions } = face.layout(words);
	let at = 0;
	const paths = glyphs.map((glyph, nth) => {
		const path = `<path transform="translate(${at} 0)" d="${glyph.path.toSVG()}"/>`;
		at += positions?.[nth]?.xAdvance ?? glyph.advanceWidth;
		return path;
	});
	return `<g transform="translate(${xMm} ${yMm}) scale(${scale} ${-scale})">${paths.join('')}</g>`;
}

/** A label as a small printer prints it, in black on white: a PNG one can look at. */
export async function labelPicture(order: {
	readonly label: Label;
	readonly widthMm: number;
	readonly heightMm: number;
}): Promise<Uint8Array> {
	await readyMachine();
	const { widthMm, heightMm } = order;
	const { square, words } = drawLabel(order.label, widthMm, heightMm);
	const marks = square.marks.flatMap((mark) =>
		'path' in mark ? [`<path d="${mark.path}"/>`] : []
	);
	const text = words.map((one) => outlines(one.words, one.xMm, one.yMm, one.sizeMm, one.isBold));
	const svg = `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${widthMm} ${heightMm}"><rect width="100%" height="100%" fill="#fff"/><g transform="translate(${square.xMm} ${square.yMm})">${marks.join('')}</g>${text.join('')}</svg>`;
	const resvg = new Resvg(svg, {
		fitTo: { mode: 'width', value: Math.round(widthMm * dotsPerMm) }
	});
	try {
		const image = resvg.render();
		const png = image.asPng();
		image.free();
		return png;
	} finally {
		resvg.free();
	}
}
