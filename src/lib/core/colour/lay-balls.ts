import { positive, within } from '../domain-error';
import type { ColourName } from './colours';

/** A ball as it is worked: its colour, or a mixture, and the strand on it, mm. */
export interface Ball {
	readonly colour: ColourName;
	readonly strandMm: number;
}

/** How the strand lies in a mat: a beginning (a foundation chain, or nothing), then rows all alike. */
export interface Rows {
	readonly beginningMm: number;
	readonly rowMm: number;
	readonly rows: number;
}

/** A stretch of one ball in one row. Row 0 is the beginning. */
export interface ColourRun {
	readonly row: number;
	/** Which ball, from 0. */
	readonly ball: number;
	readonly colour: ColourName;
	/** Where it begins and ends along the row in the direction it is worked, from 0 to 1. */
	readonly from: number;
	readonly to: number;
	readonly strandMm: number;
}

export interface LaidBalls {
	readonly runs: readonly ColourRun[];
	/** Strand still missing when the last ball ran out, mm; 0 where they reach. */
	readonly missingMm: number;
	/** Strand left on the balls when the mat is done, mm. */
	readonly leftMm: number;
}

/** Below this much of a row the next ball simply begins with the next row, mm. */
const nothingMm = 1e-6;

/**
 * Exactly where each ball runs out: the runs of every row, in the order they are worked. The strand
 * of all runs and what is missing sum to the mat.
 *
 * @throws DomainError where a length is not above 0 or the rows are not a whole number from 1
 * @example layBalls([{ colour: 'blue', strandMm: 250 }, { colour: 'white', strandMm: 100 }], { beginningMm: 0, rowMm: 200, rows: 2 }) // { runs: [{ row: 1, ball: 0, colour: 'blue', from: 0, to: 1, strandMm: 200 }, { row: 2, ball: 0, colour: 'blue', from: 0, to: 0.25, strandMm: 50 }, { row: 2, ball: 1, colour: 'white', from: 0.25, to: 0.75, strandMm: 100 }], missingMm: 50, leftMm: 0 }
 */
export function layBalls(balls: readonly Ball[], { beginningMm, rowMm, rows }: Rows): LaidBalls {
	within('beginningMm', beginningMm, { atLeast: 0 });
	positive('rowMm', rowMm);
	within('rows', rows, { atLeast: 1, isWhole: true });
	for (const ball of balls) positive('strandMm', ball.strandMm);

	const runs: ColourRun[] = [];
	let index = 0;
	let onBallMm = balls[0]?.strandMm ?? 0;
	let missingMm = 0;
	for (let row = beginningMm > 0 ? 0 : 1; row <= rows; row++) {
		const wholeMm = row === 0 ? beginningMm : rowMm;
		let doneMm = 0;
		while (wholeMm - doneMm > nothingMm) {
			while (onBallMm <= nothingMm && index < balls.length) {
				index++;
				onBallMm = balls[index]?.strandMm ?? 0;
			}
			const ball = balls[index];
			if (!ball) {
				missingMm += wholeMm - doneMm;
				break;
			}
			const strandMm = Math.min(onBallMm, wholeMm - doneMm);
			const from = doneMm / wholeMm;
			doneMm += strandMm;
			onBallMm -= strandMm;
			runs.push({ row, ball: index, colour: ball.colour, from, to: doneMm / wholeMm, strandMm });
		}
	}
	let leftMm = onBallMm;
	for (const ball of balls.slice(index + 1)) leftMm += ball.strandMm;
	return { runs, missingMm, leftMm };
}
