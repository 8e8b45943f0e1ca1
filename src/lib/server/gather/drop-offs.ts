import { oddDropOff } from '$lib/core/gather/odd-count';
import type { DropOffEntry } from '$lib/entries/types/drop-off';
import { oddCountWords } from '$lib/stages/gather/odd-count-words';
import type { GroupId } from '$lib/server/base/group-id';
import type { SaveResult } from '$lib/server/db/save-result';
import { saveResultOf, keptUnder, refuse } from '$lib/server/db/save-result';
import { placeOf, tallyOfPlace } from './places';
import { withTransaction } from '$lib/server/db/transaction';
import { many, maybeOne } from '$lib/server/db/verbs';

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
			d.brought_by as "broughtBy", d.sacks, d.method, d.bags, d.bags_low as "bagsLow",
			d.bags_high as "bagsHigh", d.note, t.note as "takenBack"
		 from drop_off d join place p on p.group_id = d.group_id and p.id = d.place_id
		 left join taken_back t on t.group_id = d.group_id and t.drop_off_id = d.id
		 where d.group_id = $1 order by d.came_on desc, d.id desc limit $2`,
		[groupId, limit]
	);

/** Keeps a drop-off; its place is made where it is new. */
export function keepDropOff(
	groupId: GroupId,
	key: string,
	entry: DropOffEntry
): Promise<SaveResult> {
	return withTransaction(async (client) => {
		const place = await placeOf(client, groupId, entry.place);
		const odd = oddDropOff(
			{ ...entry, meanG: entry.weighing?.meanG ?? null },
			await tallyOfPlace(client, groupId, place.id)
		);
		if (odd && !entry.isSure && !(await keptUnder('drop_off', groupId, key, client)))
			return refuse('sure', oddCountWords(odd));
		const kept = await maybeOne<{ id: number }>(
			`insert into drop_off (group_id, key, place_id, came_on, brought_by, sacks, method, bags,
				bags_low, bags_high, weighing, note)
			 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11, $12)
			 on conflict (group_id, key) do nothing returning id`,
			[
				groupId,
				key,
				place.id,
				entry.cameOn,
				entry.broughtBy,
				entry.sacks,
				entry.method,
				entry.bags,
				entry.bagsLow,
				entry.bagsHigh,
				entry.weighing,
				entry.note
			],
			client
		);
		return saveResultOf(kept, 'drop_off', groupId, key, client);
	});
}
