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
	const each = panels.count === 1 ? '' : ' in each panel';
	const spacing = formatSpacing(panel.spacingMm, system);
	sheet.figures([
		{ value: `${panel.nails}`, label: `nails at each end${each}` },
		{ value: spacing, label: 'nail to nail' },
		{ value: `${panel.rows}`, label: `rows${each}` }
	]);
	drawStep(sheet, order, 'technique', { widthMm: sheet.innerMm, tallestMm: 80, sizePt: 13 });
	sheet.heading('How it is done');
	sheet.steps([
		`Set up the frame: at each end ${panel.nails} nails, ${spacing} apart, evenly over ${readable(panels.widthMm, 'mat')}. Rods along both sides, held by eyes or clips: bare nails let them pop out.`,
		`Wind the warp without a break up and down round the nails: ${2 * panel.nails} ends of ${mat.clothM > 0 ? `cloth cut ${readable(40, 'small')} wide` : 'film strand'}, ${strandWords(panel.warpMm, system)} and tails${each}.`,
		'Twine with a pair of strands: one over, one under each warp end, crossed between it and the next, and round the rod at each side. Then back the other way.',
		'The first row passes under the loop at every nail, and so does the last, which needs a hook: else the weave slides off the ends.',
		`Push every row close to the last. ${panel.rows} rows fill ${readable(panels.lengthMm, 'mat')}. Join each new piece as it is reached, so that slack can be worked out.`,
		`Two or three back stitches end it. ${panels.count > 1 ? `Make ${panels.count} such panels and join them along the warp.` : 'Draw the rods out and lift it off the nails.'} Rods are under tension: mind eyes and fingers.`
	]);
	sheet.table(
		[
			[
				'Panels',
				panels.count === 1
					? 'one'
					: `${panels.count}: ${panels.across} side by side and ${panels.along} along, each ${readable(panels.widthMm, 'mat')} × ${readable(panels.lengthMm, 'mat')}, joined along the warp`
			],
			[
				'Frame',
				`${readable(panel.frameWidthMm, 'mat')} × ${readable(panel.frameLengthMm, 'mat')} inside the nails and rods, or larger`
			],
			[
				'Nails',
				`${panel.nails} at each end${each}, ${formatSpacing(panel.spacingMm, system)} apart, evenly over ${readable(panels.widthMm, 'mat')}`
			],
			['Rows', `${panel.rows}${each}`],
			[
				'Warp',
				`${strandWords(panel.warpMm, system)} and tails${each}, continuous${mat.clothM > 0 ? `: ${strandWords(mat.clothM * 1000, system)} of cloth in all, in strips of ${readable(40, 'small')}` : ', of film strand'}`
			],
			[
				'Weft',
				`a pair of strands, ${strandWords(panel.strandPerRowMm, system)} a row, ${strandWords(panel.weftStrandMm, system)}${each}${panels.count > 1 ? `, ${strandWords(mat.weftStrandMm, system)} in all` : ''}`
			],
			['Balls', ballWords(order)]
		],
		[1, 5]
	);
	panelTicks(sheet, order);
}
