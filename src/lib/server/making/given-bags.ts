import type { Db } from '$lib/server/db/db';

/** What lies in a mat by the labels of the balls that were given for it. */
export interface BagsGiven {
	readonly code: string;
	readonly bags: number;
	readonly filmMg: number;
}

/** What lies in some mats, by their labels; of one that was given no ball by its label, nothing is said. */
export async function bagsGiven(db: Db, codes: readonly string[]): Promise<Map<string, BagsGiven>> {
	const given = await db.many<BagsGiven>(
		`select label_of(e.typed ->> 'mat') as code, sum((b.content ->> 'bags')::double precision) as bags,
			sum((b.content ->> 'filmMg')::double precision) as "filmMg"
		 from standing_entry e join thing b on b.group_id = e.group_id and b.code = label_of(e.typed ->> 'ball')
		 where e.group_id = $1 and e.type = 'issue' and label_of(e.typed ->> 'mat') = any($2::text[])
		 group by 1`,
		[db.groupId, codes]
	);
	return new Map(given.map((one) => [one.code, one]));
}
