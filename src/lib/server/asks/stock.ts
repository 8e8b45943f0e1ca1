import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import type { DrawnForm, Stock } from '$lib/core/store/allocate-store';
import type { LineForm } from '$lib/core/store/forms';
import type { KindLine } from '$lib/server/gather/kinds';
import type { BallStock } from '$lib/server/prepare/piles';
import type { TablePile } from '$lib/stages/prepare/table-view';

/** What lies in the store to be drawn from, and how it was cut where that is known. */
export interface CutStock extends Stock {
	readonly cut: CutSnapshot | null;
}

/** What a pile of each form is drawn as: what is flat is a bag still, what is joined is pieces. */
const drawnAs: Partial<Readonly<Record<LineForm, DrawnForm>>> = {
	bag: 'bag',
	flat: 'bag',
	piece: 'piece',
	strand: 'piece'
};

/**
 * What strand is drawn from: piles as they lie, and every ball and chain by what is in it, as the table
 * counts them. Balls that were moved in by count alone, of no known cut, are a pile.
 */
export function stockOf(
	piles: readonly TablePile[],
	balls: readonly BallStock[],
	kinds: readonly Pick<KindLine, 'id' | 'name'>[]
): CutStock[] {
	const names = new Map(kinds.map(({ id, name }) => [id, name]));
	return [
		...piles.flatMap(({ kind, colour, form, cut, amount }): CutStock[] => {
			const drawn =
				drawnAs[form] ?? (cut === null && (form === 'ball' ? 'ball' : form === 'chain' && 'piece'));
			if (!drawn) return [];
			const bagsEach = drawn !== 'bag' && cut ? 1 / cut.piecesPerBag : null;
			return [{ kind, colour, form: drawn, amount, bagsEach, cut }];
		}),
		...balls.flatMap(({ kindId, sort, cut, colours, balls: count }): CutStock[] => {
			const kind = names.get(kindId);
			if (kind === undefined) return [];
			const all = colours.reduce((sum, { bags }) => sum + bags, 0);
			return colours.map(({ colour, bags }) =>
				sort === 'ball'
					? // A ball of two colours is as much of a ball of each as there are bags of it.
						{ kind, colour, form: 'ball', amount: (count * bags) / all, bagsEach: all, cut }
					: {
							kind,
							colour,
							form: 'piece',
							amount: count * bags * cut.piecesPerBag,
							bagsEach: 1 / cut.piecesPerBag,
							cut
						}
			);
		})
	];
}
