import type { PDFDocument, PDFPage } from '@cantoo/pdf-lib';
import { rgb } from '@cantoo/pdf-lib';
import type { Paper } from '$lib/ui/reader';
import type { Scene } from '$lib/core/drawing/scene';
import { drawMarks } from './draw-scene';
import type { Face } from './fonts';
import { stretches } from './fonts';

/** What a sheet is laid out on: a printer's page, or one twice as large for the wall. */
export type SheetPaper = Paper | 'a3' | 'tabloid';
const paperMm: Readonly<Record<SheetPaper, readonly [number, number]>> = {
	a4: [210, 297],
	letter: [215.9, 279.4],
	a3: [297, 420],
	tabloid: [279.4, 431.8]
};
/** The paper of twice the size: two printed pages beside each other, or one of a copy shop. */
export const wallPaper: Readonly<Record<Paper, SheetPaper>> = { a4: 'a3', letter: 'tabloid' };

/** Points in a millimetre: an inch is 72 points and 25.4 mm. */
const pt = 72 / 25.4;
const black = rgb(0, 0, 0);

export interface TextStyle {
	readonly sizePt?: number;
	readonly isBold?: boolean;
	readonly indentMm?: number;
}

/**
 * Pages of paper, in black, measured in millimetres from the top left corner: what is put at a place on
 * the page that is at hand, and how much room type takes.
 */
export class PaperPages {
	readonly marginMm = 15;
	#page!: PDFPage;
	#pages = 0;

	constructor(
		private readonly document: PDFDocument,
		private readonly faces: { plain: Face; bold: Face },
		private readonly paper: SheetPaper,
		/** What every size of type is multiplied by. */
		protected readonly typeScale: number
	) {}

	/** What every size of type is multiplied by. */
	get large(): number {
		return this.typeScale;
	}
	/** How many pages there are. */
	get pages(): number {
		return this.#pages;
	}
	get widthMm(): number {
		return paperMm[this.paper][0];
	}
	get heightMm(): number {
		return paperMm[this.paper][1];
	}
	get innerMm(): number {
		return this.widthMm - 2 * this.marginMm;
	}
	/** Height of a line of type, mm. */
	lineMm(sizePt: number): number {
		return (sizePt * this.typeScale * 1.32) / pt;
	}

	/** Lays a white page on the others. */
	protected addPage(): void {
		this.#page = this.document.addPage([this.widthMm * pt, this.heightMm * pt]);
		this.#pages++;
	}

	/** How high a paragraph is in so much width, mm. */
	paragraphMm(text: string, widthMm: number, { sizePt = 11, isBold = false }: TextStyle): number {
		return this.wrap(text, sizePt, isBold, widthMm).length * this.lineMm(sizePt);
	}

	/** A paragraph with its corner at a place on the page. */
	paragraphAt(text: string, xMm: number, yMm: number, widthMm: number, style: TextStyle): void {
		const { sizePt = 11, isBold = false } = style;
		for (const [nth, line] of this.wrap(text, sizePt, isBold, widthMm).entries())
			this.label(line, xMm, yMm + (nth + 0.74) * this.lineMm(sizePt), style);
	}

