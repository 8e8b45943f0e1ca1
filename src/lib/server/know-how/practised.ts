import { practised as say } from '$lib/words/know-how';
import type { Db } from '$lib/server/db/db';
import type { ExerciseKind } from '$lib/core/know-how/exercises';
import { exerciseOf, isRight } from '$lib/core/know-how/exercises';
import type { PractisedEntry } from '$lib/entries/types/practised';
import type { Booked } from '$lib/server/book/entries';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';

/** Keeps an answer under a name: whether it was right is judged here once more, from the question itself. */
export async function keepPractised(
	db: Db,
	{ personId, kind, seed, answer }: PractisedEntry,
	{ entryId }: Booked
): Promise<SaveResult> {
	const { facts, options } = exerciseOf(kind, seed);
	if (!options.includes(answer)) return refuse('answer', say.thatWasNotOneOf());
	const kept = await db.writer.maybeOne<{ isRight: boolean }>(
		`insert into practised (group_id, entry_id, person_id, kind, seed, is_right)
		 select $1, $2, p.id, $4, $5, $6 from person p
		 where p.group_id = $1 and p.id = $3 and p.name is not null
		 returning is_right as "isRight"`,
		[db.groupId, entryId, personId, kind, seed, isRight(facts, answer)]
	);
	return kept ? { outcome: 'kept', id: entryId } : refuse('person', say.thatNameIsNotIn());
}

/** An answer somebody keeps under their name. */
export interface PractisedAnswer {
	readonly kind: ExerciseKind;
	/** ms since 1970. */
	readonly at: number;
	readonly isRight: boolean;
}

/** What somebody practised under their name, the oldest first. */
export const practisedBy = (db: Db, personId: string): Promise<PractisedAnswer[]> =>
	db.many<PractisedAnswer>(
		`select r.kind, (extract(epoch from e.typed_at) * 1000)::double precision as at, r.is_right as "isRight"
		 from standing_practised r join entry e on e.group_id = r.group_id and e.id = r.entry_id
		 where r.group_id = $1 and r.person_id = $2
		 order by e.typed_at, r.entry_id`,
		[db.groupId, personId]
	);
