import { createHash, randomBytes } from 'node:crypto';
import { dashed } from '$lib/ui/new-key';
import type { GroupId } from '../base/group-id';
import { execute, many, maybeOne, writing } from '../db/verbs';

/** A link as the group sees it: what it opens, and whether it still does. Its secret is nowhere. */
export interface LinkLine {
	readonly id: string;
	readonly planName: string;
	readonly planVersion: number;
	readonly madeAt: Date;
	readonly expiresAt: Date | null;
	readonly lastUsedAt: Date | null;
	readonly revokedAt: Date | null;
}

/** What a link opens. */
export interface OpenedLink {
	readonly groupId: GroupId;
	readonly planId: string;
	readonly planVersion: number;
}

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

/** How long a link opens a plan, in days, unless it is revoked before. */
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

/** The links of a group, the newest first; those that were revoked long ago are left out. */
export const listLinks = (groupId: GroupId): Promise<LinkLine[]> =>
	many<LinkLine>(
		`select l.id, v.name as "planName", l.plan_version as "planVersion", l.made_at as "madeAt",
			l.expires_at as "expiresAt", l.last_used_at as "lastUsedAt", l.revoked_at as "revokedAt"
		 from link l
		 join plan_version v on v.group_id = l.group_id and v.plan_id = l.plan_id and v.version = l.plan_version
		 where l.group_id = $1 and (l.revoked_at is null or l.revoked_at > now() - interval '30 days')
		 order by l.made_at desc, l.id limit 200`,
		[groupId]
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
		planId: string;
		planVersion: number;
		isFresh: boolean;
	}>(
		`select id, plan_id as "planId", plan_version as "planVersion",
			coalesce(last_used_at > now() - interval '1 minute', false) as "isFresh"
		 from link where group_id = $1 and digest = $2 and revoked_at is null
			and (expires_at is null or expires_at > now())`,
		[groupId, digest]
	);
	if (!link) return null;
	if (!link.isFresh)
		await execute('update link set last_used_at = now() where group_id = $1 and id = $2', [
			groupId,
			link.id
		]);
	return { groupId, planId: link.planId, planVersion: link.planVersion };
}
