import { dropOffs as msg } from '$lib/words/gather';
import type { Db } from '$lib/server/db/db';
import { oddDropOff } from '$lib/core/gather/odd-count';
import type { DropOffEntry } from '$lib/entries/types/drop-off';
import { oddCountWords } from '$lib/stages/gather/odd-count-words';
import type { Booked } from '$lib/server/book/entries';
import { personOf } from '$lib/server/book/persons';
import type { SaveResult } from '$lib/server/db/save-result';
import { refuse } from '$lib/server/db/save-result';
import { placeOf, tallyOfPlace, similarPlace, similarWords } from './places';
import { bounds } from '$lib/entries/bounds';
import { handfulReadings } from '$lib/core/calibrate/readings';
import { impossibleWords, oddReading, oddWords } from '$lib/measures/plan-basis';
import { listKinds } from './kinds';
import { wasEdited, whyTakenBack } from '$lib/server/book/why-taken-back';

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
	/** Bags of it that came damp and were hung to dry; null where it came dry. */
	readonly damp: number | null;
	readonly note: string | null;
	/** Why it was taken back; null while it stands. */
	readonly takenBack: string | null;
}

/** Drop-offs shown at a time. */
export const dropOffsPerPage = 50;

/** What came in, the newest day first, from before one of them on. */
export const listDropOffs = (db: Db, before: number | null = null): Promise<DropOffLine[]> =>
	db.many<DropOffLine>(
		`select d.id, p.name as place, to_char(d.came_on, 'YYYY-MM-DD') as "cameOn",
			b.name as "broughtBy", d.sacks, d.method, d.bags, d.bags_low as "bagsLow",
			d.bags_high as "bagsHigh", s.drying as damp, e.note, ${whyTakenBack} as "takenBack"
		 from drop_off d
		 join place_known p on p.group_id = $1 and p.id = d.place_id
		 join entry e on e.group_id = $1 and e.id = d.entry_id
		 left join person b on b.group_id = $1 and b.id = d.brought_by_id
		 left join sorting s on s.group_id = $1 and s.entry_id = d.entry_id
		 where not ${wasEdited} and d.group_id = $1 and ($3::bigint is null or (d.came_on, d.id) <
			(select o.came_on, o.id from drop_off o where o.group_id = $1 and o.id = $3))
		 order by d.came_on desc, d.id desc limit $2`,
		[db.groupId, dropOffsPerPage, before]
	);

/** What came in damp hangs to dry at once, all of it: nobody has sorted it yet, so its kind is not known. */
async function hangToDry(
	db: Db,
	{ lookAgainHours, bags }: DropOffEntry,
	placeId: string,
	{ entryId, at }: Pick<Booked, 'entryId' | 'at'>
): Promise<SaveResult | null> {
	const hanging = Math.round(bags);
	if (lookAgainHours === null || hanging === 0) return null;
	const { atMost } = bounds['sorting.drying'];
	if (hanging > atMost) return refuse('damp', msg.atMostBagsCanHang({ atMost }));
	await db.execute(
		`insert into sorting (group_id, entry_id, place_id, strand, stuffing, drying, rejected, look_again_at)
		 values ($1, $2, $3, 0, 0, $4, 0, $5::timestamptz + make_interval(hours => $6::integer))`,
		[db.groupId, entryId, placeId, hanging, at, lookAgainHours]
	);
	return null;
}

/** Handfuls weighed of a known kind say what its bags weigh: once, with the drop-off they were weighed for. */
async function measureHandfuls(
	db: Db,
	{ kindId, weighing, cameOn, isSure }: DropOffEntry,
	entryId: number
): Promise<SaveResult | null> {
	if (kindId === null || weighing === null) return null;
	const kind = (await listKinds(db)).find(({ id }) => id === kindId);
	if (!kind) return refuse('kind', msg.thatKindIsNotIn());
	const massG = weighing.meanG * weighing.sampled;
	const { flatWidthMm, gussetMm, bodyMm, handleMm, massG: plannedG } = kind;
	const readings = handfulReadings(weighing.sampled, massG, {
		flatWidthMm,
		gussetMm,
		bodyMm,
		handleMm,
		massG: plannedG
	});
	const odd = oddReading(readings);
	if (odd && !isSure) return refuse('sure', oddWords(odd));
	const impossible = impossibleWords(readings);
	if (impossible) return refuse('handfuls', impossible);
	await db.execute(
		`insert into measurement (group_id, entry_id, kind, typed, readings, measured_on)
		 values ($1, $2, 'handful', $3, $4, $5)`,
		[db.groupId, entryId, { counted: weighing.sampled, massG, kindId }, readings, cameOn]
	);
	return null;
}

/** Keeps a drop-off; its place is made where it is new. */
export function keepDropOff(
	db: Db,
	entry: DropOffEntry,
	{ entryId, at }: Booked
): Promise<SaveResult> {
	return db.transaction(async (db) => {
		const similar = entry.isSure ? null : await similarPlace(db, entry.place);
		if (similar !== null) return refuse('sure', similarWords(similar));
		const place = await placeOf(db, entry.place);
		const odd = oddDropOff(
			{ ...entry, meanG: entry.weighing?.meanG ?? null },
			await tallyOfPlace(db, place.id)
		);
		if (odd && !entry.isSure) return refuse('sure', oddCountWords(odd));
		const kept = await db.one<{ id: number }>(
			`insert into drop_off (group_id, entry_id, place_id, came_on, brought_by_id, sacks, method, bags,
				bags_low, bags_high, weighing)
			 values ($1, $2, $3, $4, $5, $6, $7, $8, $9, $10, $11) returning id`,
			[
				db.groupId,
				entryId,
				place.id,
				entry.cameOn,
				await personOf(db, entry.broughtBy),
				entry.sacks,
				entry.method,
				entry.bags,
				entry.bagsLow,
				entry.bagsHigh,
				entry.weighing
			]
		);
		const why =
			(await hangToDry(db, entry, place.id, { entryId, at })) ??
			(await measureHandfuls(db, entry, entryId));
		return why ?? { outcome: 'kept', id: kept.id };
	});
}
