import type { SortingEntry } from '$lib/gather/entry-types';
import type { GroupId } from '../group';
import type { Booked } from './booked';
import { bookedOf } from './booked';
import { append, orRefusal } from './ledger';
import { partKey } from './part-key';
import { placeOf } from './places';
import { withTransaction } from './transaction';
import { many, maybeOne } from './verbs';

/** Bags hanging to dry, the ones to look at soonest first. */
export const listDrying = (groupId: GroupId) =>
	many<{ id: number; place: string; drying: number; lookAgainAt: Date }>(
		`select s.id, p.name as place, s.drying, s.look_again_at as "lookAgainAt"
		 from sorting s join place p on p.group_id = s.group_id and p.id = s.place_id
		 where s.group_id = $1 and s.look_again_at is not null and s.looked_again_at is null
		 order by s.look_again_at`,
		[groupId]
	);

/** Keeps what was sorted, and puts what is good for strand and for stuffing into the store with it. */
export const keepSorting = (groupId: GroupId, key: string, entry: SortingEntry): Promise<Booked> =>
	orRefusal(
		withTransaction(async (client): Promise<Booked> => {
			const place = await placeOf(client, groupId, entry.place);
			const kept = await maybeOne<{ id: number }>(
				`insert into sorting (group_id, key, place_id, strand, stuffing, drying, rejected, look_again_at)
				 values ($1, $2, $3, $4, $5, $6, $7, now() + make_interval(hours => $8::integer))
				 on conflict (group_id, key) do nothing returning id`,
				[
					groupId,
					key,
					place.id,
					entry.strand,
					entry.stuffing,
					entry.drying,
					entry.rejected,
					entry.lookAgainHours
				],
				client
			);
			if (!kept) return bookedOf(null, 'sorting', groupId, key, client);
			const { kindId, colour, byName } = entry;
			const move = {
				kindId,
				colour,
				byName,
				reason: 'sorted',
				note: `from ${entry.place}`.slice(0, 400)
			};
			const piles = [
				['bag', entry.strand],
				['stuffing', entry.stuffing]
			] as const;
			for (const [at, [form, amount]] of piles.entries())
				if (amount > 0)
					await append(client, groupId, { ...move, key: partKey(key, at + 1), form, amount });
			return { outcome: 'kept', id: kept.id };
		})
	);

/** Marks drying bags as looked at again. */
export const lookedAgain = (groupId: GroupId, id: number): Promise<{ id: number } | null> =>
	maybeOne<{ id: number }>(
		`update sorting set looked_again_at = now()
		 where group_id = $1 and id = $2 and looked_again_at is null returning id`,
		[groupId, id]
	);
