import { braid, crossingsHome, pairOf } from '$lib/core/bands/braid';
import { ballsOfPlan, layPlanBalls, rowsOfMat } from '$lib/core/colour/balls-of-plan';
import { isKnotForbidden, layStrandOf } from '$lib/core/peg-loom/lay-strand';
import { endsOf, meetingCheck } from '$lib/core/peg-loom/meeting';
import { fourSeats } from '$lib/core/peg-loom/seats';
import { isOver } from '$lib/core/peg-loom/over-under';
import { figure, wholeNumber } from '$lib/plan/number-words';
import { hookName, stitchName } from '$lib/plan/stitch-words';
import type { SheetOrder } from './order';
import { readableIn } from './order';
import type { Sheet } from './sheet';

/** Rows to tick one by one, with a word where a ball ends; more than 300 go in fives. */
function rowTicks(sheet: Sheet, { plan, estimate }: SheetOrder, name: string): void {
	const { model } = estimate;
	const { rows } = rowsOfMat(model.mat);
	const endOf = new Map<number, number>();
	for (const run of layPlanBalls(plan, model).runs) {
		// The last run of a ball in the mat is where it ends.
		endOf.set(run.ball, run.row);
	}
	const notes = new Map<number, string>();
	for (const [ball, row] of [...endOf].slice(0, -1)) {
		const before = notes.get(row);
		notes.set(row, before ? `${before}, ${ball + 1}` : `ball ${ball + 1}`);
	}
	const each = rows > 300 ? 5 : 1;
	const items = Array.from({ length: Math.ceil(rows / each) }, (_, at) => {
		const first = at * each + 1;
		const last = Math.min(rows, first + each - 1);
		const within = Array.from({ length: last - first + 1 }, (_, more) => notes.get(first + more));
		return {
			label: each === 1 ? `${first}` : `${first}–${last}`,
			note: within.some(Boolean) ? `${within.filter(Boolean).join(', ')} ends` : undefined
		};
	});
	sheet.heading(`${name} to tick, and where each ball ends`);
	sheet.ticks(items, each === 1 ? 8 : 6);
}

function ballWords({ plan, estimate }: SheetOrder): string {
	const balls = ballsOfPlan(plan, estimate.model);
	const metres = figure((balls[0]?.strandMm ?? 0) / 1000);
	const colours = plan.colours?.length ? `: ${plan.colours.join(', ')}, and again` : '';
	return `${balls.length} balls of ${metres} m${colours}`;
}

