import { DomainError } from '$lib/core/domain-error';
import { cutPile } from '$lib/core/prepare/cut-pile';
import type { Pile, PileKey, PileMove } from '$lib/core/prepare/piles';
import {
	ballMoves,
	cutMoves,
	flattenMoves,
	joinMoves,
	pilesAfter,
	pileWord
} from '$lib/core/prepare/piles';
import type { ReadBy } from '$lib/entries/read-entry';
import { readEntry } from '$lib/entries/read-entry';
import type { Entry } from '$lib/entries/registry';
import type { Waiting } from '$lib/entries/waiting';
import type { TableCut, TablePile } from './table-view';

/** What an entry will move of these piles; nothing where it is none of the table's, or cannot be. */
function movesOf(entry: Entry, piles: readonly Pile[], cuts: readonly TableCut[]): PileMove[] {
	const pileOf = (key: PileKey): Pile =>
		piles.find((pile) => pileWord(pile) === pileWord(key)) ?? { ...key, amount: 0, filmMg: 0 };
	switch (entry.type) {
		case 'flatten':
			return flattenMoves(pileOf({ ...entry, form: 'bag', cut: null }), entry.bags);
		case 'cut': {
			const { planId, use, kindId, bags, spoiledShare } = entry;
			const by = cuts.find(
				(cut) => cut.planId === planId && cut.use === use && cut.kindId === kindId
			);
			if (!by) return [];
			return cutMoves(pileOf({ ...entry, form: 'flat', cut: null }), bags, by.cut, (filmMg) =>
				cutPile(by.given, by.massG, bags, filmMg, spoiledShare)
			);
		}
		case 'join':
			return joinMoves(pileOf({ ...entry, form: 'piece' }), entry.pieces);
		case 'ball':
			return ballMoves(
				entry.colours.map(({ colour, bags }) => ({
					pile: pileOf({ kindId: entry.kindId, colour, form: 'strand', cut: entry.cut }),
					pieces: bags * entry.cut.piecesPerBag
				})),
				entry.as
			);
		default:
			return [];
	}
}

const keyOnly = ({ kindId, colour, form, cut, amount, filmMg }: Pile): Pile => ({
	kindId,
	colour,
	form,
	cut,
	amount,
	filmMg
});

/** The piles as they will be once what waits on this device is kept. */
export function foreseen(
	piles: readonly TablePile[],
	waiting: readonly Pick<Waiting, 'type' | 'typed'>[],
	cuts: readonly TableCut[],
	readBy: ReadBy
): TablePile[] {
	if (waiting.length === 0) return [...piles];
	const names = new Map(piles.map(({ kindId, kind }) => [kindId, kind]));
	let now: Pile[] = piles.map(keyOnly);
	for (const { type, typed } of waiting) {
		const { entry } = readEntry(type, typed, readBy);
		if (!entry) continue;
		try {
			now = pilesAfter(now, movesOf(entry, now, cuts).map(keyOnly));
		} catch (error) {
			// What the piles do not bear is the server's to refuse.
			if (!(error instanceof DomainError)) throw error;
		}
	}
	return now.map((pile) => ({ ...pile, kind: names.get(pile.kindId) ?? '' }));
}
