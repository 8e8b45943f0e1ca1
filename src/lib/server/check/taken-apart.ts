import { takenApart as say } from '$lib/words/check';
import type { Db } from '$lib/server/db/db';
import type { ColourName } from '$lib/core/colour/colours';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import type { LineForm } from '$lib/core/store/forms';
import type { UnwoundEntry } from '$lib/entries/types/taken-apart';
import type { Booked } from '$lib/server/book/entries';
import type { BookedMove } from '$lib/server/book/piles';
import { bookMoves } from '$lib/server/book/piles';
import { findThing, holdThing } from '$lib/server/book/things';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { orRefusal } from '$lib/server/gather/ledger';
import { cutJson } from '$lib/server/prepare/piles';

/** What lies in a mat by the book. */
interface LineInMat {
	readonly kindId: string;
	readonly colour: ColourName;
	readonly form: LineForm;
	readonly cut: CutSnapshot | null;
	readonly amount: number;
	readonly filmMg: number;
}

const linesInMat = (db: Db, matId: number): Promise<LineInMat[]> =>
	db.many<LineInMat>(
		`select l.kind_id as "kindId", l.colour, l.form, b.amount, b.film_mg as "filmMg",
			${cutJson} as cut
		 from balance b
		 join line l on l.group_id = b.group_id and l.id = b.line_id
		 left join cut c on c.group_id = l.group_id and c.id = l.cut_id
		 where b.group_id = $1 and b.holder = 'mat' and b.thing_id = $2 and (b.amount > 0 or b.film_mg > 0)
		 order by b.film_mg desc, l.id`,
		[db.groupId, matId]
	);

/** Film in a mat by the book, mg; nothing where no ball was given for it by its label. */
export const filmInMat = async (db: Db, matId: number): Promise<number> =>
	(await linesInMat(db, matId)).reduce((sum, { filmMg }) => sum + filmMg, 0);

/**
 * Books what came of a mat that was taken apart: strand that is good still goes back to the store, in
 * pieces joined as they were cut; what is left of its film is scrap there.
 */
export const keepUnwound = (
	db: Db,
	{ mat, strandG }: UnwoundEntry,
	{ entryId }: Booked
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			await holdThing(db, mat);
			const thing = await findThing(db, mat);
			if (!thing || thing.sort !== 'mat') return refuse('mat', say.noMatOfThisGroup());
			if (thing.state !== 'taken-apart') return refuse('mat', say.wasNotFoundOneTo({ mat }));
			const lines = await linesInMat(db, thing.id);
			const filmMg = lines.reduce((sum, line) => sum + line.filmMg, 0);
			if (filmMg === 0) return refuse('strand', say.byTheBookNothingLies({ mat }));
			if (strandG * 1000 > filmMg)
				return refuse('strand', say.byTheRecordsItHolds({ round: Math.round(filmMg / 1000) }));
			let open = Math.round(strandG * 1000);
			const moves = lines.flatMap((line): BookedMove[] => {
				const own = { ...line, at: 'mat' as const, matId: thing.id };
				const back: BookedMove[] = [{ ...own, amount: -line.amount, filmMg: -line.filmMg }];
				// Strand is what has a cut: a line without one is scrap whatever it weighs.
				const strandMg = line.cut ? Math.min(open, line.filmMg) : 0;
				const pieces = line.cut ? Math.floor(strandMg / (line.cut.pieceG * 1000) + 1e-6) : 0;
				const goodMg =
					line.cut && pieces > 0
						? Math.min(line.filmMg, Math.round(pieces * line.cut.pieceG * 1000))
						: 0;
				open -= strandMg;
				const store = { at: 'store' as const, matId: null };
				if (goodMg > 0)
					back.push({ ...line, ...store, form: 'strand', amount: pieces, filmMg: goodMg });
				const restMg = line.filmMg - goodMg;
				if (restMg > 0)
					back.push({
						...line,
						...store,
						form: 'scrap',
						cut: null,
						amount: restMg / 1000,
						filmMg: restMg
					});
				return back;
			});
			await bookMoves(db, entryId, moves, []);
			return { outcome: 'kept', id: entryId };
		})
	);
