import { crochetSheet as say } from '$lib/words/sheets';
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
		tells(mat.stitches, say.stitchesInARow()),
		tells(mat.rows, 'rows')
	]);
	drawStep(sheet, order, 'technique', { widthMm: sheet.innerMm, tallestMm: 62, sizePt: 14 });
	sheet.table(
		[
			[
				say.stitch(),
				say.inIstermsSelectYesOther({
					stitchName: stitchName(technique.stitch, terms),
					isTerms: terms === 'us' ? 'yes' : 'no'
				})
			],
			[say.hook(), hookName(technique.hookMm)],
			[
				say.begin(),
				say.chainAndTurnStitchesIn({
					foundationChains: foundationChains(mat),
					stitches: mat.stitches,
					rows: mat.rows,
					isLengthwise: mat.isLengthwise ? 'yes' : 'no'
				})
			],
			[
				say.aRow(),
				say.ofStrandHigh({
					strand: strandWords(mat.strandPerRowMm, system),
					fine: fineWords(mat.rowHeightMm, system)
				})
			],
			[say.balls(), ballWords(order)]
		],
		[1, 5],
		12
	);
	sheet.text(say.countTheStitchesNowAnd(), { sizePt: 12 });
	rowTicks(sheet, order, say.rows());
}
