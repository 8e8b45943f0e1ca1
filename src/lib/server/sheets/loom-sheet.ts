import { loomSheet as say } from '$lib/words/sheets';
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
					`${readable(knot, 'small')}${isKnotForbidden(knot, mat.pegToPegMm) ? say.tooNearAPeg() : ''}`
			)
			.join(', ') || 'none';
	const meeting =
		technique.ends === 'both' && mat.rows >= 2
			? meetingCheck(...endsOf(mat.rows, technique.farFirstPass ?? 'over'), mat.pegs)
			: null;
	const fit = {
		stretch: say.allLoopsStretchToFit(),
		'add-short': say.addAShortPieceOf({ readable: readable(mat.shortPieceMm, 'small') }),
		'shorten-one': say.shortenOneLoopOfEach()
	}[laid.fit];
	const spacing = formatSpacing(mat.pitchMm, system);
	const isBoth = technique.ends === 'both';
	sheet.figures([
		{ value: `${mat.pegs}`, label: say.pegsAtEachEnd() },
		{ value: spacing, label: say.pegToPegAcross() },
		{ value: `${mat.rows}`, label: 'rows' }
	]);
	drawStep(sheet, order, 'technique', { widthMm: sheet.innerMm, tallestMm: 84, sizePt: 13 });
	sheet.heading(say.howToDoIt());
	sheet.steps([
		say.setUpTheLoomPegs({ pegs: mat.pegs, spacing, readable: readable(mat.pegToPegMm, 'mat') }),
		say.loadTheWarpStrandsOf({
			warpStrands: mat.warpStrands,
			piecesPerStrand: mat.piecesPerStrand,
			isDoubleEdges: technique.doubleEdges === false ? 'yes' : 'no'
		}),
		say.weaveOverOneStrandUnder({ readable: readable(mat.endGapMm, 'small') }),
		say.beatEveryRowAgainstThe({ packing: technique.packing }),
		isBoth
			? say.upToFourWeaveTwo()
			: say.stopBeforeTheFarPegs({ readable: readable(mat.endGapMm, 'small'), rows: mat.rows }),
		say.finishDrawTheRodsOut()
	]);
	sheet.table(
		[
			[
				say.pegs(),
				say.atEachEndApartPeg({
					pegs: mat.pegs,
					formatSpacing: formatSpacing(mat.pitchMm, system),
					readable: readable(mat.pegToPegMm, 'mat')
				})
			],
			[
				say.warp(),
				say.strandsOfLoopsIsdoubleedgesSelect({
					warpStrands: mat.warpStrands,
					piecesPerStrand: mat.piecesPerStrand,
					isDoubleEdges: technique.doubleEdges === false ? 'yes' : 'no',
					fit
				})
			],
			[say.knots(), say.oddStrandsAtFromThe({ knots: knots(false), knots2: knots(true) })],
			[say.gap(), say.clearAtBothEndsFor({ readable: readable(mat.endGapMm, 'small') })],
			[
				say.weft(),
				say.aRowBeatEveryRow({
					strand: strandWords(mat.weftStrandMm, system),
					strand2: strandWords(mat.strandPerRowMm, system),
					packing: technique.packing
				})
			],
			[say.balls(), ballWords(order)],
			...(meeting
				? [
						[
							say.meeting(),
							meeting.verdict === 'fine'
								? say.nearEndRowsFarEnd({
										ceil: Math.ceil(mat.rows / 2),
										floor: Math.floor(mat.rows / 2)
									})
								: say.endsMeetAlike()
						]
					]
				: [])
		],
		[1, 6],
		11
	);
	drawOverUnder(sheet, Math.min(mat.pegs, 24));
	if (meeting) {
		sheet.heading(say.fourSeatsHandingOverHalf());
		sheet.table(
			fourSeats(mat.pegs, mat.rows).map(({ seat, end, side, firstStrand, lastStrand, rows }) => [
				say.seat({ seat }),
				say.end({ end, side }),
				say.strandsTo({ firstStrand, lastStrand }),
				say.rowsOf({ count: rows })
			]),
			[1, 2, 2, 1],
			10
		);
	}
	rowTicks(sheet, order, say.rows());
}

/** The first rows of the weave: a bar where the weft lies over, a gap where it dives under. */
function drawOverUnder(sheet: Sheet, strands: number): void {
	sheet.heading(say.overAndUnderFromThe());
	const cell = Math.min(6, (sheet.innerMm - 20) / strands);
	sheet.need(6 * cell + 4);
	const left = sheet.marginMm + 18;
	for (let row = 1; row <= 4; row++) {
		const y = sheet.y + (row - 0.5) * cell;
		sheet.label(say.row({ row }), sheet.marginMm, y + 1);
		for (let strand = 1; strand <= strands; strand++) {
			const x = left + (strand - 0.5) * cell;
			if (isOver(row, strand)) sheet.line(x - cell * 0.45, y, x + cell * 0.45, y, 1.4);
			else sheet.line(x, y - cell * 0.45, x, y + cell * 0.45, 0.8);
		}
	}
	sheet.y += 4 * cell + 3;
}
