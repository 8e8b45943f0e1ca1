import type { CutYield } from '../cut/yield';
import { positive } from '../domain-error';

/** A kind in a mixed strand: its share of the strand, and what one piece of it adds, mm. */
export interface KindOfStrand {
	readonly share: number;
	readonly pieceMm: number;
}

/**
 * Share of the pieces of each kind: of two kinds with as much strand, the shorter pieces are more.
 *
 * @throws DomainError where a piece is not above 0
 * @example piecesShare([{ share: 0.5, pieceMm: 400 }, { share: 0.5, pieceMm: 200 }]) // [0.33333, 0.66667]
 */
export function piecesShare(kinds: readonly KindOfStrand[]): number[] {
	const pieces = kinds.map(({ share, pieceMm }) => share / positive('pieceMm', pieceMm));
	const all = pieces.reduce((sum, one) => sum + one, 0);
	return pieces.map((one) => one / all);
}

/**
 * The order in which pieces are joined so that thickness stays even: place j goes to the kind that is
 * furthest behind its share, the first listed on a tie. Two kinds are never more than half a piece from
 * their share, three or four never a whole one.
 *
 * @param places how many pieces, 0 or more
 * @returns indexes of the kinds
 * @example pieceOrder([{ share: 0.5, pieceMm: 400 }, { share: 0.5, pieceMm: 200 }], 6) // [1, 0, 1, 1, 0, 1]
 */
export function pieceOrder(kinds: readonly KindOfStrand[], places: number): number[] {
	const shares = piecesShare(kinds);
	const used = shares.map(() => 0);
	const order: number[] = [];
	for (let place = 1; place <= places; place++) {
		let next = 0;
		let behind = -Infinity;
		for (const [kind, share] of shares.entries()) {
			const lacking = share * place - (used[kind] ?? 0);
			if (lacking <= behind + 1e-12) continue;
			next = kind;
			behind = lacking;
		}
		used[next] = (used[next] ?? 0) + 1;
		order.push(next);
	}
	return order;
}

/** Pieces of a mixed strand that are told and drawn in their order. */
const piecesTold = 12;

/**
 * The first twelve pieces of a strand of these kinds, in the order they are joined.
 *
 * @example toldOrder([{ share: 0.5, yield: { pieceLengthMm: 400 } }, { share: 0.5, yield: { pieceLengthMm: 200 } }]).slice(0, 3) // [1, 0, 1]
 */
export const toldOrder = (
	kinds: readonly { readonly share: number; readonly yield: Pick<CutYield, 'pieceLengthMm'> }[]
): number[] =>
	pieceOrder(
		kinds.map(({ share, yield: made }) => ({ share, pieceMm: made.pieceLengthMm })),
		piecesTold
	);
