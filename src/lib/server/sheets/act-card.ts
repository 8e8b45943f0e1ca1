import { actCard as say } from '$lib/words/sheets';
import { PDFDocument } from '@cantoo/pdf-lib';
import type { Scene } from '$lib/core/drawing/scene';
import type { ActName } from '$lib/stages/know-how/links/lesson-titles';
import { actTitles } from '$lib/stages/know-how/links/lesson-titles';
import { lessons, stepsOf } from '$lib/stages/know-how/lessons';
import type { ActStep, OwnThings } from '$lib/stages/know-how/lessons/lesson';
import { box, sceneOf } from '$lib/stages/know-how/lessons/lesson';
import type { Hand } from '$lib/stages/know-how/left-hand';
import { forHand } from '$lib/stages/know-how/left-hand';
import { longDayWords } from '$lib/ui/day-words';
import type { OnPaper } from '$lib/ui/reader';
import { beginSheet } from './begin-sheet';
import { drawWithin } from './draw-scene';
import { wallPaper } from './paper-pages';
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
/** Words on a wall are read from two metres: so large at least, pt. */
const wallPt = 17;
/** How large words are and how many steps stand beside each other, in the order it is tried. */
type Way = readonly [sizePt: number, columns: number];
const usualWays: readonly Way[] = [
	[15, 2],
	[13, 2],
	[13, 3],
	[12, 3],
	[11, 3],
	[10, 3],
	[9, 3],
	[9, 4]
];
/** On the wall none is smaller than can be read from there; type is scaled by so much. */
const wallWays = (scale: number): Way[] =>
	(
		[
			[28, 2],
			[24, 2],
			[24, 3],
			[22, 3],
			[20, 3],
			[wallPt, 3],
			[wallPt, 4]
		] as const
	).map(([pt, columns]) => [pt / scale, columns]);

interface Cell {
	readonly scene: Scene;
	readonly words: string;
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
	const room = { width: widthMm, tallest: widthMm * 0.6, type };
	const steps: readonly ActStep[] | null = stepsOf(act, { ...own, box: room }, hand);
	return (
		steps?.map((step, at) => {
			const scene = forHand(printed(sceneOf(step, room)), hand);
			const words = `${at + 1}. ${step.words}`;
			const wordsMm = sheet.paragraphMm(words, widthMm, { sizePt });
			return { scene, words, highMm: scene.height + 1.5 + wordsMm };
		}) ?? null
	);
}

/** Each caution of the act once, with the steps it belongs to. */
function cautionsOf({ act, own, hand }: ActCardOrder): string[] {
	const steps = stepsOf(act, { ...own, box }, hand) ?? [];
	const all = [...new Set(steps.flatMap(({ caution }) => (caution === null ? [] : [caution])))];
	return all.map((caution) =>
		say.stepsCaution({
			steps: steps.flatMap((step, at) => (step.caution === caution ? [at + 1] : [])).join(', '),
			caution
		})
	);
}

/** The card of an act as a PDF; null where the bag cannot be cut so. */
export async function actCard(order: ActCardOrder): Promise<Uint8Array | null> {
	const { when, schools } = lessons[order.act];
	const sheet = await beginSheet(
		order,
		() => ({
			title: order.groupName,
			planName: actTitles[order.act],
			versionWords: when,
			date: longDayWords(order.date),
			cautions: []
		}),
		order.isLarge ? wallPaper[order.paper] : order.paper
	);
	const cautions = cautionsOf(order);
	const warned = { sizePt: order.isLarge ? wallPt / sheet.large : 10, isBold: true };
	const trades = (schools ?? []).map(({ name, trade }) => `${name}: ${trade}`);
	const leftMm =
		sheet.heightMm -
		sheet.marginMm -
		sheet.y -
		trades.reduce(
			(sum, trade) => sum + sheet.paragraphMm(trade, sheet.innerMm, { sizePt: 10 }),
			trades.length > 0 ? sheet.lineMm(13) + 4 : 0
		) -
		cautions.reduce((sum, words) => sum + sheet.paragraphMm(words, sheet.innerMm, warned) + 1, 2);
	// As large as one page holds: few steps beside each other, then more, then smaller words.
	const ways = order.isLarge ? wallWays(sheet.large) : usualWays;
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
			for (const [column, { scene, words }] of row.entries()) {
				const x = sheet.marginMm + column * (widthMm + gapMm);
				sheet.sceneAt(scene, sheet.typeMm(9), x, sheet.y, drawWithin);
				sheet.paragraphAt(words, x, sheet.y + scene.height + 1.5, widthMm, { sizePt });
			}
			sheet.y += high[at] ?? 0;
		}
		break;
	}
	sheet.y += 2;
	for (const words of cautions) {
		sheet.text(words, warned);
		sheet.y += 1;
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