	/** One line of text with its foot at a place on the page. */
	label(
		text: string,
		xMm: number,
		yMm: number,
		style: TextStyle & { readonly align?: 'left' | 'middle' | 'right' } = {}
	): void {
		const { sizePt = 9.5, isBold = false, align = 'left' } = style;
		const parts = stretches(text, isBold ? this.faces.bold : this.faces.plain);
		const size = sizePt * this.typeScale;
		const width = align === 'left' ? 0 : this.typeWidthMm(text, sizePt, isBold);
		let x = (xMm - (align === 'middle' ? width / 2 : width)) * pt;
		for (const [nth, part] of parts.entries()) {
			this.#page.drawText(part.text, {
				x,
				y: (this.heightMm - yMm) * pt,
				size,
				font: part.font,
				color: black
			});
			if (nth < parts.length - 1) x += part.font.widthOfTextAtSize(part.text, size);
		}
	}

	line(x1: number, y1: number, x2: number, y2: number, widthMm = 0.25, dashMm?: number[]): void {
		this.#page.drawLine({
			start: { x: x1 * pt, y: (this.heightMm - y1) * pt },
			end: { x: x2 * pt, y: (this.heightMm - y2) * pt },
			thickness: widthMm * pt,
			color: black,
			...(dashMm && { dashArray: dashMm.map((mm) => mm * pt) })
		});
	}

	box(xMm: number, yMm: number, widthMm: number, heightMm: number, greyness = 0): void {
		this.#page.drawRectangle({
			x: xMm * pt,
			y: (this.heightMm - yMm - heightMm) * pt,
			width: widthMm * pt,
			height: heightMm * pt,
			borderColor: black,
			borderWidth: 0.2 * pt,
			...(greyness > 0 && { color: rgb(1 - greyness, 1 - greyness, 1 - greyness) })
		});
	}

	/** A rectangle of one grey without an edge: 0 is black, 1 is bare paper. */
	fill(xMm: number, yMm: number, widthMm: number, heightMm: number, grey = 0): void {
		this.#page.drawRectangle({
			x: xMm * pt,
			y: (this.heightMm - yMm - heightMm) * pt,
			width: widthMm * pt,
			height: heightMm * pt,
			color: rgb(grey, grey, grey)
		});
	}

	dot(xMm: number, yMm: number, radiusMm: number): void {
		this.#page.drawCircle({
			x: xMm * pt,
			y: (this.heightMm - yMm) * pt,
			size: radiusMm * pt,
			color: black
		});
	}

	/** Size of a drawing's words, mm: what is set in so many points elsewhere. */
	typeMm(sizePt: number): number {
		return (sizePt * this.typeScale) / pt;
	}

	/** A drawing with its corner at a place on the page. */
	sceneAt(scene: Scene, typeMm: number, xMm: number, yMm: number, draw = drawMarks): void {
		draw({ page: this.#page, scale: pt, x: xMm * pt, y: (this.heightMm - yMm) * pt }, scene);
		for (const mark of scene.marks) {
			if (!('words' in mark)) continue;
			const align = { start: 'left', middle: 'middle', end: 'right' } as const;
			this.label(mark.words, xMm + mark.x, yMm + mark.y, {
				sizePt: (typeMm * pt) / this.typeScale,
				isBold: mark.isBold ?? false,
				align: align[mark.anchor ?? 'start']
			});
		}
	}

	/** The file as it is. */
	save(): Promise<Uint8Array> {
		return this.document.save();
	}

	/** How wide a line of type is, mm. */
	protected typeWidthMm(text: string, sizePt: number, isBold: boolean): number {
		let width = 0;
		for (const part of stretches(text, isBold ? this.faces.bold : this.faces.plain)) {
			width += part.font.widthOfTextAtSize(part.text, sizePt * this.typeScale);
		}
		return width / pt;
	}

	/** The lines that a text takes in so much width. */
	protected wrap(text: string, sizePt: number, isBold: boolean, widthMm: number): string[] {
		const lines: string[] = [];
		let line = '';
		for (const word of text
			.split(' ')
			.flatMap((each) => this.#broken(each, sizePt, isBold, widthMm))) {
			const longer = line ? `${line} ${word}` : word;
			if (line && this.typeWidthMm(longer, sizePt, isBold) > widthMm) {
				lines.push(line);
				line = word;
			} else line = longer;
		}
		return line ? [...lines, line] : lines;
	}

	/** A word longer than the line, in pieces that fit. */
	#broken(word: string, sizePt: number, isBold: boolean, widthMm: number): string[] {
		const pieces: string[] = [];
		let rest = word;
		while (this.typeWidthMm(rest, sizePt, isBold) > widthMm && rest.length > 1) {
			let fits = rest.length - 1;
			while (fits > 1 && this.typeWidthMm(rest.slice(0, fits), sizePt, isBold) > widthMm) fits--;
			pieces.push(rest.slice(0, fits));
			rest = rest.slice(fits);
		}
		return [...pieces, rest];
	}
}
