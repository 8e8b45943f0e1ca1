import { subjects, type Subject } from '$lib/core/photo/measured';
import type { Db } from '$lib/server/db/db';
import { z } from 'zod';

/** A printer of measuring sheets, and how long its line of 100 mm is, mm. */
export interface SheetPrinter {
	readonly id: string;
	readonly name: string;
	readonly lineMm: number;
}

/** Printers that a group's sheets were printed with, the newest first. */
export const listPrinters = (db: Db): Promise<SheetPrinter[]> =>
	db.many<SheetPrinter>(
		`select id, name, line_um / 1000.0::float8 as "lineMm" from sheet_printer
		 where group_id = $1 order by made_at desc, id limit 40`,
		[db.groupId]
	);

/** Keeps a printer; the same page pressed twice keeps one. */
export const keepPrinter = (
	db: Db,
	{ id, name, lineMm }: SheetPrinter
): Promise<{ id: string } | null> =>
	db.writer.maybeOne<{ id: string }>(
		`insert into sheet_printer (group_id, id, name, line_um) values ($1, $2, $3, $4)
		 on conflict (group_id, id) do update set name = $3, line_um = $4 returning id`,
		[db.groupId, id, name, Math.round(lineMm * 1000)]
	);

/** What becomes of a picture that comes by a link. */
export type Handed = 'handed' | 'used';

/** Takes the one picture of a link; a second one is refused. */
export async function handOverPicture(
	db: Db,
	linkId: string,
	picture: Uint8Array
): Promise<Handed> {
	const taken = await db.writer.maybeOne<{ link: string }>(
		`with open as (
			update link set revoked_at = now() where group_id = $1 and id = $2 and grants = 'photo'
				and revoked_at is null and expires_at > now() returning id)
		 insert into handed_picture (group_id, link_id, picture) select $1, id, $3 from open
		 on conflict do nothing returning link_id as link`,
		[db.groupId, linkId, Buffer.from(picture)]
	);
	return taken ? 'handed' : 'used';
}

/** The picture that came by a link, which leaves with it; null while none came. Those nobody took are dropped after an hour. */
export async function takeHanded(db: Db, linkId: string): Promise<Uint8Array | null> {
	await db.execute(
		`delete from handed_picture where group_id = $1 and came_at < now() - interval '1 hour'`,
		[db.groupId]
	);
	const taken = await db.writer.maybeOne<{ picture: Buffer }>(
		'delete from handed_picture where group_id = $1 and link_id = $2 returning picture',
		[db.groupId, linkId]
	);
	return taken && new Uint8Array(taken.picture);
}

/** A picture that was kept on wish. */
export interface KeptPicture {
	readonly id: string;
	readonly subject: Subject;
	readonly keptAt: Date;
}

/** Pictures kept at once, at most: the oldest goes. */
export const mostPictures = 40;

/** Pictures of a group that were kept, the newest first. */
export const listPictures = (db: Db): Promise<KeptPicture[]> =>
	db.many<KeptPicture>(
		`select id, subject, kept_at as "keptAt" from kept_picture
		 where group_id = $1 order by kept_at desc, id limit ${mostPictures}`,
		[db.groupId]
	);

export const subjectShape = z.enum(subjects);

/** Keeps a picture; the same one sent twice is kept once. */
export async function keepPicture(
	db: Db,
	id: string,
	subject: Subject,
	picture: Uint8Array
): Promise<void> {
	await db.execute(
		`insert into kept_picture (group_id, id, subject, picture) values ($1, $2, $3, $4)
		 on conflict (group_id, id) do nothing`,
		[db.groupId, id, subject, Buffer.from(picture)]
	);
	await db.execute(
		`delete from kept_picture where group_id = $1 and id in (
			select id from kept_picture where group_id = $1 order by kept_at desc, id offset $2)`,
		[db.groupId, mostPictures]
	);
}

/** A kept picture's own bytes, a JPEG; null where it is gone. */
export const pictureOf = async (db: Db, id: string): Promise<Uint8Array | null> => {
	const found = await db.maybeOne<{ picture: Buffer }>(
		'select picture from kept_picture where group_id = $1 and id = $2',
		[db.groupId, id]
	);
	return found && new Uint8Array(found.picture);
};

/** Removes a kept picture; false where it is gone. */
export const removePicture = async (db: Db, id: string): Promise<boolean> =>
	(await db.execute('delete from kept_picture where group_id = $1 and id = $2', [
		db.groupId,
		id
	])) === 1;
