import { type Db, dbOf } from '../db/db';
import { createHash, randomBytes } from 'node:crypto';
import { dashed } from '$lib/ui/new-key';
import type { GroupId } from '../base/group-id';
import type { LineStation } from '$lib/core/assembly-line/assembly-line';
import type { Role } from '../base/roles';

/** What a link lets whoever has it do. */
export const grants = [
	'read-plan',
	'make',
	'join',
	'station',
	'asks',
	'calendar',
	'photo'
] as const;
export type Grant = (typeof grants)[number];

/** A link as the group sees it: what it opens, and whether it still does. Its secret is nowhere. */
export interface LinkLine {
	readonly id: string;
	/** Links for one picture are over within the hour, and are not listed. */
	readonly grants: Exclude<Grant, 'photo'>;
	/** The plan that it opens, or that its mat is made by; null where it lets someone in. */
	readonly planName: string | null;
	readonly planVersion: number | null;
	/** What it lets someone in as. */
	readonly role: Role | null;
	/** The day and the station that it opens. */
	readonly day: string | null;
	readonly station: LineStation | null;
	/** The label of the mat that it opens; null where it opens a plan. */
	readonly mat: string | null;
	readonly madeAt: Date;
	readonly expiresAt: Date | null;
	readonly lastUsedAt: Date | null;
	readonly revokedAt: Date | null;
}

/** What a link opens: a plan to read, a mat to count, the group's door, a station to tap at, a picture to hand over, what is asked for, or the calendar. */
export type OpenedLink =
	| {
			readonly grants: 'read-plan';
			readonly groupId: GroupId;
			readonly planId: string;
			readonly planVersion: number;
	  }
	| {
			readonly grants: 'make';
			readonly groupId: GroupId;
			readonly linkId: string;
			/** The label of its mat. */
			readonly mat: string;
	  }
	| {
			readonly grants: 'join';
			readonly groupId: GroupId;
			readonly linkId: string;
			readonly groupName: string;
			readonly role: Role;
	  }
	| {
			readonly grants: 'station';
			readonly groupId: GroupId;
			readonly linkId: string;
			readonly dayId: string;
			readonly station: LineStation;
	  }
	| { readonly grants: 'photo'; readonly groupId: GroupId; readonly linkId: string }
	| { readonly grants: 'asks' | 'calendar'; readonly groupId: GroupId };

/** Bytes of a group's id and of the secret in an address. */
const [groupBytes, secretBytes] = [16, 32];

/** The digest that stands for a secret: of 256 random bits, so nothing slower is needed. */
const digestOf = (secret: Buffer): string =>
	createHash('sha256').update(secret).digest('base64url');

/** The secret part of an address: the group first, so that looking a link up asks one group alone. */
const addressOf = (db: Db, secret: Buffer): string =>
	Buffer.concat([Buffer.from(db.groupId.replaceAll('-', ''), 'hex'), secret]).toString('base64url');

/** The address of a link within a path: what stands between its second and its third slash. */
export const addressIn = (path: string): string => path.split('/')[2] ?? '';

/** The group and the secret of an address; null where it is none. */
function readAddress(address: string): { groupId: GroupId; digest: string } | null {
	if (!/^[\w-]{64}$/.test(address)) return null;
	const bytes = Buffer.from(address, 'base64url');
	return {
		groupId: dashed(bytes.subarray(0, groupBytes).toString('hex')) as GroupId,
		digest: digestOf(bytes.subarray(groupBytes))
	};
}

/** How long a link opens anything, in days, unless it is revoked before. */
export const linkDays = 180;

/**
 * Makes a link that lets whoever has it read one plan as it stands now, and nothing else. Its address
 * is told once, here: only a digest is kept. Null where there is no such plan, or the same page made one already.
 *
 * @param key made with the page, so that pressing twice makes one link
 */
export async function makeLink(db: Db, key: string, planId: string): Promise<string | null> {
	const secret = randomBytes(secretBytes);
	const made = await db.writer.maybeOne<{ id: string }>(
		`insert into link (group_id, id, digest, grants, plan_id, plan_version, expires_at)
		 select group_id, $3, $4, 'read-plan', id, version, now() + make_interval(days => $5::integer)
		 from plan where group_id = $1 and id = $2 and deleted_at is null
		 on conflict (group_id, id) do nothing returning id`,
		[db.groupId, planId, key, digestOf(secret), linkDays]
	);
	return made && addressOf(db, secret);
}

