import { rowTicks as say } from '$lib/words/sheets';
import type { LaidBalls } from '$lib/core/colour/lay-balls';
import { layBalls } from '$lib/core/colour/lay-balls';
import { ballStrandMm, ballsOfPlan, layPlanBalls, rowsOfMat } from '$lib/core/model/balls-of-plan';
import { tallyValue } from '$lib/stages/plan/words/tally-words';
import { wholeNumber } from '$lib/ui/number-words';
import { strandWords } from '$lib/ui/unit-words';
import type { SheetOrder } from './order';
import type { Sheet } from './sheet';

/** Rows to tick one by one, with a word where a ball ends; more than 300 go in fives. */
export function rowTicks(sheet: Sheet, { plan, estimate }: SheetOrder, name: string): void {
	const { model } = estimate;
	tick(sheet, name, rowsOfMat(model.mat).rows, ballEnds(layPlanBalls(plan, model)));
}

/** The rows of a frame are counted in each panel; panel after panel goes on with the ball at hand. */
export function panelTicks(sheet: Sheet, { plan, estimate }: SheetOrder): void {
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
		tick(sheet, panels.count === 1 ? say.rows() : say.rowsOfPanel({ at: at + 1 }), panel.rows, own);
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
		notes.set(row, before ? `${before}, ${ball + 1}` : say.ball({ ball: ball + 1 }));
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
			note: within.some(Boolean)
				? say.ends({ codes: within.filter(Boolean).join(', ') })
				: undefined
		};
	});
	sheet.heading(say.toTickAndWhereEach({ name }));
	sheet.ticks(items, each === 1 ? 8 : 6);
}

/** As many balls as the tally has; where ties take some of them, that is said, for the marks count those of the mat. */
export function ballWords({ plan, estimate, system }: SheetOrder): string {
	const { model, tally } = estimate;
	const inMat = ballsOfPlan(plan, model).length;
	const all = tallyValue(tally, 'balls', system);
	const colours = plan.colours?.length ? say.andAgain({ colours: plan.colours.join(', ') }) : '';
	const ties = all === wholeNumber(inMat) ? '' : say.theMatUsesTiesThe({ inMat });
	return say.ballsOf({
		all,
		strand: strandWords(ballStrandMm(plan, model), system),
		colours,
		ties
	});
}
