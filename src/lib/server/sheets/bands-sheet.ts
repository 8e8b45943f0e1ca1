import { bandsSheet as say } from '$lib/words/sheets';
import { strandNames } from '$lib/core/drawing/bands-scene';
import { braid, crossingsHome, pairOf } from '$lib/core/techniques/bands/braid';
import { wholeNumber } from '$lib/ui/number-words';
import { strandWords } from '$lib/ui/unit-words';
import type { SheetOrder } from './order';
import { readableIn } from './order';
import { drawStep } from './plan-sheet';
import { ballWords, rowTicks } from './row-ticks';
import type { Sheet } from './sheet';

/** For hands without tools: how many bands, what each takes, and the turn crossing by crossing. */
export function bandsSheet(sheet: Sheet, order: SheetOrder): void {
	const { estimate, system } = order;
	const { mat } = estimate.model;
	if (mat.kind !== 'finger-bands') return;
	const readable = readableIn(system);
	const k = mat.warpStrands;
	sheet.figures([
		{ value: `${mat.bands}`, label: 'bands' },
		{ value: `${k}`, label: say.strandsAlongEach() },
		{ value: readable(mat.lengthMm, 'mat'), label: 'long' }
	]);
	drawStep(sheet, order, 'technique', { widthMm: sheet.innerMm, tallestMm: 60, sizePt: 13 });
	sheet.table(
		[
			[
				say.bands(),
				say.eachWideAndLong({
					bands: mat.bands,
					readable: readable(mat.bandWidthMm, 'small'),
					readable2: readable(mat.lengthMm, 'mat')
				})
			],
			[
				say.along(),
				say.strandsABand({ k, strand: strandWords(mat.warpStrandMm / mat.bands, system) })
			],
			[
				say.across(),
				say.theWeaverABandAbout({
					strand: strandWords(mat.weaverStrandMm / mat.bands, system),
					rowsPerBand: wholeNumber(mat.rowsPerBand)
				})
			],
			[say.turns(), say.inAllBraidedAtEach({ strand: strandWords(mat.turnStrandMm, system) })],
			[say.balls(), ballWords(order)]
		],
		[1, 5],
		12
	);
	sheet.text(say.keepItFlatOnA(), { sizePt: 12 });
	sheet.heading(say.theTurnCrossingByCrossing());
	sheet.table(
		Array.from({ length: crossingsHome(k) + 1 }, (_, crossing) => [
			crossing === 0 ? say.before() : say.crossing({ crossing }),
			crossing === 0
				? ''
				: say.swapTheIspairofSelectYes({
						isPairOf: pairOf(k, crossing - 1)[0] === 0 ? 'yes' : 'no'
					}),
			braid(k, crossing)
				.map((strand) => strandNames[strand])
				.join('  ')
		]),
		[1, 2, 2],
		10
	);
	rowTicks(sheet, order, say.bands());
}
