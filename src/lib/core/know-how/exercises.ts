import type { Rng } from '../statistics/rng';
import { seededRng } from '../statistics/rng';
import { braid, crossingsHome } from '../techniques/bands/braid';
import { hooks, suitableHookMm } from '../techniques/crochet/hooks';
import { rowsPerBall } from '../techniques/crochet/rows-per-ball';
import { isOver } from '../techniques/peg-loom/over-under';
import { someOf, wholeFrom } from './draw-lots';
import type { ByEye } from './exercises-by-eye';
import { byEye, isRightByEye } from './exercises-by-eye';
import { piecesOfTube, spiralWith } from './slits';

/** What can be practised. */
export const exerciseKinds = [
	'slit',
	'over-under',
	'wrong-row',
	'crossings',
	'hook',
	'ball-end',
	'trim',
	'snug',
	'seat',
	'fault'
] as const;
export type ExerciseKind = (typeof exerciseKinds)[number];

/** Which turn a slit is cut over to, from the bottom and from 1. */
interface SlitExercise {
	readonly kind: 'slit';
	readonly turns: number;
	readonly slit: number;
}
/** Whether the weft goes over a strand next. Rows and strands from 1. */
interface OverExercise {
	readonly kind: 'over-under';
	readonly strands: number;
	readonly row: number;
	readonly strand: number;
}
/** Which row lies like the one before it. */
interface WrongRowExercise {
	readonly kind: 'wrong-row';
	readonly strands: number;
	readonly rows: number;
	readonly wrong: number;
}
/** How many crossings more bring every strand home. */
interface CrossingsExercise {
	readonly kind: 'crossings';
	readonly strands: number;
	readonly made: number;
}
/** Which hook suits a strand, by its bulk diameter in mm. */
interface HookExercise {
	readonly kind: 'hook';
	readonly diameterMm: number;
}
/** In which row a ball runs out. */
interface BallExercise {
	readonly kind: 'ball-end';
	readonly ballMm: number;
	readonly rowMm: number;
	readonly from: number;
}
export type ExerciseFacts =
	| SlitExercise
	| OverExercise
	| WrongRowExercise
	| CrossingsExercise
	| HookExercise
	| BallExercise
	| ByEye;

/**
 * A question, and what can be answered: numbers of turns, rows or crossings, hooks in mm, 1 for over and 0 for under; of a trim
 * how high, mm; else which of what is offered, from 0.
 */
export interface Exercise {
	readonly facts: ExerciseFacts;
	/** In rising order. */
	readonly options: readonly number[];
}

function hookExercise(rng: Rng): Exercise {
	for (;;) {
		const diameterMm = Math.round(10 * (2.4 + 6 * rng())) / 10;
		const { near, far } = suitableHookMm(diameterMm);
		const sizes = hooks.map(({ mm }) => mm);
		const fit = sizes.filter((mm) => mm >= near && mm <= far);
		const wrong = sizes.filter((mm) => mm < 0.85 * near || mm > 1.15 * far);
		const [right] = fit;
		if (right === undefined || wrong.length < 3) continue;
		return {
			facts: { kind: 'hook', diameterMm },
			options: someOf(rng, [fit[Math.floor(rng() * fit.length)] ?? right, ...wrong], 4)
		};
	}
}

function ballExercise(rng: Rng): Exercise {
	for (;;) {
		const ballMm = 1000 * wholeFrom(rng, 12, 40);
		const rowMm = 100 * wholeFrom(rng, 14, 38);
		const rows = rowsPerBall(ballMm, rowMm);
		// What all but fills a row is no fair question.
		if (rows < 3 || Math.abs(rows - Math.round(rows)) < 0.12) continue;
		const from = wholeFrom(rng, 1, 60);
		const right = from + Math.floor(rows);
		return {
			facts: { kind: 'ball-end', ballMm, rowMm, from },
			options: someOf(rng, [right, right - 2, right - 1, right + 1, right + 3], 4)
		};
	}
}

/**
 * A question of a kind, by chance: the same seed asks the same.
 *
 * @param seed whole
 * @example exerciseOf('over-under', 7).options // [0, 1]
 */
export function exerciseOf(kind: ExerciseKind, seed: number): Exercise {
	const rng = seededRng(seed);
	switch (kind) {
		case 'slit': {
			const turns = wholeFrom(rng, 4, 7);
			const slit = wholeFrom(rng, 2, turns - 1);
			const near = [slit - 1, slit, slit + 2].filter((turn) => turn <= turns);
			return {
				facts: { kind, turns, slit },
				options: someOf(rng, [slit + 1, ...near], 3)
			};
		}
		case 'over-under':
			return {
				facts: {
					kind,
					strands: wholeFrom(rng, 6, 9),
					row: wholeFrom(rng, 2, 5),
					strand: wholeFrom(rng, 2, 6)
				},
				options: [0, 1]
			};
		case 'wrong-row': {
			const rows = wholeFrom(rng, 5, 7);
			const wrong = wholeFrom(rng, 2, rows - 1);
			const others = Array.from({ length: rows }, (_, at) => at + 1).filter((row) => row !== wrong);
			return {
				facts: { kind, strands: wholeFrom(rng, 6, 9), rows, wrong },
				options: someOf(rng, [wrong, ...others], 4)
			};
		}
		case 'crossings': {
			const strands = wholeFrom(rng, 3, 4);
			const home = crossingsHome(strands);
			const made = wholeFrom(rng, 1, home - 1);
			const others = Array.from({ length: home }, (_, at) => at + 1);
			return {
				facts: { kind, strands, made },
				options: someOf(rng, [home - made, ...others.filter((more) => more !== home - made)], 4)
			};
		}
		case 'hook':
			return hookExercise(rng);
		case 'ball-end':
			return ballExercise(rng);
		case 'trim':
		case 'snug':
		case 'seat':
		case 'fault':
			return byEye(kind, rng);
	}
}

/**
 * Whether an answer is right, worked out anew from what is asked: by what the cut, the weave, the braid,
 * the hook or the ball would do.
 *
 * @param answer one of the exercise's options
 * @example isRight({ kind: 'crossings', strands: 3, made: 2 }, 4) // true
 */
export function isRight(facts: ExerciseFacts, answer: number): boolean {
	switch (facts.kind) {
		case 'slit':
			return piecesOfTube(spiralWith(facts.turns, facts.slit - 1, answer - 1)).rings.length === 0;
		case 'over-under':
			return isOver(facts.row, facts.strand) === (answer === 1);
		case 'wrong-row':
			return facts.wrong === answer;
		case 'crossings':
			return braid(facts.strands, facts.made + answer).every((strand, place) => strand === place);
		case 'hook': {
			const { near, far } = suitableHookMm(facts.diameterMm);
			return answer >= near && answer <= far;
		}
		case 'ball-end': {
			const whole = answer - facts.from;
			const rows = rowsPerBall(facts.ballMm, facts.rowMm);
			return whole <= rows && whole + 1 > rows;
		}
		case 'trim':
		case 'snug':
		case 'seat':
		case 'fault':
			return isRightByEye(facts, answer);
	}
}

/**
 * How a weave of an exercise lies: whether the weft of a row, from 1, goes over a strand, from 1. A wrong row
 * lies like the one before it.
 *
 * @example weftIsOver({ kind: 'wrong-row', strands: 6, rows: 5, wrong: 3 }, 3, 1) // false
 */
export const weftIsOver = (
	facts: OverExercise | WrongRowExercise,
	row: number,
	strand: number
): boolean => isOver(facts.kind === 'wrong-row' && row === facts.wrong ? row - 1 : row, strand);
