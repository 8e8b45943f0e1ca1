import { within } from '../domain-error';

/** What a tube falls into once its slits are joined by slants: turns of each, from the bottom, in the order they run. */
export interface TubePieces {
	readonly strips: readonly (readonly number[])[];
	readonly rings: readonly (readonly number[])[];
}

/**
 * What comes of a tube that is slit all round but for its margin, once each front slit is cut over to a back one.
 *
 * @param goesOn of each turn, from the bottom and from 0: the turn it runs on into; as many as there are turns where it runs out at the top. Whole, no two alike
 * @throws DomainError
 * @example piecesOfTube([1, 2, 3]).strips // [[0, 1, 2]]
 */
export function piecesOfTube(goesOn: readonly number[]): TubePieces {
	const turns = goesOn.length;
	for (const next of goesOn) within('goesOn', next, { atLeast: 0, atMost: turns, isWhole: true });
	within('differing', new Set(goesOn).size, { atLeast: turns, atMost: turns });
	const gone = new Set<number>();
	const from = (first: number): number[] => {
		const run: number[] = [];
		for (let turn = first; turn < turns && !gone.has(turn); turn = goesOn[turn] ?? turns) {
			gone.add(turn);
			run.push(turn);
		}
		return run;
	};
	const entered = new Set(goesOn);
	const begins = goesOn.map((_, turn) => turn);
	return {
		// What nothing runs into is where a strip begins; what is left runs into itself.
		strips: begins.filter((turn) => !entered.has(turn)).map(from),
		rings: begins.flatMap((turn) => (gone.has(turn) ? [] : [from(turn)]))
	};
}

/**
 * The slants of a good spiral, but for one slit that is cut over to another turn: whatever ran there before
 * gets what that slit would have had.
 *
 * @param turns whole, 2 or more
 * @param slit the turn, from 0, whose slant is meant
 * @param to the turn it is cut over to, 0 to `turns`
 * @throws DomainError
 * @example [spiralWith(4, 1, 2), spiralWith(4, 1, 1)] // [[1, 2, 3, 4], [2, 1, 3, 4]]
 */
export function spiralWith(turns: number, slit: number, to: number): number[] {
	within('turns', turns, { atLeast: 2, atMost: 100, isWhole: true });
	within('slit', slit, { atLeast: 0, atMost: turns - 1, isWhole: true });
	within('to', to, { atLeast: 0, atMost: turns, isWhole: true });
	const good = Array.from({ length: turns }, (_, turn) => turn + 1);
	return good.map((next, turn) => (turn === slit ? to : next === to ? slit + 1 : next));
}