/**
 * Makes a link that lets whoever has it count the rows of one mat, and nothing else. Told once, like
 * every link; null where there is no such mat, or the same page made one already.
 *
 * @param key made with the page, so that pressing twice makes one link
 * @param code the label of the mat
 */
export async function makeMatLink(db: Db, key: string, code: string): Promise<string | null> {
	const secret = randomBytes(secretBytes);
	const made = await db.writer.maybeOne<{ id: string }>(
		`insert into link (group_id, id, digest, grants, thing_id, expires_at)
		 select group_id, $3, $4, 'make', id, now() + make_interval(days => $5::integer)
		 from thing where group_id = $1 and code = $2 and sort = 'mat'
		 on conflict (group_id, id) do nothing returning id`,
		[db.groupId, code, key, digestOf(secret), linkDays]
	);
	return made && addressOf(db, secret);
}

/** How long a link that lets someone in is open, in days. */
export const joinDays = 7;

/** Makes a link that opens something of the group itself, for so many days. */
async function makeGroupLink(
	db: Db,
	key: string,
	grant: 'join' | 'asks' | 'calendar',
	role: Role | null,
	days: number
): Promise<string | null> {
	const secret = randomBytes(secretBytes);
	const made = await db.writer.maybeOne<{ id: string }>(
		`insert into link (group_id, id, digest, grants, role, expires_at)
		 values ($1, $2, $3, $4, $5, now() + make_interval(days => $6::integer))
		 on conflict (group_id, id) do nothing returning id`,
		[db.groupId, key, digestOf(secret), grant, role, days]
	);
	return made && addressOf(db, secret);
}

/**
 * Makes a link that lets one person in as a member. Told once, like every link; null where the same
 * page made one already.
 *
 * @param key made with the page, so that pressing twice makes one link
 */
export const makeJoinLink = (db: Db, key: string, role: Role): Promise<string | null> =>
	makeGroupLink(db, key, 'join', role, joinDays);

/** How long a link to a station is open after its day, in days: tablets are laid away with taps on them. */
const stationDays = 2;

/**
 * Makes a link that opens one station of a table day, to tap at and take back there, and nothing else.
 * Null where there is no such day, or the same page made one already.
 *
 * @param key made with the page, so that pressing twice makes one link
 */
export async function makeStationLink(
	db: Db,
	key: string,
	dayId: string,
	station: LineStation
): Promise<string | null> {
	const secret = randomBytes(secretBytes);
	const made = await db.writer.maybeOne<{ id: string }>(
		`insert into link (group_id, id, digest, grants, day_id, station, expires_at)
		 select group_id, $3, $4, 'station', id, $5,
			greatest(day, current_date) + make_interval(days => $6::integer)
		 from table_day where group_id = $1 and id = $2 and called_off_at is null
		 on conflict (group_id, id) do nothing returning id`,
		[db.groupId, dayId, key, digestOf(secret), station, stationDays]
	);
	return made && addressOf(db, secret);
}

/** Makes a link that opens what the group asks for, or its calendar, to read. Null where the same page made one already. */
export const makeOpenLink = (
	db: Db,
	key: string,
	grant: 'asks' | 'calendar'
): Promise<string | null> => makeGroupLink(db, key, grant, null, linkDays);

/** How long a link that hands one picture over is open, in minutes. */
export const photoMinutes = 60;

/**
 * Makes a link by which a telephone hands one picture to the one who plans. Told once, like every link;
 * null where the same page made one already.
 *
 * @param key made with the page, so that pressing twice makes one link
 */
export async function makePhotoLink(db: Db, key: string): Promise<string | null> {
	const secret = randomBytes(secretBytes);
	const made = await db.writer.maybeOne<{ id: string }>(
		`insert into link (group_id, id, digest, grants, expires_at)
		 values ($1, $2, $3, 'photo', now() + make_interval(mins => $4::integer))
		 on conflict (group_id, id) do nothing returning id`,
		[db.groupId, key, digestOf(secret), photoMinutes]
	);
	return made && addressOf(db, secret);
}

