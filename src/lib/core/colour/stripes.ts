import type { ColourName } from './colours';
import type { ColourRun } from './lay-balls';

/** A patch of one ball: whole rows together, or the part of one row that the ball covers. */
export interface Stripe {
	readonly ball: number;
	readonly colour: ColourName;
	/** First row, from 1, and how many. */
	readonly row: number;
	readonly rows: number;
	/** Where it lies across the row, from 0 to 1 from the side where row 1 began. */
	readonly from: number;
	readonly to: number;
}

const isWhole = (run: ColourRun): boolean => run.from < 1e-6 && run.to > 1 - 1e-6;

/**
 * The runs of a mat as patches to draw. Rows go to and fro, so every other row begins where the one
 * before it ended; the foundation is not drawn.
 * @example stripesOf([{ row: 1, ball: 0, colour: 'blue', from: 0, to: 1, strandMm: 200 }, { row: 2, ball: 0, colour: 'blue', from: 0, to: 0.25, strandMm: 50 }]).length // 2
 */
export function stripesOf(runs: readonly ColourRun[]): Stripe[] {
	const stripes: Stripe[] = [];
	for (const run of runs) {
		if (run.row === 0) continue;
		const last = stripes.at(-1);
		const whole = isWhole(run);
		const follows =
			last !== undefined &&
			last.ball === run.ball &&
			last.from === 0 &&
			last.to === 1 &&
			last.row + last.rows === run.row;
		if (whole && follows) {
			stripes[stripes.length - 1] = { ...last, rows: last.rows + 1 };
			continue;
		}
		const isForth = run.row % 2 === 1;
		stripes.push({
			ball: run.ball,
			colour: run.colour,
			row: run.row,
			rows: 1,
			from: whole ? 0 : isForth ? run.from : 1 - run.to,
			to: whole ? 1 : isForth ? run.to : 1 - run.from
		});
	}
	return stripes;
}
