import type { SortedLine } from '$lib/stages/gather/lines';
import { oddSorting } from '$lib/core/gather/odd-count';
import type { SortingEntry } from '$lib/entries/types/sorting';
import { oddCountWords } from '$lib/stages/gather/odd-count-words';
import type { PoolClient } from 'pg';
import type { GroupId } from '$lib/server/base/group-id';
import type { SaveResult } from '$lib/server/db/save-result';
import { saveResultOf, keptUnder, refuse } from '$lib/server/db/save-result';
import { append, orRefusal } from './ledger';
import { partKey } from '$lib/server/db/part-key';
import { placeOf, tallyOfPlace } from './places';
import { withTransaction } from '$lib/server/db/transaction';
import { many, maybeOne } from '$lib/server/db/verbs';

/** What was sorted last, the newest first. */
export const listSorted = (groupId: GroupId, limit = 15): Promise<SortedLine[]> =>
	many<SortedLine>(
		`select s.id, p.name as place, k.name as kind, s.colour, s.strand, s.stuffing, s.drying,
			s.rejected, s.by_name as "byName", s.created_at as "sortedAt",
			s.dried_from is not null as "hasDried", t.note as "takenBack"
		 from sorting s join place p on p.group_id = s.group_id and p.id = s.place_id
		 left join bag_kind k on k.group_id = s.group_id and k.id = s.kind_id
		 left join taken_back t on t.group_id = s.group_id and t.sorting_id = s.id
		 where s.group_id = $1 order by s.id desc limit $2`,
		[groupId, limit]
	);

/** The parts of a sorted pile that go into the store, each as a movement under a key of its own. */
export const storedParts = [
	{ form: 'bag', pile: 'strand', part: 1 },
	{ form: 'stuffing', pile: 'stuffing', part: 2 }
] as const;

/** Why bags cannot come out of a drying pile; null where they can. The pile is locked: two who sort it at once count each bag once. */
async function whyNotDried(
	client: PoolClient,
	groupId: GroupId,
	key: string,
	pile: number,
	sorted: number
): Promise<SaveResult | null> {
	await maybeOne<{ id: number }>(
		'select id from sorting where group_id = $1 and id = $2 for update',
		[groupId, pile],
		client
	);
	const again = await keptUnder('sorting', groupId, key, client);
	if (again) return { outcome: 'duplicate', id: again.id };
	const left = await maybeOne<{ hanging: number }>(
		`select hanging from drying_pile
		 where group_id = $1 and id = $2 and looked_again_at is null and hanging > 0`,
		[groupId, pile],
		client
	);
	if (!left)
		return refuse(
			'dried',
			'None of that pile hangs there any more: someone has sorted it, or said so.'
		);
	if (sorted > left.hanging)
		return refuse(
			'strand',
			`Only ${left.hanging} hang there, and this makes ${sorted}. Count again; what did not hang there is a pile of its own.`
		);
	return null;
}

/** Keeps what was sorted, and puts what is good for strand and for stuffing into the store with it. */
export const keepSorting = (
	groupId: GroupId,
	key: string,
	entry: SortingEntry,
	at = new Date()
): Promise<SaveResult> =>
	orRefusal(
		withTransaction(async (client): Promise<SaveResult> => {
			const { kindId, colour, byName, strand, stuffing, drying, rejected, driedFrom } = entry;
			if (driedFrom !== null) {
				const all = strand + stuffing + drying + rejected;
				const why = await whyNotDried(client, groupId, key, driedFrom, all);
				if (why) return why;
			}
			const place = await placeOf(client, groupId, entry.place);
			if (driedFrom === null && !entry.isSure) {
				const all = strand + stuffing + drying + rejected;
				const odd = oddSorting(all, await tallyOfPlace(client, groupId, place.id));
				if (odd && !(await keptUnder('sorting', groupId, key, client)))
					return refuse('sure', oddCountWords(odd));
			}
			const kept = await maybeOne<{ id: number }>(
				`insert into sorting (group_id, key, place_id, kind_id, colour, strand, stuffing, drying,
					rejected, dried_from, by_name, created_at, look_again_at)
				 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12,
					$12::timestamptz + make_interval(hours => $13::integer))
				 on conflict (group_id, key) do nothing returning id`,
				[
					groupId,
					key,
					place.id,
					kindId,
					colour,
					strand,
					stuffing,
					drying,
					rejected,
					driedFrom,
					byName,
					at,
					entry.lookAgainHours
				],
				client
			);
			if (!kept) return saveResultOf(null, 'sorting', groupId, key, client);
			for (const { form, pile, part } of storedParts)
				if (entry[pile] > 0)
					await append(client, groupId, {
						key: partKey(key, part),
						kindId,
						colour,
						form,
						amount: entry[pile],
						reason: 'sorted',
						note: `from ${entry.place}`.slice(0, 400),
						byName,
						movedAt: at
					});
			return { outcome: 'kept', id: kept.id };
		})
	);
