import { sortings as say } from '$lib/words/gather';
import type { Db } from '$lib/server/db/db';
import type { SortedLine } from '$lib/stages/gather/lines';
import { oddSorting } from '$lib/core/gather/odd-count';
import type { SortingEntry } from '$lib/entries/types/sorting';
import { oddCountWords } from '$lib/stages/gather/odd-count-words';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { orRefusal } from './ledger';
import type { Booked } from '$lib/server/book/entries';
import { elsewhereOf, moveInStore } from '$lib/server/book/movements';
import { wasEdited, whyTakenBack } from '$lib/server/book/why-taken-back';
import { placeOf, tallyOfPlace, similarPlace, similarWords } from './places';

/** Sortings shown at a time. */
export const sortedPerPage = 15;

/** What was sorted last, the newest first, from before one of them on. */
export const listSorted = (db: Db, before: number | null = null): Promise<SortedLine[]> =>
	db.many<SortedLine>(
		`select s.id, p.name as place, k.name as kind, s.colour, s.strand, s.stuffing, s.drying,
			s.rejected, b.name as "byName", e.typed_at as "sortedAt",
			s.dried_from is not null as "hasDried", ${whyTakenBack} as "takenBack"
		 from sorting s join place_known p on p.group_id = $1 and p.id = s.place_id
		 join entry e on e.group_id = $1 and e.id = s.entry_id
		 left join person b on b.group_id = $1 and b.id = e.person_id
		 left join bag_kind k on k.group_id = $1 and k.id = s.kind_id
		 where not ${wasEdited} and s.group_id = $1 and e.type <> 'drop-off' and ($3::bigint is null or s.id < $3)
		 order by s.id desc limit $2`,
		[db.groupId, sortedPerPage, before]
	);

/** The parts of a sorted pile that go into the store. */
const storedParts = [
	{ form: 'bag', pile: 'strand' },
	{ form: 'stuffing', pile: 'stuffing' }
] as const;

/** Why bags cannot come out of a drying pile; null where they can. The pile is locked: two who sort it at once count each bag once. */
async function whyNotDried(db: Db, pile: number, sorted: number): Promise<SaveResult | null> {
	await db.maybeOne<{ id: number }>(
		'select id from sorting where group_id = $1 and id = $2 for update',
		[db.groupId, pile]
	);
	const left = await db.maybeOne<{ hanging: number }>(
		`select hanging from drying_pile
		 where group_id = $1 and id = $2 and looked_again_at is null and hanging > 0`,
		[db.groupId, pile]
	);
	if (!left) return refuse('dried', say.thatPileIsNotDrying());
	if (sorted > left.hanging)
		return refuse('strand', say.onlyHangThereAndThis({ hanging: left.hanging, sorted }));
	return null;
}

/** Keeps what was sorted, and puts what is good for strand and for stuffing into the store with it. */
export const keepSorting = (
	db: Db,
	entry: SortingEntry,
	{ entryId, at }: Booked
): Promise<SaveResult> =>
	orRefusal(
		db.transaction(async (db): Promise<SaveResult> => {
			const { kindId, colour, strand, stuffing, drying, rejected, driedFrom } = entry;
			if (driedFrom !== null) {
				const all = strand + stuffing + drying + rejected;
				const why = await whyNotDried(db, driedFrom, all);
				if (why) return why;
			}
			const similar = entry.isSure ? null : await similarPlace(db, entry.place);
			if (similar !== null) return refuse('sure', similarWords(similar));
			const place = await placeOf(db, entry.place);
			if (driedFrom === null && !entry.isSure) {
				const all = strand + stuffing + drying + rejected;
				const odd = oddSorting(all, await tallyOfPlace(db, place.id));
				if (odd) return refuse('sure', oddCountWords(odd));
			}
			const kept = await db.one<{ id: number }>(
				`insert into sorting (group_id, entry_id, place_id, kind_id, colour, strand, stuffing, drying,
					rejected, dried_from, look_again_at)
				 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10,
					$11::timestamptz + make_interval(hours => $12::integer))
				 returning id`,
				[
					db.groupId,
					entryId,
					place.id,
					kindId,
					colour,
					strand,
					stuffing,
					drying,
					rejected,
					driedFrom,
					at,
					entry.lookAgainHours
				]
			);
			const stored = storedParts.filter(({ pile }) => entry[pile] > 0);
			await moveInStore(
				db,
				stored.map(({ form, pile }) => ({
					entryId,
					kindId,
					colour,
					form,
					amount: entry[pile],
					elsewhere: elsewhereOf('sorted')
				}))
			);
			return { outcome: 'kept', id: kept.id };
		})
	);
