import { sheet as say } from '$lib/words/sheets';
import { PDFDocument } from '@cantoo/pdf-lib';
import type { Paper } from '$lib/ui/reader';
import type { Scene } from '$lib/core/drawing/scene';
import type { Face } from './fonts';
import { loadFaces } from './fonts';
import type { TextStyle } from './paper-pages';
import type { SheetPaper } from './paper-pages';
import { PaperPages } from './paper-pages';

export interface SheetHead {
	readonly title: string;
	readonly planName: string;
	/** `version 3`, or that it is not kept yet. */
	readonly versionWords: string;
	readonly date: string;
	/** Whose measures its figures rest on; a sheet without figures says none. */
	readonly basis?: string;
	readonly cautions: readonly string[];
}

/**
 * A printed sheet. Text flows down the page and over to the next; every page carries the plan's name,
 * version and date.
 */
export class Sheet extends PaperPages {
	/** Where the next line of text goes, mm from the top. */
	y = 0;

	private constructor(
		document: PDFDocument,
		faces: { plain: Face; bold: Face },
		/** What stands above every page; null for a sheet with nothing but what is drawn on it. */
		private readonly head: SheetHead | null,
		paper: SheetPaper,
		typeScale: number
	) {
		super(document, faces, paper, typeScale);
		this.newPage();
	}

	static async begin(head: SheetHead, paper: SheetPaper, isLarge: boolean): Promise<Sheet> {
		const document = await PDFDocument.create();
		document.setTitle(`${head.planName}: ${head.title}`);
		document.setCreator(say.nestRow());
		return new Sheet(document, await loadFaces(document), head, paper, isLarge ? 1.35 : 1);
	}

	/** A sheet with nothing on it: no head, no cautions, type as large as it is given. */
	static async bare(title: string, paper: Paper): Promise<Sheet> {
		const document = await PDFDocument.create();
		document.setTitle(title);
		document.setCreator(say.nestRow());
		return new Sheet(document, await loadFaces(document), null, paper, 1);
	}

	newPage(): void {
		this.addPage();
		this.y = this.marginMm;
		if (!this.head) return;
		const { title, planName, versionWords, date } = this.head;
		if (this.pages === 1) {
			this.text(planName, { sizePt: 22, isBold: true });
			this.text(`${title} · ${versionWords} · ${date}`, { sizePt: 10.5 });
			if (this.head.basis) this.text(this.head.basis, { sizePt: 10.5 });
		} else {
			this.text(say.page({ planName, title, pages: this.pages, versionWords, date }), {
				sizePt: 9.5
			});
		}
		this.y += 1.5;
		this.line(this.marginMm, this.y, this.widthMm - this.marginMm, this.y, 0.3);
		this.y += 3;
	}

	/** Sees that so many millimetres are left on the page, or turns it. */
	need(heightMm: number): void {
		if (this.y + heightMm > this.heightMm - this.marginMm) this.newPage();
	}

	/** A paragraph, wrapped to the width there is. */
	text(text: string, style: TextStyle = {}): void {
		const { sizePt = 11, isBold = false, indentMm = 0 } = style;
		for (const line of this.wrap(text, sizePt, isBold, this.innerMm - indentMm)) {
			this.need(this.lineMm(sizePt));
			this.y += this.lineMm(sizePt);
			this.label(line, this.marginMm + indentMm, this.y - this.lineMm(sizePt) * 0.26, {
				sizePt,
				isBold
			});
		}
	}

	heading(text: string): void {
		this.need(this.lineMm(13) + 8);
		this.y += 2;
		this.text(text, { sizePt: 13, isBold: true });
	}

	/** A drawing of the core, laid out in millimetres, where the text goes on; text goes on below it. */
	scene(scene: Scene, typeMm: number, leftMm = 0): void {
		this.need(scene.height + 2);
		this.sceneAt(scene, typeMm, this.marginMm + leftMm, this.y);
		this.y += scene.height + 2;
	}

	/** Figures to be read from across the room, beside each other. */
	figures(figures: readonly { readonly value: string; readonly label: string }[]): void {
		const cell = this.innerMm / figures.length;
		const fits = (value: string) => (this.typeWidthMm(value, 40, true) <= cell - 6 ? 40 : 26);
		const sizePt = Math.min(...figures.map(({ value }) => fits(value)));
		this.need(this.lineMm(sizePt) + this.lineMm(14));
		const foot = this.y + this.lineMm(sizePt) * 0.85;
		for (const [at, { value, label }] of figures.entries()) {
			const x = this.marginMm + at * cell;
			this.label(value, x, foot, { sizePt, isBold: true });
			this.label(label, x, foot + this.lineMm(14), { sizePt: 14 });
		}
		this.y = foot + this.lineMm(14) + 3;
	}

	/** Numbered steps, for whoever has never seen the screen. */
	steps(steps: readonly string[], sizePt = 12): void {
		for (const [at, step] of steps.entries()) {
			const before = this.y;
			this.text(step, { sizePt, indentMm: 8 * this.typeScale });
			// The number stands beside the first line, on whichever page that came to lie.
			const first = this.y < before ? this.marginMm : before;
			if (this.y >= before)
				this.label(`${at + 1}.`, this.marginMm, first + this.lineMm(sizePt) * 0.74, {
					sizePt,
					isBold: true
				});
		}
		this.y += 1.5;
	}

	/** Rows of cells under each other; the first cell of a row may be bold. Widths are shares of the line. */
	table(rows: readonly (readonly string[])[], shares: readonly number[], sizePt = 10.5): void {
		const total = shares.reduce((sum, share) => sum + share, 0);
		const widths = shares.map((share) => (share / total) * this.innerMm);
		for (const row of rows) {
			const cells = row.map((cell, at) => this.wrap(cell, sizePt, at === 0, (widths[at] ?? 0) - 2));
			const lines = Math.max(...cells.map((cell) => cell.length));
			const height = lines * this.lineMm(sizePt) + 1.2;
			this.need(height);
			let x = this.marginMm;
			for (const [at, cell] of cells.entries()) {
				for (const [number, line] of cell.entries()) {
					this.label(line, x, this.y + (number + 0.78) * this.lineMm(sizePt), {
						sizePt,
						isBold: at === 0
					});
				}
				x += widths[at] ?? 0;
			}
			this.y += height;
			this.line(this.marginMm, this.y, this.widthMm - this.marginMm, this.y, 0.1);
			this.y += 0.6;
		}
	}

	/** Boxes to tick, each with its number; some carry a note under the number. */
	ticks(
		items: readonly { readonly label: string; readonly note?: string | undefined }[],
		columns: number
	): void {
		const cellMm = this.innerMm / columns;
		const hasNotes = items.some(({ note }) => note);
		const rowMm = this.lineMm(9.5) + (hasNotes ? this.lineMm(7) : 0) + 1;
		for (let at = 0; at < items.length; at += columns) {
			this.need(rowMm);
			for (const [column, { label, note }] of items.slice(at, at + columns).entries()) {
				const x = this.marginMm + column * cellMm;
				this.box(x, this.y + 0.8, 3.2, 3.2);
				this.label(label, x + 4.4, this.y + 3.8, { sizePt: 9.5 });
				if (note)
					this.label(note, x + 4.4, this.y + 3.8 + this.lineMm(7), { sizePt: 7, isBold: true });
			}
			this.y += rowMm;
		}
	}

	/** Ends the sheet with its cautions and gives the file. */
	async end(): Promise<Uint8Array> {
		this.heading(say.takeCare());
		for (const caution of this.head?.cautions ?? []) this.text(`– ${caution}`, { sizePt: 9.5 });
		return this.save();
	}
}
