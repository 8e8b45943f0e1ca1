import { createHash, randomBytes } from 'node:crypto';
import { dashed } from '$lib/ui/new-key';
import type { GroupId } from '../base/group-id';
import { execute, many, maybeOne, writing } from '../db/verbs';

/** What a link lets whoever has it do. */
export const grants = ['read-plan', 'make'] as const;
export type Grant = (typeof grants)[number];

/** A link as the group sees it: what it opens, and whether it still does. Its secret is nowhere. */
export interface LinkLine {
	readonly id: string;
	readonly grants: Grant;
	/** The plan that it opens, or that its mat is made by. */
	readonly planName: string;
	readonly planVersion: number;
	/** The label of the mat that it opens; null where it opens a plan. */
	readonly mat: string | null;
	readonly madeAt: Date;
	readonly expiresAt: Date | null;
	readonly lastUsedAt: Date | null;
	readonly revokedAt: Date | null;
}

/** What a link opens: a plan to read, or a mat to count. */
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
	  };

/** Bytes of a group's id and of the secret in an address. */
const [groupBytes, secretBytes] = [16, 32];

/** The digest that stands for a secret: of 256 random bits, so nothing slower is needed. */
const digestOf = (secret: Buffer): string =>
	createHash('sha256').update(secret).digest('base64url');

/** The secret part of an address: the group first, so that looking a link up asks one group alone. */
const addressOf = (groupId: GroupId, secret: Buffer): string =>
	Buffer.concat([Buffer.from(groupId.replaceAll('-', ''), 'hex'), secret]).toString('base64url');

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
export async function makeLink(
	groupId: GroupId,
	key: string,
	planId: string
): Promise<string | null> {
	const secret = randomBytes(secretBytes);
	const made = await maybeOne<{ id: string }>(
		`insert into link (group_id, id, digest, grants, plan_id, plan_version, expires_at)
		 select group_id, $3, $4, 'read-plan', id, version, now() + make_interval(days => $5::integer)
		 from plan where group_id = $1 and id = $2 and deleted_at is null
		 on conflict (group_id, id) do nothing returning id`,
		[groupId, planId, key, digestOf(secret), linkDays],
		writing()
	);
	return made && addressOf(groupId, secret);
}

/**
 * Makes a link that lets whoever has it count the rows of one mat, and nothing else. Told once, like
 * every link; null where there is no such mat, or the same page made one already.
 *
 * @param key made with the page, so that pressing twice makes one link
 * @param code the label of the mat
 */
export async function makeMatLink(
	groupId: GroupId,
	key: string,
	code: string
): Promise<string | null> {
	const secret = randomBytes(secretBytes);
	const made = await maybeOne<{ id: string }>(
		`insert into link (group_id, id, digest, grants, thing_id, expires_at)
		 select group_id, $3, $4, 'make', id, now() + make_interval(days => $5::integer)
		 from thing where group_id = $1 and code = $2 and sort = 'mat'
		 on conflict (group_id, id) do nothing returning id`,
		[groupId, code, key, digestOf(secret), linkDays],
		writing()
	);
	return made && addressOf(groupId, secret);
}

/** The links of a group, the newest first, or those of one mat; those that were revoked long ago are left out. */
export const listLinks = (groupId: GroupId, ofMat: string | null): Promise<LinkLine[]> =>
	many<LinkLine>(
		`select l.id, l.grants, v.name as "planName", v.version as "planVersion", t.code as mat,
			l.made_at as "madeAt", l.expires_at as "expiresAt", l.last_used_at as "lastUsedAt",
			l.revoked_at as "revokedAt"
		 from link l
		 left join thing t on t.group_id = l.group_id and t.id = l.thing_id
		 join plan_version v on v.group_id = l.group_id and v.plan_id = coalesce(l.plan_id, t.plan_id)
			and v.version = coalesce(l.plan_version, t.plan_version)
		 where l.group_id = $1 and ($2::text is null or t.code = $2)
			and (l.revoked_at is null or l.revoked_at > now() - interval '30 days')
		 order by l.made_at desc, l.id limit 200`,
		[groupId, ofMat]
	);

/** Revokes a link at once; false where there is none that still opens anything. */
export const revokeLink = async (groupId: GroupId, id: string): Promise<boolean> =>
	(await execute(
		'update link set revoked_at = now() where group_id = $1 and id = $2 and revoked_at is null',
		[groupId, id]
	)) === 1;

/** What an address opens, or null: it was never given, is revoked, or its time is over. When it was used last is kept to the minute. */
export async function openLink(address: string): Promise<OpenedLink | null> {
	const read = readAddress(address);
	if (!read) return null;
	const { groupId, digest } = read;
	const link = await maybeOne<{
		id: string;
		planId: string | null;
		planVersion: number | null;
		mat: string | null;
		isFresh: boolean;
	}>(
		`select l.id, l.plan_id as "planId", l.plan_version as "planVersion", t.code as mat,
			coalesce(l.last_used_at > now() - interval '1 minute', false) as "isFresh"
		 from link l left join thing t on t.group_id = l.group_id and t.id = l.thing_id
		 where l.group_id = $1 and l.digest = $2 and l.revoked_at is null
			and (l.expires_at is null or l.expires_at > now())`,
		[groupId, digest]
	);
	if (!link) return null;
	const { id, planId, planVersion, mat, isFresh } = link;
	if (!isFresh)
		await execute('update link set last_used_at = now() where group_id = $1 and id = $2', [
			groupId,
			id
		]);
	if (mat !== null) return { grants: 'make', groupId, linkId: id, mat };
	return planId !== null && planVersion !== null
		? { grants: 'read-plan', groupId, planId, planVersion }
		: null;
}
