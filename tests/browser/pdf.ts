import { PDFDocument, PDFRawStream, decodePDFRawStream } from 'pdf-lib';

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
