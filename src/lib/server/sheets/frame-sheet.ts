import { frameSheet as say } from '$lib/words/sheets';
import { formatSpacing } from '$lib/core/units/format-length';
import { strandWords } from '$lib/ui/unit-words';
import type { SheetOrder } from './order';
import { readableIn } from './order';
import { drawStep } from './plan-sheet';
import { ballWords, panelTicks } from './row-ticks';
import type { Sheet } from './sheet';

/** For the frame, also where nobody has seen the screen: nails, warp, twining, panels. */
export function frameSheet(sheet: Sheet, order: SheetOrder): void {
	const { plan, estimate, system } = order;
	const { mat } = estimate.model;
	if (mat.kind !== 'twined' || plan.technique.kind !== 'twined') return;
	const readable = readableIn(system);
	const { panels, panel } = mat;
	const each = panels.count === 1 ? '' : say.inEachPanel();
	const spacing = formatSpacing(panel.spacingMm, system);
	sheet.figures([
		{ value: `${panel.nails}`, label: say.nailsAtEachEnd({ each }) },
		{ value: spacing, label: say.nailToNail() },
		{ value: `${panel.rows}`, label: say.rowsEach({ each }) }
	]);
	drawStep(sheet, order, 'technique', { widthMm: sheet.innerMm, tallestMm: 80, sizePt: 13 });
	sheet.heading(say.howToDoIt());
	sheet.steps([
		say.setUpTheFrameAt({ nails: panel.nails, spacing, readable: readable(panels.widthMm, 'mat') }),
		say.windTheWarpWithoutA({
			what: 2 * panel.nails,
			part:
				mat.clothM > 0 ? say.clothCutWide({ readable: readable(40, 'small') }) : say.plasticYarn(),
			strand: strandWords(panel.warpMm, system),
			each
		}),
		say.twineWithAPairOf(),
		say.theFirstRowPassesUnder(),
		say.pushEveryRowCloseTo({ rows: panel.rows, readable: readable(panels.lengthMm, 'mat') }),
		say.twoOrThreeBackStitches({
			part:
				panels.count > 1
					? say.makeSuchPanelsAndJoin({ count: panels.count })
					: say.drawTheRodsOutAnd()
		})
	]);
	sheet.table(
		[
			[
				say.panels(),
				panels.count === 1
					? 'one'
					: say.sideBySideAndAlong({
							count: panels.count,
							across: panels.across,
							along: panels.along,
							readable: readable(panels.widthMm, 'mat'),
							readable2: readable(panels.lengthMm, 'mat')
						})
			],
			[
				say.frame(),
				say.insideTheNailsAndRods({
					readable: readable(panel.frameWidthMm, 'mat'),
					readable2: readable(panel.frameLengthMm, 'mat')
				})
			],
			[
				say.nails(),
				say.atEachEndApartEvenly({
					nails: panel.nails,
					each,
					formatSpacing: formatSpacing(panel.spacingMm, system),
					readable: readable(panels.widthMm, 'mat')
				})
			],
			[say.rows(), `${panel.rows}${each}`],
			[
				say.warp(),
				say.andTailsContinuous({
					strand: strandWords(panel.warpMm, system),
					each,
					part:
						mat.clothM > 0
							? say.ofClothInAllIn({
									strand: strandWords(mat.clothM * 1000, system),
									readable: readable(40, 'small')
								})
							: say.ofPlasticYarn()
				})
			],
			[
				say.weft(),
				say.aPairOfStrandsA({
					strand: strandWords(panel.strandPerRowMm, system),
					strand2: strandWords(panel.weftStrandMm, system),
					each,
					part: panels.count > 1 ? say.inAll({ strand: strandWords(mat.weftStrandMm, system) }) : ''
				})
			],
			[say.balls(), ballWords(order)]
		],
		[1, 5]
	);
	panelTicks(sheet, order);
}
