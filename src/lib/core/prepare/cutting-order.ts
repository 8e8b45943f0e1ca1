import type { ColourName } from '../colour/colours';
import { within } from '../domain-error';
import type { AskedColour } from './how-far';

/** A ball of a mat in its order, and the bags that go into it, spoiled ones among them. */
export interface BallAsked {
	readonly colour: AskedColour;
	readonly bags: number;
}

/** So many bags of a colour that are cut one after the other: one stretch of the work. */
export interface CuttingRun {
	readonly colour: AskedColour;
	/** Balls of the mat that it makes, from 1: the first and the last. */
	readonly fromBall: number;
	readonly toBall: number;
	/** Bags to cut: from the flat pile first, then such as must be flattened. */
	readonly flat: number;
	readonly unflattened: number;
	/** Bags that are not there. */
	readonly lacking: number;
}

/** Bags' worth that lie there of a colour: cut or joined already, flat, and as they came in. */
export interface Lying {
	readonly colour: ColourName;
	readonly done: number;
	readonly flat: number;
	readonly bags: number;
}

/**
 * What to cut next for a mat, in the order of its balls, so that its stripes come out: what is cut
 * or balled already is passed over, then flat bags are cut, then such as are flattened first.
 *
 * @param balls of one mat in the order they are worked
 * @param lying what there is, by colour; amounts 0 or more
 * @returns the runs, and what lies there after them
 * @throws DomainError
 * @example cuttingOrder([{ colour: 'blue', bags: 20 }, { colour: 'white', bags: 20 }], [{ colour: 'blue', done: 20, flat: 0, bags: 0 }, { colour: 'white', done: 0, flat: 12, bags: 30 }]) // { runs: [{ colour: 'white', fromBall: 2, toBall: 2, flat: 12, unflattened: 8, lacking: 0 }], left: [{ colour: 'blue', done: 0, flat: 0, bags: 0 }, { colour: 'white', done: 0, flat: 0, bags: 22 }] }
 */
export function cuttingOrder(
	balls: readonly BallAsked[],
	lying: readonly Lying[]
): { readonly runs: CuttingRun[]; readonly left: Lying[] } {
	const left = lying.map(({ colour, done, flat, bags }) => ({
		colour,
		done: within('done', done, { atLeast: 0 }),
		flat: within('flat', flat, { atLeast: 0 }),
		bags: within('bags', bags, { atLeast: 0 })
	}));
	const takes = (colour: AskedColour, from: 'done' | 'flat' | 'bags', most: number): number => {
		let taken = 0;
		for (const pile of left) {
			if (colour !== 'any' && pile.colour !== colour) continue;
			const used = Math.min(most - taken, pile[from]);
			pile[from] -= used;
			taken += used;
		}
		return taken;
	};
	const runs: CuttingRun[] = [];
	for (const [at, { colour, bags }] of balls.entries()) {
		let open = bags - takes(colour, 'done', bags);
		if (open < 0.5) continue;
		const flat = takes(colour, 'flat', open);
		open -= flat;
		const unflattened = takes(colour, 'bags', open);
		const lacking = open - unflattened;
		const last = runs.at(-1);
		if (last?.colour === colour && last.toBall === at)
			runs[runs.length - 1] = {
				...last,
				toBall: at + 1,
				flat: last.flat + flat,
				unflattened: last.unflattened + unflattened,
				lacking: last.lacking + lacking
			};
		else runs.push({ colour, fromBall: at + 1, toBall: at + 1, flat, unflattened, lacking });
	}
	return { runs, left };
}
