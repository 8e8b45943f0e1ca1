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
