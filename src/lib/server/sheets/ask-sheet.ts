import { askSheet as say } from '$lib/words/sheets';
import { longDayWords } from '$lib/ui/day-words';
import { askCautions } from '$lib/stages/plan/words/caution-words';
import { colourWords } from '$lib/stages/gather/ask-words';
import type { LackedColour } from '$lib/core/store/allocate-store';
import type { Basis } from '$lib/core/practice/practice';
import { basisWords } from '$lib/ui/basis-words';
import { wholeNumber } from '$lib/ui/number-words';
import type { Sheet } from './sheet';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';

export interface AskSheetOrder extends OnPaper {
	readonly groupName: string;
	/** Where bags are brought, and until which day; empty where it is filled in by hand. */
	readonly bringTo: string;
	readonly until: string;
	/** Whom it asks; null for every place. */
	readonly placeName: string | null;
	readonly asks: readonly {
		readonly kind: string | null;
		readonly colour: LackedColour;
		readonly toAsk: number;
	}[];
	readonly date: Date;
	/** Whose measures the counts rest on. */
	readonly basis: Basis;
}

const notThese = [
	say.knottedOrWaddedBagsSomebody(),
	say.dampDirtyOrMouldyBags(),
	say.bagsThatCrackleAndCrumble(),
	say.newBagsGotForThis()
] as const;

const foldings = [
	{ title: say.smoothItFlat(), draw: flat },
	{ title: say.tuckTheSidesIn(), draw: tucked },
	{ title: say.foldItOnce(), draw: folded },
	{ title: say.stackSeamsTogether(), draw: stacked }
] as const;

/** A page to hang where bags come from: how many, how folded, what not, as a PDF. */
export async function askSheet(order: AskSheetOrder): Promise<Uint8Array> {
	const sheet = await beginSheet(order, () => ({
		title: say.bagsWanted(),
		planName: order.groupName,
		versionWords: order.placeName ?? say.forEveryPlace(),
		date: longDayWords(order.date),
		cautions: askCautions
	}));
	sheet.text(say.weTurnUsedPlasticBags(), {
		sizePt: 14
	});
	sheet.heading(say.howManyWeNeed());
	if (order.asks.length === 0) {
		sheet.text(say.justNowWeHaveEnough());
	} else {
		sheet.table(
			order.asks.map(({ kind, colour, toAsk }) => [
				`${wholeNumber(toAsk)}`,
				kind ?? say.otherBags(),
				colourWords(colour)
			]),
			[1, 3, 2],
			13
		);
	}
	if (order.asks.length > 0)
		sheet.text(say.counted({ basis: basisWords(order.basis) }), { sizePt: 10 });
	sheet.heading(say.howToFoldThem());
	drawFoldings(sheet);
	sheet.text(say.dryCleanAndEmptyA());
	sheet.heading(say.pleaseNot());
	for (const line of notThese) sheet.text(`– ${line}`);
	sheet.heading(say.whereAndWhen());
	sheet.need(20);
	for (const [label, filled] of [
		[say.bringThemTo(), order.bringTo],
		[say.until(), order.until]
	] as const) {
		sheet.y += 9;
		sheet.label(label, sheet.marginMm, sheet.y, { sizePt: 11 });
		sheet.label(filled, sheet.marginMm + 36, sheet.y, { sizePt: 15, isBold: true });
		sheet.line(
			sheet.marginMm + 34,
			sheet.y + 0.6,
			sheet.widthMm - sheet.marginMm,
			sheet.y + 0.6,
			0.2
		);
	}
	sheet.y += 4;
	return sheet.end();
}

type MaterialUse = (sheet: Sheet, left: number, top: number) => void;

function drawFoldings(sheet: Sheet): void {
	const cell = sheet.innerMm / foldings.length;
	sheet.need(48);
	for (const [at, { title, draw }] of foldings.entries()) {
		const left = sheet.marginMm + at * cell;
		(draw as MaterialUse)(sheet, left + cell / 2 - 13, sheet.y + 3);
		sheet.label(`${at + 1}. ${title}`, left + cell / 2, sheet.y + 45, {
			sizePt: 10,
			align: 'middle'
		});
	}
	sheet.y += 49;
}

/** A carrier lying flat, 26 mm wide: body, handles and bottom seam. */
function bag(sheet: Sheet, left: number, top: number, width = 26): void {
	const strap = width * 0.26;
	const right = left + width;
	const base = top + 11;
	const foot = top + 36;
	sheet.line(left, top, left, foot);
	sheet.line(right, top, right, foot);
	for (const x of [left, right - strap]) sheet.line(x, top, x + strap, top);
	sheet.line(left + strap, top, left + strap, base);
	sheet.line(right - strap, top, right - strap, base);
	sheet.line(left + strap, base, right - strap, base);
	sheet.line(left, foot, right, foot, 0.7);
}

function flat(sheet: Sheet, left: number, top: number): void {
	bag(sheet, left, top);
	for (const [from, to] of [
		[13, 4],
		[13, 22]
	] as const)
		arrow(sheet, left + from, top + 24, left + to, top + 24);
}

function tucked(sheet: Sheet, left: number, top: number): void {
	bag(sheet, left, top);
	for (const x of [left + 5, left + 21]) sheet.line(x, top + 11, x, top + 36, 0.2, [1.2, 1]);
	arrow(sheet, left - 4, top + 26, left + 4, top + 26);
	arrow(sheet, left + 30, top + 26, left + 22, top + 26);
}

function folded(sheet: Sheet, left: number, top: number): void {
	bag(sheet, left + 6, top, 13);
	sheet.line(left + 19, top + 6, left + 19, top + 36, 0.6);
	for (let x = 0; x < 3; x++) sheet.line(left + 20 + x, top + 8, left + 20 + x, top + 36, 0.12);
	arrow(sheet, left + 30, top + 20, left + 24, top + 20);
}

function stacked(sheet: Sheet, left: number, top: number): void {
	for (let layer = 0; layer < 6; layer++) sheet.box(left, top + 33 - layer * 3.2, 26, 2.6, 0.08);
	sheet.line(left, top + 14, left, top + 36.5, 0.7);
	sheet.label('seams', left - 1.5, top + 12, { sizePt: 8 });
}

function arrow(sheet: Sheet, x1: number, y1: number, x2: number, y2: number): void {
	const back = Math.sign(x1 - x2) * 1.8;
	sheet.line(x1, y1, x2, y2, 0.4);
	sheet.line(x2, y2, x2 + back, y2 - 1.3, 0.4);
	sheet.line(x2, y2, x2 + back, y2 + 1.3, 0.4);
}
