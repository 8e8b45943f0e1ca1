import { foundationChains } from '$lib/core/techniques/crochet/stitches';
import { trimmed } from '$lib/core/units/format-length';
import { hookName, stitchName } from '$lib/ui/stitch-words';
import { fineWords, strandWords } from '$lib/ui/unit-words';
import type { SheetOrder } from './order';
import { drawStep } from './plan-sheet';
import { ballWords, rowTicks } from './row-ticks';
import type { Sheet } from './sheet';

/** For whoever crochets: hook, stitches and rows, how it begins, and every row to tick. */
export function crochetSheet(sheet: Sheet, order: SheetOrder): void {
	const { plan, estimate, terms, system } = order;
	const { mat } = estimate.model;
	const { technique } = plan;
	if (mat.kind !== 'crochet' || technique.kind !== 'crochet') return;
	const tells = (value: number | string, label: string) => ({ value: String(value), label });
	sheet.figures([
		tells(`${trimmed(technique.hookMm, 1)} mm`, 'hook'),
		tells(mat.stitches, 'stitches in a row'),
		tells(mat.rows, 'rows')
	]);
	drawStep(sheet, order, 'technique', { widthMm: sheet.innerMm, tallestMm: 62, sizePt: 14 });
	sheet.table(
		[
			[
				'Stitch',
				`${stitchName(technique.stitch, terms)}, in ${terms === 'us' ? 'US' : 'UK'} words`
			],
			['Hook', hookName(technique.hookMm)],
			[
				'Begin',
				`chain ${foundationChains(mat)} and turn: ${mat.stitches} stitches in every row; ${mat.rows} rows ${mat.isLengthwise ? 'as long as the sleeper' : 'across'}`
			],
			[
				'A row',
				`${strandWords(mat.strandPerRowMm, system)} of strand, ${fineWords(mat.rowHeightMm, system)} high`
			],
			['Balls', ballWords(order)]
		],
		[1, 5],
		12
	);
	sheet.text(
		'Count the stitches now and then: the last one of a row is easily missed, and then the mat narrows. A new ball is joined to the work exactly as a piece is joined to a piece.',
		{ sizePt: 12 }
	);
	rowTicks(sheet, order, 'Rows');
}
