import { scrap as say } from '$lib/words/prepare';
import type { Db } from '$lib/server/db/db';
import type { ColourName } from '$lib/core/colour/colours';
import type { ScrapEntry } from '$lib/entries/types/scrap';
import { askFarOff } from '$lib/server/book/ask-far-off';
import type { Booked } from '$lib/server/book/entries';
import type { BookedMove } from '$lib/server/book/piles';
import { bookMoves, holdPiles } from '$lib/server/book/piles';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { orRefusal } from '$lib/server/gather/ledger';
import type { WeighedScrap } from '$lib/stages/table-day/taps';

/** What the entries of a day put on the piles of scrap, and which those are. */
const dayScrap = `from standing_entry e
	join movement m on m.group_id = e.group_id and m.entry_id = e.id and m.holder = 'store'
	join line l on l.group_id = m.group_id and l.id = m.line_id and l.form = 'scrap'
	where e.group_id = $1 and e.type in ('tap', 'scrap') and e.typed ->> 'day' = $2`;

/** So little more or less of scrap is asked about by nobody, g. */
const leastScrapG = 200;

/** Books what the scrap of a day weighs more or less than its cuts left by the book, against the difference. */
export const keepScrap = (
	db: Db,
	{ dayId, grams }: ScrapEntry,
	{ entryId, isSure }: Booked
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const lying = await db.many<{ kindId: string; colour: ColourName }>(
				`select l.kind_id as "kindId", l.colour ${dayScrap}
				 group by l.kind_id, l.colour order by sum(m.film_mg) desc, l.kind_id, l.colour`,
				[db.groupId, dayId]
			);
			const keys = lying.map((one) => ({ ...one, form: 'scrap' as const, cut: null }));
			if (keys.length === 0) return refuse('grams', say.nothingWasCutAtThis());
			// Held before it is counted: of two who weigh at once, the second sees what the first has booked.
			const held = await holdPiles(db, keys);
			const booked = await db.maybeOne<{ filmMg: number }>(
				`select coalesce(sum(m.film_mg), 0)::float8 as "filmMg" ${dayScrap}`,
				[db.groupId, dayId]
			);
			const far = askFarOff({ isSure }, [
				{
					what: say.scrap(),
					value: grams,
					expected: (booked?.filmMg ?? 0) / 1000,
					least: leastScrapG
				}
			]);
			if (far) return far;
			let open = Math.round(grams * 1000) - (booked?.filmMg ?? 0);
			const moves: BookedMove[] = [];
			for (const pile of held) {
				// More goes to the largest pile; less is taken of each as far as it has it.
				const filmMg = open > 0 ? open : -Math.min(-open, pile.filmMg);
				open -= filmMg;
				if (filmMg === 0) continue;
				const move = { ...pile, amount: filmMg / 1000, filmMg, matId: null };
				moves.push(
					{ ...move, at: 'store' },
					{ ...move, amount: -move.amount, filmMg: -filmMg, at: 'difference' }
				);
			}
			if (open < 0) return refuse('grams', say.theStoreHasLessScrap());
			await bookMoves(db, entryId, moves, held);
			return { outcome: 'kept', id: entryId };
		})
	);

/** The scrap of a day as it was weighed last; null where it was not. */
export const scrapOfDay = (db: Db, dayId: string): Promise<WeighedScrap | null> =>
	db.maybeOne<WeighedScrap>(
		`select sum(m.film_mg)::float8 / 1000 as "weighedG",
			coalesce(sum(m.film_mg) filter (where e.type = 'scrap'), 0)::float8 / 1000 as "moreG"
		 ${dayScrap} having bool_or(e.type = 'scrap')`,
		[db.groupId, dayId]
	);
