import { isKnotForbidden, layStrandOf } from '$lib/core/techniques/peg-loom/lay-strand';
import { endsOf, meetingCheck } from '$lib/core/techniques/peg-loom/meeting';
import { isOver } from '$lib/core/techniques/peg-loom/over-under';
import { fourSeats } from '$lib/core/techniques/peg-loom/seats';
import { formatSpacing } from '$lib/core/units/format-length';
import { strandWords } from '$lib/ui/unit-words';
import type { SheetOrder } from './order';
import { readableIn } from './order';
import { drawStep } from './plan-sheet';
import { ballWords, rowTicks } from './row-ticks';
import type { Sheet } from './sheet';

/** For the loom, also where nobody has seen the screen: set it up, load it, weave, finish. */
export function loomSheet(sheet: Sheet, order: SheetOrder): void {
	const { plan, estimate, system } = order;
	const { mat } = estimate.model;
	const { technique } = plan;
	if (mat.kind !== 'peg-loom' || technique.kind !== 'peg-loom') return;
	const readable = readableIn(system);
	const laid = layStrandOf(mat, technique.shortPiece);
	const knots = (fromFar: boolean) =>
		laid.knotsMm
			.map((knot) => (fromFar ? mat.pegToPegMm - knot : knot))
			.sort((a, b) => a - b)
			.map(
				(knot) =>
					`${readable(knot, 'small')}${isKnotForbidden(knot, mat.pegToPegMm) ? ' (too near a peg)' : ''}`
			)
			.join(', ') || 'none';
	const meeting =
		technique.ends === 'both' && mat.rows >= 2
			? meetingCheck(...endsOf(mat.rows, technique.farFirstPass ?? 'over'), mat.pegs)
			: null;
	const fit = {
		stretch: 'all loops stretch to fit alike',
		'add-short': `add a short piece of ${readable(mat.shortPieceMm, 'small')} to each strand`,
		'shorten-one': 'shorten one loop of each strand'
	}[laid.fit];
	const spacing = formatSpacing(mat.pitchMm, system);
	const isBoth = technique.ends === 'both';
	sheet.figures([
		{ value: `${mat.pegs}`, label: 'pegs at each end' },
		{ value: spacing, label: 'peg to peg across' },
		{ value: `${mat.rows}`, label: 'rows' }
	]);
	drawStep(sheet, order, 'technique', { widthMm: sheet.innerMm, tallestMm: 84, sizePt: 13 });
	sheet.heading('How it is done');
	sheet.steps([
		`Set up the loom: ${mat.pegs} pegs at each end, ${spacing} apart, ${readable(mat.pegToPegMm, 'mat')} from the pegs of one end to those of the other. Lay a smooth rod along each side and fix its ends: it keeps the edge straight and counts with the outermost strand as one.`,
		`Load the warp: ${mat.warpStrands} strands of ${mat.piecesPerStrand} loops, joined loop through loop, one from each peg to the peg across${technique.doubleEdges === false ? '' : '; the first and the last peg carry two'}. Give each a little twist. No knot may lie in the hatched ends: it jams when the mat comes off.`,
		`Weave: over one strand, under the next, all the way across and round the rod; come back doing the opposite. Leave ${readable(mat.endGapMm, 'small')} clear at both ends. The bars in the small drawing show where the weft lies on top.`,
		`Beat every row ${technique.packing} against the last with the fingers or a comb. When a ball runs out, join the next as a piece is joined to a piece.`,
		isBoth
			? `Up to four weave, two at each end, handing over half way across, until the two ends meet. Where they meet, neighbouring rows must be opposites.`
			: `Go on to ${readable(mat.endGapMm, 'small')} before the far pegs: ${mat.rows} rows.`,
		'Finish: draw the rods out, with pliers if they are tight and a second pair of hands; chain the warp loops one through the next across each end, tie off the last, hide the ends.'
	]);
	sheet.table(
		[
			[
				'Pegs',
				`${mat.pegs} at each end, ${formatSpacing(mat.pitchMm, system)} apart; peg to peg ${readable(mat.pegToPegMm, 'mat')}`
			],
			[
				'Warp',
				`${mat.warpStrands} strands of ${mat.piecesPerStrand} loops${technique.doubleEdges === false ? '' : ', both outermost doubled'}; ${fit}`
			],
			['Knots', `odd strands at ${knots(false)} from the near peg; even strands at ${knots(true)}`],
			['Gap', `${readable(mat.endGapMm, 'small')} clear at both ends for the finish`],
			[
				'Weft',
				`${strandWords(mat.weftStrandMm, system)}, ${strandWords(mat.strandPerRowMm, system)} a row; beat every row ${technique.packing}`
			],
			['Balls', ballWords(order)],
			...(meeting
				? [
						[
							'Meeting',
							meeting.verdict === 'fine'
								? `near end ${Math.ceil(mat.rows / 2)} rows, far end ${Math.floor(mat.rows / 2)}: neighbours are opposites`
								: 'the two ends meet alike: add or drop one row'
						]
					]
				: [])
		],
		[1, 6],
		11
	);
	drawOverUnder(sheet, Math.min(mat.pegs, 24));
	if (meeting) {
		sheet.heading('Four seats, handing over half way across');
		sheet.table(
			fourSeats(mat.pegs, mat.rows).map(({ seat, end, side, firstStrand, lastStrand, rows }) => [
				`Seat ${seat}`,
				`${end} end, ${side}`,
				`strands ${firstStrand} to ${lastStrand}`,
				`${rows} rows`
			]),
			[1, 2, 2, 1],
			10
		);
	}
	rowTicks(sheet, order, 'Rows');
}

/** The first rows of the weave: a bar where the weft lies over, a gap where it dives under. */
function drawOverUnder(sheet: Sheet, strands: number): void {
	sheet.heading('Over and under, from the near left corner');
	const cell = Math.min(6, (sheet.innerMm - 20) / strands);
	sheet.need(6 * cell + 4);
	const left = sheet.marginMm + 18;
	for (let row = 1; row <= 4; row++) {
		const y = sheet.y + (row - 0.5) * cell;
		sheet.label(`row ${row}`, sheet.marginMm, y + 1);
		for (let strand = 1; strand <= strands; strand++) {
			const x = left + (strand - 0.5) * cell;
			if (isOver(row, strand)) sheet.line(x - cell * 0.45, y, x + cell * 0.45, y, 1.4);
			else sheet.line(x, y - cell * 0.45, x, y + cell * 0.45, 0.8);
		}
	}
	sheet.y += 4 * cell + 3;
}