export function crochetSheet(sheet: Sheet, order: SheetOrder): void {
	const { plan, estimate, terms } = order;
	const { mat } = estimate.model;
	const { technique } = plan;
	if (mat.kind !== 'crochet' || technique.kind !== 'crochet') return;
	sheet.table(
		[
			[
				'Stitch',
				`${stitchName(technique.stitch, terms)}, in ${terms === 'us' ? 'US' : 'UK'} words`
			],
			['Hook', hookName(technique.hookMm)],
			[
				'Begin',
				`chain ${mat.stitches} and turn; ${mat.rows} rows ${mat.isLengthwise ? 'as long as the sleeper' : 'across'}`
			],
			[
				'A row',
				`${figure(mat.strandPerRowMm / 1000)} m of strand, ${figure(mat.rowHeightMm)} mm high`
			],
			['Balls', ballWords(order)]
		],
		[1, 5]
	);
	sheet.text(
		'Count the stitches now and then: the last one of a row is easily missed, and then the mat narrows. A new ball is joined to the work exactly as a piece is joined to a piece.',
		{ sizePt: 10 }
	);
	rowTicks(sheet, order, 'Rows');
}

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
	sheet.table(
		[
			[
				'Pegs',
				`${mat.pegs} at each end, ${readable(mat.pitchMm, 'small')} apart; peg to peg ${readable(mat.pegToPegMm, 'mat')}`
			],
			[
				'Warp',
				`${mat.warpStrands} strands of ${mat.piecesPerStrand} loops${technique.doubleEdges === false ? '' : ', both outermost doubled'}; ${fit}`
			],
			['Knots', `odd strands at ${knots(false)} from the near peg; even strands at ${knots(true)}`],
			['Gap', `${readable(mat.endGapMm, 'small')} clear at both ends for the finish`],
			[
				'Weft',
				`${figure(mat.weftStrandMm / 1000)} m, ${figure(mat.strandPerRowMm / 1000)} m a row; beat every row ${technique.packing}`
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
		10
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
	sheet.text(
		'Give each laid strand a little twist. Finish: rods out, warp loops chained one through the next across each end, last loop tied off, ends hidden.',
		{ sizePt: 10 }
	);
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

export function frameSheet(sheet: Sheet, order: SheetOrder): void {
	const { plan, estimate, system } = order;
	const { mat } = estimate.model;
	if (mat.kind !== 'twined' || plan.technique.kind !== 'twined') return;
	const readable = readableIn(system);
	const { panels } = mat;
	sheet.table(
		[
			['Nails', `${mat.nails} at each end, ${readable(mat.pitchMm, 'small')} apart, in all panels`],
			[
				'Warp',
				`${wholeNumber(mat.warpMm / 1000)} m and tails, continuous${mat.clothM > 0 ? `: ${figure(mat.clothM)} m of cloth in strips of 4 cm` : ', of film strand'}`
			],
			[
				'Panels',
				panels.count === 1
					? 'one'
					: `${panels.across} side by side and ${panels.along} along, each ${readable(panels.widthMm, 'mat')} × ${readable(panels.lengthMm, 'mat')}, joined along the warp`
			],
			[
				'Weft',
				`a pair of strands, ${figure(mat.strandPerRowMm / 1000)} m a row, ${figure(mat.weftStrandMm / 1000)} m in all`
			],
			['Balls', ballWords(order)]
		],
		[1, 5]
	);
	sheet.text(
		'The first and the last row pass under each nail’s loop, or the weave slides off; the last row needs a hook. Twist the pair round every warp end and round each rod. Two or three back stitches end it.',
		{ sizePt: 10 }
	);
	rowTicks(sheet, order, 'Rows');
}

export function bandsSheet(sheet: Sheet, order: SheetOrder): void {
	const { estimate, system } = order;
	const { mat } = estimate.model;
	if (mat.kind !== 'finger-bands') return;
	const readable = readableIn(system);
	const names = 'abcd';
	const k = mat.warpStrands;
	sheet.table(
		[
			[
				'Bands',
				`${mat.bands}, each ${readable(mat.bandWidthMm, 'small')} wide and ${readable(mat.lengthMm, 'mat')} long`
			],
			['Along', `${k} strands, ${figure(mat.warpStrandMm / mat.bands / 1000)} m a band`],
			[
				'Across',
				`the weaver, ${figure(mat.weaverStrandMm / mat.bands / 1000)} m a band, about ${wholeNumber(mat.rowsPerBand)} passes`
			],
			['Turns', `${figure(mat.turnStrandMm / 1000)} m in all, braided at each end`],
			['Balls', ballWords(order)]
		],
		[1, 5]
	);
	sheet.text(
		'Keep it flat on a table: pulled too tight it curls. First band: clip the end, and make it as long as the sleeper. The weaver links into the edge of the band before at every return. Ends are tucked into the next gaps, none skipped.',
		{ sizePt: 10 }
	);
	sheet.heading('The turn, crossing by crossing');
	sheet.table(
		Array.from({ length: crossingsHome(k) + 1 }, (_, crossing) => [
			crossing === 0 ? 'Before' : `Crossing ${crossing}`,
			crossing === 0 ? '' : `swap the ${pairOf(k, crossing - 1)[0] === 0 ? 'left' : 'right'} pair`,
			braid(k, crossing)
				.map((strand) => names[strand])
				.join('  ')
		]),
		[1, 2, 2],
		10
	);
	rowTicks(sheet, order, 'Bands');
}
