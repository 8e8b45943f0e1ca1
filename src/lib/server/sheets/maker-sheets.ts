import { braid, crossingsHome, pairOf } from '$lib/core/techniques/bands/braid';
import { ballStrandMm, ballsOfPlan, layPlanBalls, rowsOfMat } from '$lib/core/model/balls-of-plan';
import type { LaidBalls } from '$lib/core/colour/lay-balls';
import { layBalls } from '$lib/core/colour/lay-balls';
import { foundationChains } from '$lib/core/techniques/crochet/stitches';
import { isKnotForbidden, layStrandOf } from '$lib/core/techniques/peg-loom/lay-strand';
import { endsOf, meetingCheck } from '$lib/core/techniques/peg-loom/meeting';
import { fourSeats } from '$lib/core/techniques/peg-loom/seats';
import { isOver } from '$lib/core/techniques/peg-loom/over-under';
import { formatSpacing } from '$lib/core/units/format-length';
import { wholeNumber } from '$lib/ui/number-words';
import { hookName, stitchName } from '$lib/ui/stitch-words';
import { tallyValue } from '$lib/stages/plan/words/tally-words';
import { fineWords, strandWords } from '$lib/ui/unit-words';
import type { SheetOrder } from './order';
import { readableIn } from './order';
import type { Sheet } from './sheet';

/** Rows to tick one by one, with a word where a ball ends; more than 300 go in fives. */
function rowTicks(sheet: Sheet, { plan, estimate }: SheetOrder, name: string): void {
	const { model } = estimate;
	tick(sheet, name, rowsOfMat(model.mat).rows, ballEnds(layPlanBalls(plan, model)));
}

/** The rows of a frame are counted in each panel; panel after panel goes on with the ball in hand. */
function panelTicks(sheet: Sheet, { plan, estimate }: SheetOrder): void {
	const { model } = estimate;
	const { mat } = model;
	if (mat.kind !== 'twined') return;
	const { panel, panels } = mat;
	const laid = layBalls(ballsOfPlan(plan, model), {
		beginningMm: 0,
		rowMm: panel.strandPerRowMm,
		rows: panel.rows * panels.count
	});
	const ends = ballEnds(laid);
	for (let at = 0; at < panels.count; at++) {
		const from = at * panel.rows;
		const own = new Map(
			[...ends]
				.filter(([row]) => row > from && row <= from + panel.rows)
				.map(([row, words]) => [row - from, words] as const)
		);
		tick(sheet, panels.count === 1 ? 'Rows' : `Rows of panel ${at + 1}`, panel.rows, own);
	}
}

/** The row each ball ends in, the last ball's left out. */
function ballEnds({ runs }: LaidBalls): Map<number, string> {
	const endOf = new Map<number, number>();
	// The last run of a ball in the mat is where it ends.
	for (const run of runs) endOf.set(run.ball, run.row);
	const notes = new Map<number, string>();
	for (const [ball, row] of [...endOf].slice(0, -1)) {
		const before = notes.get(row);
		notes.set(row, before ? `${before}, ${ball + 1}` : `ball ${ball + 1}`);
	}
	return notes;
}

function tick(sheet: Sheet, name: string, rows: number, notes: ReadonlyMap<number, string>): void {
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

/** As many balls as the tally has; where ties take some of them, that is said, for the marks count those of the mat. */
function ballWords({ plan, estimate, system }: SheetOrder): string {
	const { model, tally } = estimate;
	const inMat = ballsOfPlan(plan, model).length;
	const all = tallyValue(tally, 'balls', system);
	const colours = plan.colours?.length ? `: ${plan.colours.join(', ')}, and again` : '';
	const ties =
		all === wholeNumber(inMat) ? '' : `; the mat is worked from ${inMat}, ties from the rest`;
	return `${all} balls of ${strandWords(ballStrandMm(plan, model), system)}${colours}${ties}`;
}

export function crochetSheet(sheet: Sheet, order: SheetOrder): void {
	const { plan, estimate, terms, system } = order;
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
				`chain ${foundationChains(mat)} and turn: ${mat.stitches} stitches in every row; ${mat.rows} rows ${mat.isLengthwise ? 'as long as the sleeper' : 'across'}`
			],
			[
				'A row',
				`${strandWords(mat.strandPerRowMm, system)} of strand, ${fineWords(mat.rowHeightMm, system)} high`
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
	const { panels, panel } = mat;
	const each = panels.count === 1 ? '' : ' in each panel';
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
	sheet.text(
		'The first and the last row pass under each nail’s loop, or the weave slides off; the last row needs a hook. Twist the pair round every warp end and round each rod. Two or three back stitches end it.',
		{ sizePt: 10 }
	);
	panelTicks(sheet, order);
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
			['Along', `${k} strands, ${strandWords(mat.warpStrandMm / mat.bands, system)} a band`],
			[
				'Across',
				`the weaver, ${strandWords(mat.weaverStrandMm / mat.bands, system)} a band, about ${wholeNumber(mat.rowsPerBand)} passes`
			],
			['Turns', `${strandWords(mat.turnStrandMm, system)} in all, braided at each end`],
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
