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
		{ value: `${k}`, label: 'strands along each' },
		{ value: readable(mat.lengthMm, 'mat'), label: 'long' }
	]);
	drawStep(sheet, order, 'technique', { widthMm: sheet.innerMm, tallestMm: 60, sizePt: 13 });
	sheet.table(
		[
			[
				'Bands',
				`${mat.bands}, each ${readable(mat.bandWidthMm, 'small')} wide and ${readable(mat.lengthMm, 'mat')} long`
			],
			['Along', `${k} strands, ${strandWords(mat.warpStrandMm / mat.bands, system)} a band`],
			[
				'Across',
				`the weaver, ${strandWords(mat.weaverStrandMm / mat.bands, system)} a band, about ${wholeNumber(mat.rowsPerBand)} passes`
			],
			['Turns', `${strandWords(mat.turnStrandMm, system)} in all, braided at each end`],
			['Balls', ballWords(order)]
		],
		[1, 5],
		12
	);
	sheet.text(
		'Keep it flat on a table: pulled too tight it curls. First band: clip the end, and make it as long as the sleeper. The weaver links into the edge of the band before at every return. Ends are tucked into the next gaps, none skipped.',
		{ sizePt: 12 }
	);
	sheet.heading('The turn, crossing by crossing');
	sheet.table(
		Array.from({ length: crossingsHome(k) + 1 }, (_, crossing) => [
			crossing === 0 ? 'Before' : `Crossing ${crossing}`,
			crossing === 0 ? '' : `swap the ${pairOf(k, crossing - 1)[0] === 0 ? 'left' : 'right'} pair`,
			braid(k, crossing)
				.map((strand) => strandNames[strand])
				.join('  ')
		]),
		[1, 2, 2],
		10
	);
	rowTicks(sheet, order, 'Bands');
}
