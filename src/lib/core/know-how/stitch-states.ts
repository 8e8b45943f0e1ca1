import type { Rope } from '../drawing/rope';
import type { SketchMark } from '../drawing/sketch-scene';
import type { Stitch } from '../techniques/crochet/stitches';

/** What the hand does in a stitch. */
export type StitchMove = 'over' | 'in' | 'up' | 'through-two' | 'through-three';

const movesOf: Readonly<Record<Stitch, readonly StitchMove[]>> = {
	sc: ['in', 'up', 'over', 'through-two'],
	hdc: ['over', 'in', 'up', 'over', 'through-three'],
	dc: ['over', 'in', 'up', 'over', 'through-two', 'over', 'through-two']
};

/** How a stitch stands after a move. */
export interface StitchState {
	readonly move: StitchMove;
	/** Loops on the hook. */
	readonly loops: number;
	/** Whether the strand lies over the hook, waiting to be drawn through. */
	readonly isOver: boolean;
	/** Whether the hook is in the row below. */
	readonly isIn: boolean;
}

/**
 * A stitch move by move, from one loop on the hook to one loop on the hook: laying the strand over adds nothing until it
 * is drawn through, or until the hook goes in and it stays as a loop.
 *
 * @example stitchStates('sc').map(({ loops }) => loops) // [1, 2, 2, 1]
 */
export function stitchStates(stitch: Stitch): StitchState[] {
	let [loops, isOver, isIn] = [1, false, false];
	return movesOf[stitch].map((move): StitchState => {
		switch (move) {
			case 'over':
				isOver = true;
				break;
			case 'in':
				// What was laid over the hook before it goes in stays on it as a loop.
				loops += isOver ? 1 : 0;
				[isOver, isIn] = [false, true];
				break;
			case 'up':
				loops += 1;
				isIn = false;
				break;
			case 'through-two':
			case 'through-three':
				loops += 1 - (move === 'through-two' ? 2 : 3);
				isOver = false;
				break;
		}
		return { move, loops, isOver, isIn };
	});
}

/**
 * A stitch as it stands, drawn: the hook across, its loops round it, the strand to the hand, and the row below.
 *
 * @example stitchMarks({ move: 'up', loops: 2, isOver: false, isIn: false }).length // 1
 */
export function stitchMarks({ loops, isOver, isIn }: StitchState): SketchMark[] {
	// The hook lies across, its head to the left; into the row it dips.
	const dip = isIn ? 22 : 0;
	const hook: Rope = {
		points: [
			[118, 24, 0],
			[96, 24, 0],
			[72, 24 + 0.25 * dip, 0],
			[48, 24 + 0.9 * dip, isIn ? -1.5 : 0],
			[36, 24 + dip, isIn ? -3 : 0],
			[33, 27 + dip, isIn ? -3 : 0]
		],
		wide: 5,
		tone: 'quiet'
	};
	const onHook = Array.from({ length: loops }, (_, at): Rope => {
		const x = 84 - at * 11;
		const y = 24 + (isIn ? 0.25 * dip * Math.max(0, (84 - x) / 12) : 0);
		return {
			points: [
				[x + 3, 52, 0.5],
				[x + 3, y + 4, 3],
				[x + 1, y - 5, 3],
				[x - 3, y - 5, -3],
				[x - 3, y + 4, -3],
				[x - 5, 52, -0.5]
			],
			wide: 3.2,
			tone: 'film-other'
		};
	});
	const x = 44;
	const strand: Rope = isOver
		? {
				points: [
					[4, 10, -4],
					[x - 12, 14, -4],
					[x + 3, 32, -4],
					[x + 5, 26, 0],
					[x + 1, 17, 4],
					[x - 5, 20, 4],
					[x - 14, 36, 4],
					[4, 46, 4]
				],
				wide: 3.2,
				tone: 'weft'
			}
		: {
				points: [
					[4, 12, -4],
					[16, 20, -4],
					[22, 38, -4],
					[30, 50, -4]
				],
				wide: 3.2,
				tone: 'weft'
			};
	return [{ show: 'ropes', ropes: [hook, ...onHook, strand] }];
}
