import { recount as say } from '$lib/words/prepare';
import type { Db } from '$lib/server/db/db';
import { filmShareMg } from '$lib/core/prepare/film-share';
import type { RecountEntry } from '$lib/entries/types/recount';
import { askFarOff } from '$lib/server/book/ask-far-off';
import type { Booked } from '$lib/server/book/entries';
import { bookMoves, holdPiles } from '$lib/server/book/piles';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { listKinds } from '$lib/server/gather/kinds';
import { orRefusal } from '$lib/server/gather/ledger';

/** So many more are asked about by nobody. */
const leastMore = 50;

/** Books what a pile is more or less than the book has it, against the difference. */
export const keepRecount = (
	db: Db,
	{ kindId, colour, form, cut, counted }: RecountEntry,
	{ entryId, isSure }: Booked
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const kind = (await listKinds(db)).find(({ id }) => id === kindId);
			if (!kind) return refuse('kind', say.thatKindOfBagIs());
			const piles = await holdPiles(db, [{ kindId, colour, form, cut }]);
			const [pile] = piles;
			if (!pile) throw new Error('a recount of no pile');
			const change = counted - pile.amount;
			if (change === 0) return { outcome: 'kept', id: entryId };
			// Fewer may well lie there; far more is asked about, where anything was known.
			const far =
				change > 0
					? askFarOff({ isSure }, [
							{ what: say.thisPile(), value: counted, expected: pile.amount, least: leastMore }
						])
					: null;
			if (far) return far;
			const eachMg = Math.round((cut ? cut.pieceG : kind.massG) * 1000);
			const filmMg = change < 0 ? -filmShareMg(pile.filmMg, pile.amount, -change) : change * eachMg;
			const move = { ...pile, amount: change, filmMg };
			await bookMoves(
				db,
				entryId,
				[
					{ ...move, at: 'store', matId: null },
					{ ...move, amount: -change, filmMg: -filmMg, at: 'difference', matId: null }
				],
				piles
			);
			return { outcome: 'kept', id: entryId };
		})
	);
