import type { LengthSystem } from '$lib/core/units/format-length';
import type { StitchTerms } from '$lib/ui/stitch-words';
import type { Db } from './db';

/** What a group is called, how it likes to read, and where its hall is. */
export interface Group {
	readonly name: string;
	readonly lengthSystem: LengthSystem;
	readonly stitchTerms: StitchTerms;
	/** The hall's zone; null until a device has told it. */
	readonly timeZone: string | null;
	/** Whose way of writing numbers, as `pt-PT`; null until a device has told it. */
	readonly locale: string | null;
	/** So many days pages stay on a device that meets no answer. */
	readonly offlineDays: number;
	/** Teenagers may use sharp scissors with an adult at the station. */
	readonly teensCutSharp: boolean;
	/** It was filled with the demo world. */
	readonly hasDemoWorld: boolean;
}

/** What a group is called before anyone has said. */
export const unnamed = 'Our mat table';

export const findGroup = (db: Db): Promise<Group> =>
	db.one<Group>(
		`select name, length_system as "lengthSystem", stitch_terms as "stitchTerms",
			time_zone as "timeZone", locale, offline_days as "offlineDays", teens_cut_sharp as "teensCutSharp", has_demo_world as "hasDemoWorld"
		 from volunteer_group where id = $1`,
		[db.groupId]
	);

/** What a group's settings may be changed to; what is null stays as it is. */
export type GroupChange = {
	readonly [Setting in 'name' | 'lengthSystem' | 'stitchTerms' | 'timeZone' | 'locale']:
		Group[Setting] | null;
} & { readonly offlineDays?: number | null };

export const changeGroup = (
	db: Db,
	{ name, lengthSystem, stitchTerms, timeZone, locale, offlineDays = null }: GroupChange
): Promise<number> =>
	db.execute(
		`update volunteer_group set length_system = coalesce($2, length_system),
			stitch_terms = coalesce($3, stitch_terms), time_zone = coalesce($4, time_zone),
			locale = coalesce($5, locale), name = coalesce($6, name),
			offline_days = coalesce($7::integer, offline_days) where id = $1`,
		[db.groupId, lengthSystem, stitchTerms, timeZone, locale, name, offlineDays]
	);

/** Takes the first device's word for where the hall is; what is known already stays. */
export const guessHall = (db: Db, timeZone: string, locale: string): Promise<number> =>
	db.execute(
		`update volunteer_group set time_zone = coalesce(time_zone, $2), locale = coalesce(locale, $3)
		 where id = $1 and (time_zone is null or locale is null)`,
		[db.groupId, timeZone, locale]
	);

/** Lets teenagers cut with sharp scissors beside an adult, or no longer: then they sit at sharp ones nowhere from now on. */
export const letTeensCutSharp = (db: Db, may: boolean): Promise<number> =>
	db.transaction(async (db) => {
		if (!may) {
			await db.execute(
				`delete from seat s using person p, tool t, table_day d where s.group_id = $1
					and p.group_id = $1 and p.id = s.person_id and p.is_teen
					and t.group_id = $1 and t.id = s.tool_id and t.sort = 'sharp-scissors'
					and d.group_id = $1 and d.id = s.day_id and d.closed_at is null`,
				[db.groupId]
			);
			await db.execute(
				`delete from person_seat s using person p where s.group_id = $1 and s.seat = 'cut-sharp'
					and p.group_id = $1 and p.id = s.person_id and p.is_teen`,
				[db.groupId]
			);
		}
		return db.execute(
			'update volunteer_group set teens_cut_sharp = $2 where id = $1 and teens_cut_sharp <> $2',
			[db.groupId, may]
		);
	});
