import { issue as say } from '$lib/words/making';
import type { Db } from '$lib/server/db/db';
import { ballColour } from '$lib/core/prepare/piles';
import type { IssueEntry } from '$lib/entries/types/issue';
import { contentOf } from '$lib/server/book/thing-content';
import type { Booked } from '$lib/server/book/entries';
import { bookMoves, holdPiles } from '$lib/server/book/piles';
import { findThing, happenTo, holdThing } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { orRefusal } from '$lib/server/gather/ledger';
import { matInHand } from './mat-in-hand';

/** Gives a ball for a mat: it leaves the store, its film with it, and lies there no more. */
export const keepIssue = (
	db: Db,
	{ mat, ball }: IssueEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const found = await matInHand(db, mat);
			if (found.problem !== undefined) return refuse('mat', found.problem);
			// Held: of two who give one ball at once, the second is told.
			const held = await holdThing(db, ball);
			const thing = held && (await findThing(db, ball));
			if (!thing) return refuse('ball', say.noBallOfThisGroup());
			const { sort, state } = thing;
			if (sort !== 'ball' && sort !== 'chain')
				return refuse('ball', say.isOnNoBallBut({ ball, sort }));
			if (state !== 'made') return refuse('ball', say.isNotInStoreAny({ ball }));
			const { kindId, colours, cut, filmMg } = contentOf('ball', thing.content);
			const key = {
				kindId,
				colour: ballColour(colours.map(({ colour }) => colour)),
				form: sort,
				cut
			};
			const piles = await holdPiles(db, [key]);
			const [pile] = piles;
			if (!pile || pile.amount < 1) return refuse('ball', say.theStoreHasNoSuch());
			const film = Math.min(filmMg, pile.filmMg);
			await bookMoves(
				db,
				entryId,
				[
					{ ...key, amount: -1, filmMg: -film, at: 'store', matId: null },
					{ ...key, amount: 1, filmMg: film, at: 'mat', matId: found.id }
				],
				piles
			);
			await happenTo(db, entryId, thing.id, 'given');
			return { outcome: 'kept', id: entryId };
		})
	);
