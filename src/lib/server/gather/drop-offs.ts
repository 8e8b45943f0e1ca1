import { oddDropOff } from '$lib/core/gather/odd-count';
import type { DropOffEntry } from '$lib/entries/types/drop-off';
import { oddCountWords } from '$lib/stages/gather/odd-count-words';
import type { GroupId } from '$lib/server/base/group-id';
import type { Booked } from '$lib/server/book/entries';
import { personOf } from '$lib/server/book/persons';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { placeOf, tallyOfPlace } from './places';
import { withTransaction } from '$lib/server/db/transaction';
import { many, one } from '$lib/server/db/verbs';
import { whyTakenBack } from '$lib/server/book/why-taken-back';

export interface DropOffLine {
	readonly id: number;
	readonly place: string;
	readonly cameOn: string;
	readonly broughtBy: string | null;
	readonly sacks: number;
	readonly method: DropOffEntry['method'];
	readonly bags: number;
	readonly bagsLow: number;
	readonly bagsHigh: number;
	readonly note: string | null;
	/** Why it was taken back; null while it stands. */
	readonly takenBack: string | null;
}

export const listDropOffs = (groupId: GroupId, limit = 50): Promise<DropOffLine[]> =>
	many<DropOffLine>(
		`select d.id, p.name as place, to_char(d.came_on, 'YYYY-MM-DD') as "cameOn",
			b.name as "broughtBy", d.sacks, d.method, d.bags, d.bags_low as "bagsLow",
			d.bags_high as "bagsHigh", e.note, ${whyTakenBack} as "takenBack"
		 from drop_off d
		 join place p on p.group_id = d.group_id and p.id = d.place_id
		 join entry e on e.group_id = d.group_id and e.id = d.entry_id
		 left join person b on b.group_id = d.group_id and b.id = d.brought_by_id
		 where d.group_id = $1 order by d.came_on desc, d.id desc limit $2`,
		[groupId, limit]
	);

/** Keeps a drop-off; its place is made where it is new. */
export function keepDropOff(
	groupId: GroupId,
	entry: DropOffEntry,
	{ entryId }: Booked
): Promise<SaveResult> {
	return withTransaction(async (client) => {
		const place = await placeOf(client, groupId, entry.place);
		const odd = oddDropOff(
			{ ...entry, meanG: entry.weighing?.meanG ?? null },
			await tallyOfPlace(client, groupId, place.id)
		);
		if (odd && !entry.isSure) return refuse('sure', oddCountWords(odd));
		const kept = await one<{ id: number }>(
			`insert into drop_off (group_id, entry_id, place_id, came_on, brought_by_id, sacks, method, bags,
				bags_low, bags_high, weighing)
			 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11) returning id`,
			[
				groupId,
				entryId,
				place.id,
				entry.cameOn,
				await personOf(groupId, entry.broughtBy),
				entry.sacks,
				entry.method,
				entry.bags,
				entry.bagsLow,
				entry.bagsHigh,
				entry.weighing
			],
			client
		);
		return { outcome: 'kept', id: kept.id };
	});
}