/** The links of a group, the newest first, or those of one mat; those that were revoked long ago are left out. */
export const listLinks = (db: Db, ofMat: string | null): Promise<LinkLine[]> =>
	db.many<LinkLine>(
		`select l.id, l.grants, v.name as "planName", v.version as "planVersion", t.code as mat,
			l.role, d.day::text as day, l.station, l.made_at as "madeAt", l.expires_at as "expiresAt", l.last_used_at as "lastUsedAt",
			l.revoked_at as "revokedAt"
		 from link l
		 left join thing t on t.group_id = l.group_id and t.id = l.thing_id
		 left join table_day d on d.group_id = l.group_id and d.id = l.day_id
		 left join plan_version v on v.group_id = l.group_id and v.plan_id = coalesce(l.plan_id, t.plan_id)
			and v.version = coalesce(l.plan_version, t.plan_version)
		 where l.group_id = $1 and l.grants <> 'photo' and ($2::text is null or t.code = $2)
			and (l.revoked_at is null or l.revoked_at > now() - interval '30 days')
		 order by l.made_at desc, l.id limit 200`,
		[db.groupId, ofMat]
	);

/** Revokes a link at once; false where there is none that still opens anything. */
export const revokeLink = async (db: Db, id: string): Promise<boolean> =>
	(await db.execute(
		'update link set revoked_at = now() where group_id = $1 and id = $2 and revoked_at is null',
		[db.groupId, id]
	)) === 1;

/** What an address opens, or null: it was never given, is revoked, or its time is over. When it was used last is kept to the minute. */
export async function openLink(address: string): Promise<OpenedLink | null> {
	const read = readAddress(address);
	if (!read) return null;
	const { groupId, digest } = read;
	return openIn(dbOf(groupId), digest);
}

/** A link as it lies there, with what it opens. */
interface LinkRow {
	readonly id: string;
	readonly planId: string | null;
	readonly planVersion: number | null;
	readonly mat: string | null;
	readonly groupName: string;
	readonly role: Role | null;
	readonly grants: Grant;
	readonly dayId: string | null;
	readonly station: LineStation | null;
	readonly isOpen: boolean;
	readonly isFresh: boolean;
}

/** The link of an address, open or closed; null where it was never given, or its group is deleted. */
const linkAt = (db: Db, digest: string): Promise<LinkRow | null> =>
	db.maybeOne<LinkRow>(
		`select l.id, l.plan_id as "planId", l.plan_version as "planVersion", t.code as mat,
			g.name as "groupName", l.role, l.grants, l.day_id as "dayId", l.station,
			l.revoked_at is null and (l.expires_at is null or l.expires_at > now()) as "isOpen",
			coalesce(l.last_used_at > now() - interval '1 minute', false) as "isFresh"
		 from link l join volunteer_group g on g.id = l.group_id and g.deleted_at is null
			left join thing t on t.group_id = l.group_id and t.id = l.thing_id
		 where l.group_id = $1 and l.digest = $2`,
		[db.groupId, digest]
	);

/** What a link opens, or opened. */
function openedBy(groupId: GroupId, link: LinkRow): OpenedLink | null {
	const { id, planId, planVersion, mat, groupName, role, dayId, station } = link;
	if (role !== null) return { grants: 'join', groupId, linkId: id, groupName, role };
	if (dayId !== null && station !== null)
		return { grants: 'station', groupId, linkId: id, dayId, station };
	if (link.grants === 'photo') return { grants: 'photo', groupId, linkId: id };
	if (link.grants === 'asks' || link.grants === 'calendar') return { grants: link.grants, groupId };
	if (mat !== null) return { grants: 'make', groupId, linkId: id, mat };
	return planId !== null && planVersion !== null
		? { grants: 'read-plan', groupId, planId, planVersion }
		: null;
}

async function openIn(db: Db, digest: string): Promise<OpenedLink | null> {
	const link = await linkAt(db, digest);
	if (!link?.isOpen) return null;
	if (!link.isFresh)
		await db.execute('update link set last_used_at = now() where group_id = $1 and id = $2', [
			db.groupId,
			link.id
		]);
	return openedBy(db.groupId, link);
}

/** What a link opened that was given once and is closed: revoked, or its time is over. Null where it is open or was never given. */
export async function closedLink(address: string): Promise<OpenedLink | null> {
	const read = readAddress(address);
	if (!read) return null;
	const { groupId, digest } = read;
	const link = await linkAt(dbOf(groupId), digest);
	return link && !link.isOpen ? openedBy(groupId, link) : null;
}
