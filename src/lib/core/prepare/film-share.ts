import { within } from '../domain-error';

/**
 * The film that goes with so much of a pile, in whole milligrams: its share, and all that is left
 * with the last of it, so that nothing of a pile is left without its film and no film without a pile.
 *
 * @param pileMg film in the pile, mg
 * @param pile how much lies there, above 0
 * @param taken of it, from 0 to all of it
 * @throws DomainError
 * @example [filmShareMg(1000, 3, 1), filmShareMg(667, 2, 2)] // [333, 667]
 */
export function filmShareMg(pileMg: number, pile: number, taken: number): number {
	within('pile', pile, { moreThan: 0 });
	within('taken', taken, { atLeast: 0, atMost: pile });
	return taken === pile ? pileMg : Math.round((pileMg * taken) / pile);
}
