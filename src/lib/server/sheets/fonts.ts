import latinBold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-700-normal.woff?inline';
import latin from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-400-normal.woff?inline';
import extraBold from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-700-normal.woff?inline';
import extra from '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin-ext-400-normal.woff?inline';
import fontkit from '@cantoo/fontkit';
import type { PDFDocument, PDFFont } from '@cantoo/pdf-lib';

/** A face in two files: the common letters, and the rest of the Latin ones. */
export interface Face {
	readonly common: PDFFont;
	readonly more: PDFFont;
	readonly has: { readonly common: ReadonlySet<number>; readonly more: ReadonlySet<number> };
}

/** The bytes of a face: it is built into the code as text, so that a thread of its own has it too. */
export const bytesOf = (asset: string): Buffer =>
	Buffer.from(asset.slice(asset.indexOf(',') + 1), 'base64');

/** The type of the sheets, put into a document: only the letters that it uses. */
export async function loadFaces(document: PDFDocument): Promise<{ plain: Face; bold: Face }> {
	document.registerFontkit(fontkit);
	const face = async (commonFile: string, moreFile: string): Promise<Face> => {
		const common = await document.embedFont(bytesOf(commonFile), { subset: true });
		const more = await document.embedFont(bytesOf(moreFile), { subset: true });
		return {
			common,
			more,
			has: { common: new Set(common.getCharacterSet()), more: new Set(more.getCharacterSet()) }
		};
	};
	return { plain: await face(latin, extra), bold: await face(latinBold, extraBold) };
}

/** Signs the face lacks, in words it has. */
const spelled: Readonly<Record<string, string>> = {
	µ: 'u',
	'→': 'to',
	'√': 'root ',
	'\u202f': '\u00a0',
	'\t': ' '
};

/** A text in stretches that one file of the face can draw; what none can is shown as a box would be: “?”. */
export function stretches(text: string, face: Face): { font: PDFFont; text: string }[] {
	const found: { font: PDFFont; text: string }[] = [];
	const add = (font: PDFFont, letter: string) => {
		const last = found.at(-1);
		if (last?.font === font) last.text += letter;
		else found.push({ font, text: letter });
	};
	for (const sign of text) {
		for (const letter of spelled[sign] ?? sign) {
			const point = letter.codePointAt(0) ?? 0;
			if (face.has.common.has(point)) add(face.common, letter);
			else if (face.has.more.has(point)) add(face.more, letter);
			else add(face.common, '?');
		}
	}
	return found;
}
