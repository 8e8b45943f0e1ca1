import { PDFDict, PDFDocument, PDFName, PDFRawStream, decodePDFRawStream } from '@cantoo/pdf-lib';

/** A straight line on a page, in millimetres from its lower left corner. */
export interface DrawnLine {
	page: number;
	x1: number;
	y1: number;
	x2: number;
	y2: number;
}

const mmPerPt = 25.4 / 72;

/** Every straight line that a PDF draws, read from its pages' own drawing. */
export async function linesOfPdf(
	bytes: Uint8Array
): Promise<{ pages: number; lines: DrawnLine[] }> {
	const document = await PDFDocument.load(bytes);
	const lines: DrawnLine[] = [];
	for (const [page, { node }] of document.getPages().entries()) {
		const contents = node.Contents();
		const streams = contents && 'asArray' in contents ? contents.asArray() : [contents];
		for (const reference of streams) {
			const stream = reference && document.context.lookup(reference as never);
			if (!(stream instanceof PDFRawStream)) continue;
			const text = Buffer.from(decodePDFRawStream(stream).decode()).toString('latin1');
			const path = /([\d.-]+) ([\d.-]+) m\s+([\d.-]+) ([\d.-]+) l\s+S/g;
			for (const [, ...ends] of text.matchAll(path)) {
				const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = ends.map((end) => Number(end) * mmPerPt);
				lines.push({ page, x1, y1, x2, y2 });
			}
		}
	}
	return { pages: document.getPageCount(), lines };
}

/** What each code of a font stands for, by its own table. */
function lettersOf(document: PDFDocument, font: PDFDict): Map<string, string> {
	const table = document.context.lookup(font.get(PDFName.of('ToUnicode')) as never);
	const letters = new Map<string, string>();
	if (!(table instanceof PDFRawStream)) return letters;
	const text = Buffer.from(decodePDFRawStream(table).decode()).toString('latin1');
	for (const [, code = '', hex = ''] of text.matchAll(/<([0-9a-fA-F]{4})>\s*<([0-9a-fA-F]+)>/g)) {
		const units = (hex.match(/.{4}/g) ?? []).map((unit) => parseInt(unit, 16));
		letters.set(code.toUpperCase(), String.fromCharCode(...units));
	}
	return letters;
}

/** All that is written on the pages of a PDF, in the order it is drawn, a space between pieces. */
export async function wordsOf(bytes: Uint8Array): Promise<string> {
	const document = await PDFDocument.load(bytes);
	const words: string[] = [];
	for (const { node } of document.getPages()) {
		const fonts = node.Resources()?.lookup(PDFName.of('Font'), PDFDict);
		const contents = node.Contents();
		const streams = contents && 'asArray' in contents ? contents.asArray() : [contents];
		for (const reference of streams) {
			const stream = reference && document.context.lookup(reference as never);
			if (!(stream instanceof PDFRawStream) || !fonts) continue;
			const text = Buffer.from(decodePDFRawStream(stream).decode()).toString('latin1');
			let letters = new Map<string, string>();
			for (const [, name, hex] of text.matchAll(/\/(\S+) [\d.]+ Tf|<([0-9a-fA-F]+)> Tj/g)) {
				if (name) letters = lettersOf(document, fonts.lookup(PDFName.of(name), PDFDict));
				else
					words.push(
						(hex?.toUpperCase().match(/.{4}/g) ?? [])
							.map((code) => letters.get(code) ?? '')
							.join('')
					);
			}
		}
	}
	return words.join(' ').replace(/\s+/g, ' ');
}
