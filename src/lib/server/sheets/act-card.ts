import { actCard as say } from '$lib/words/sheets';
import { PDFDocument } from '@cantoo/pdf-lib';
import type { Scene } from '$lib/core/drawing/scene';
import type { ActName } from '$lib/stages/know-how/links/lesson-titles';
import { actTitles } from '$lib/stages/know-how/links/lesson-titles';
import { lessons, stepsOf } from '$lib/stages/know-how/lessons';
import type { ActStep, OwnThings } from '$lib/stages/know-how/lessons/lesson';
import { sceneOf } from '$lib/stages/know-how/lessons/lesson';
import type { Hand } from '$lib/stages/know-how/left-hand';
import { forHand } from '$lib/stages/know-how/left-hand';
import { longDayWords } from '$lib/ui/day-words';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';
import { drawWithin } from './draw-scene';
import type { Sheet } from './sheet';

/** One act on one page, large, with the group's own things, for one hand or the other. */
export interface ActCardOrder extends OnPaper {
	readonly groupName: string;
	readonly act: ActName;
	readonly own: Omit<OwnThings, 'box'>;
	readonly hand: Hand;
	readonly date: Date;
}
/** The cards of several acts in one file. */
export interface ActCardsOrder extends Omit<ActCardOrder, 'act' | 'own'> {
	readonly acts: readonly ActName[];
	/** What they are drawn with, in the order it is tried. */
	readonly owns: readonly ActCardOrder['own'][];
}

const gapMm = 6;

interface Cell {
	readonly scene: Scene;
	readonly words: string;
	readonly caution: string | null;
	readonly wordsMm: number;
	readonly highMm: number;
}

/** On paper strands are told apart as white and grey: dark ones would hide what crosses what. */
const printed = (scene: Scene): Scene => ({
	...scene,
	marks: scene.marks.map((mark) =>
		'path' in mark && mark.stroke === 'weft' && mark.isRound !== undefined
			? { ...mark, stroke: 'ground' as const }
			: mark
	)
});

/** The steps as cells so wide, their words so large, each with how high it comes out. */
function cellsOf(
	sheet: Sheet,
	{ act, own, hand }: ActCardOrder,
	widthMm: number,
	sizePt: number
): Cell[] | null {
	const type = sheet.typeMm(9);
	const box = { width: widthMm, tallest: widthMm * 0.6, type };
	const steps: readonly ActStep[] | null = stepsOf(act, { ...own, box }, hand);
	return (
		steps?.map((step, at) => {
			const scene = forHand(printed(sceneOf(step, box)), hand);
			const words = `${at + 1}. ${step.words}`;
			const wordsMm = sheet.paragraphMm(words, widthMm, { sizePt });
			return {
				scene,
				words,
				caution: step.caution,
				wordsMm,
				highMm:
					scene.height +
					1.5 +
					wordsMm +
					(step.caution
						? sheet.paragraphMm(step.caution, widthMm, { sizePt: 0.8 * sizePt, isBold: true })
						: 0)
			};
		}) ?? null
	);
}

/** The card of an act as a PDF; null where the bag cannot be cut so. */
export async function actCard(order: ActCardOrder): Promise<Uint8Array | null> {
	const { when, schools } = lessons[order.act];
	const sheet = await beginSheet(order, () => ({
		title: order.groupName,
		planName: actTitles[order.act],
		versionWords: when,
		date: longDayWords(order.date),
		cautions: []
	}));
	const trades = (schools ?? []).map(({ name, trade }) => `${name}: ${trade}`);
	const leftMm =
		sheet.heightMm -
		sheet.marginMm -
		sheet.y -
		trades.reduce(
			(sum, trade) => sum + sheet.paragraphMm(trade, sheet.innerMm, { sizePt: 10 }),
			trades.length > 0 ? sheet.lineMm(13) + 4 : 0
		);
	// As large as one page holds: two beside each other, or three; then smaller words.
	const ways = [
		[15, 2],
		[13, 2],
		[11.5, 2],
		[13, 3],
		[11.5, 3],
		[10, 3],
		[9, 3],
		[8, 3],
		[8, 4]
	] as const;
	for (const [nth, [sizePt, columns]] of ways.entries()) {
		const widthMm = (sheet.innerMm - (columns - 1) * gapMm) / columns;
		const cells = cellsOf(sheet, order, widthMm, sizePt);
		if (!cells) return null;
		const rows = Array.from({ length: Math.ceil(cells.length / columns) }, (_, row) =>
			cells.slice(row * columns, (row + 1) * columns)
		);
		const high = rows.map((row) => Math.max(...row.map(({ highMm }) => highMm)) + 3);
		if (high.reduce((sum, mm) => sum + mm, 0) > leftMm && nth < ways.length - 1) continue;
		for (const [at, row] of rows.entries()) {
			for (const [column, { scene, words, caution, wordsMm }] of row.entries()) {
				const x = sheet.marginMm + column * (widthMm + gapMm);
				sheet.sceneAt(scene, sheet.typeMm(9), x, sheet.y, drawWithin);
				const y = sheet.y + scene.height + 1.5;
				sheet.paragraphAt(words, x, y, widthMm, { sizePt });
				if (caution)
					sheet.paragraphAt(caution, x, y + wordsMm, widthMm, {
						sizePt: 0.8 * sizePt,
						isBold: true
					});
			}
			sheet.y += high[at] ?? 0;
		}
		break;
	}
	if (trades.length > 0) {
		sheet.heading(say.makersDiffer());
		for (const trade of trades) sheet.text(trade, { sizePt: 10 });
	}
	return sheet.save();
}

/** The cards of several acts, one a page, in one file; an act whose bag cannot be cut so is left out. */
export async function actCards({
	acts: names,
	owns,
	...order
}: ActCardsOrder): Promise<Uint8Array> {
	const all = await PDFDocument.create();
	all.setTitle(`${order.groupName}: cards`);
	for (const act of names)
		for (const own of owns) {
			const bytes = await actCard({ ...order, act, own });
			if (!bytes) continue;
			const card = await PDFDocument.load(bytes);
			for (const page of await all.copyPages(card, card.getPageIndices())) all.addPage(page);
			break;
		}
	return all.save();
}
