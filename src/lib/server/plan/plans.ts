import type { Db } from '$lib/server/db/db';
import type { PlanDocument } from '$lib/stages/plan/document/document';
import type { KeptFigures } from '$lib/stages/plan/document/kept-figures';
import { keyFor } from '$lib/server/db/part-key';
import { removedDays } from '$lib/ui/removed';

/** A plan in the list: what it is called and its figures when it was kept. */
export interface PlanLine {
	readonly id: string;
	readonly name: string;
	readonly version: number;
	readonly figures: KeptFigures;
	readonly updatedAt: Date;
}

export interface KeptPlan extends PlanLine {
	readonly document: PlanDocument;
}

/** What a write of a plan carries; `key` is made on the device and is the same when it is sent again. */
export interface PlanWrite {
	readonly name: string;
	readonly document: PlanDocument;
	readonly figures: KeptFigures;
	readonly key: string;
}

export type UpdateResult =
	| { readonly outcome: 'kept'; readonly plan: KeptPlan }
	| { readonly outcome: 'changed-meanwhile'; readonly plan: KeptPlan }
	| { readonly outcome: 'gone' };

const lineColumns = 'id, name, version, figures, updated_at as "updatedAt"';
const planColumns = `${lineColumns}, document`;

export const plansPerPage = 100;

/** The newest plans first, one page of them. */
export const listPlans = (db: Db, page = 0): Promise<PlanLine[]> =>
	db.many<PlanLine>(
		`select ${lineColumns} from plan
		 where group_id = $1 and deleted_at is null
		 order by updated_at desc, id limit $2 offset $3`,
		[db.groupId, plansPerPage, page * plansPerPage]
	);

/** The documents of plans, with the version that each is of. */
export const documentsOf = (db: Db, ids: readonly string[]) =>
	db.many<Pick<KeptPlan, 'id' | 'version' | 'document'>>(
		`select id, version, document from plan
		 where group_id = $1 and id = any($2::uuid[]) and deleted_at is null`,
		[db.groupId, ids]
	);

/** The newest plans, at most so many. */
export const listNewestPlans = (db: Db, limit: number): Promise<PlanLine[]> =>
	db.many<PlanLine>(
		`select ${lineColumns} from plan
		 where group_id = $1 and deleted_at is null
		 order by updated_at desc, id limit $2`,
		[db.groupId, limit]
	);

export const findPlan = (db: Db, id: string): Promise<KeptPlan | null> =>
	db.maybeOne<KeptPlan>(
		`select ${planColumns} from plan where group_id = $1 and id = $2 and deleted_at is null`,
		[db.groupId, id]
	);

/** The name of a deleted plan that can still be brought back, or null. */
export const findDeletedPlan = (db: Db, id: string) =>
	db.maybeOne<{ id: string; name: string }>(
		'select id, name from plan where group_id = $1 and id = $2 and deleted_at is not null',
		[db.groupId, id]
	);

type PlanNow = KeptPlan & { readonly lastKey: string; readonly isSame: boolean };

/** Writes over one version of a plan; null where that version is no longer the newest. */
const overwrite = (db: Db, id: string, version: number, write: PlanWrite) =>
	db.writer.maybeOne<KeptPlan>(
		`update plan set name = $4, document = $5, figures = $6, last_key = $7,
			version = version + 1, updated_at = now()
		 where group_id = $1 and id = $2 and version = $3 and deleted_at is null
		 returning ${planColumns}`,
		[db.groupId, id, version, write.name, write.document, write.figures, write.key]
	);

/**
 * Settles a write that met another: the same sent again counts once, a later one from the same page
 * goes over it, and anyone else's work is left standing and shown.
 */
async function settle(db: Db, now: PlanNow, write: PlanWrite): Promise<UpdateResult> {
	const { lastKey, isSame, ...plan } = now;
	if (lastKey !== write.key) return { outcome: 'changed-meanwhile', plan };
	if (isSame) return { outcome: 'kept', plan };
	const kept = await overwrite(db, plan.id, plan.version, write);
	return kept ? { outcome: 'kept', plan: kept } : updatePlan(db, plan.id, plan.version, write);
}

/** Keeps a new plan. The same key again never makes a second one. */
export async function insertPlan(db: Db, write: PlanWrite): Promise<UpdateResult> {
	const now = await db.writer.one<PlanNow>(
		`insert into plan (group_id, name, document, figures, created_key, last_key)
		 values ($1, $2, $3, $4, $5, $5)
		 on conflict (group_id, created_key) do update set deleted_at = null
		 returning ${planColumns}, last_key as "lastKey", name = $2 and document = $3 as "isSame"`,
		[db.groupId, write.name, write.document, write.figures, write.key]
	);
	return settle(db, now, write);
}

/** Keeps a plan again, if nobody has kept it since `version`; else says what stands there now. */
export async function updatePlan(
	db: Db,
	id: string,
	version: number,
	write: PlanWrite
): Promise<UpdateResult> {
	const kept = await overwrite(db, id, version, write);
	if (kept) return { outcome: 'kept', plan: kept };
	const now = await db.maybeOne<PlanNow>(
		`select ${planColumns}, last_key as "lastKey", name = $3 and document = $4 as "isSame"
		 from plan where group_id = $1 and id = $2 and deleted_at is null`,
		[db.groupId, id, write.name, write.document]
	);
	return now ? settle(db, now, write) : { outcome: 'gone' };
}

/** Gives a plan another name; false where there is none. The version moves on, so that another tab is told, and the key with it: what was kept before is not sent over it again. */
export const renamePlan = async (db: Db, id: string, name: string): Promise<boolean> =>
	(await db.execute(
		`update plan set name = $3, version = version + 1, updated_at = now(),
			last_key = gen_random_uuid()
		 where group_id = $1 and id = $2 and deleted_at is null`,
		[db.groupId, id, name]
	)) === 1;

/** Copies a plan under a name that says so; null where there is none to copy. The key is of a page, and names one copy of each plan on it. */
export const duplicatePlan = (db: Db, id: string, pageKey: string) =>
	db.writer.maybeOne<{ id: string }>(
		`insert into plan (group_id, name, document, figures, created_key, last_key)
		 select group_id, left('Copy of ' || name, 120), document, figures, $3, $3 from plan
		 where group_id = $1 and id = $2 and deleted_at is null
		 on conflict (group_id, created_key) do update set created_key = excluded.created_key
		 returning id`,
		[db.groupId, id, keyFor(pageKey, id)]
	);

/** What hangs on a plan: mats that are being made by it, mats that are wanted of it, table days to come that work for it. */
export interface HangsOn {
	readonly name: string;
	readonly begun: number;
	readonly wanted: number;
	readonly days: number;
}

/** What hangs on a plan; null where it is not in the list. */
export const hangsOnPlan = (db: Db, id: string): Promise<HangsOn | null> =>
	db.maybeOne<HangsOn>(
		`select p.name, p.mats_wanted as wanted,
			(select count(*)::integer from thing t
				join thing_state s on s.group_id = $1 and s.thing_id = t.id and s.what = 'begun'
				where t.group_id = $1 and t.plan_id = p.id and t.sort = 'mat') as begun,
			(select count(*)::integer from table_day d where d.group_id = $1 and d.plan_id = p.id
				and d.called_off_at is null and d.closed_at is null) as days
		 from plan p where p.group_id = $1 and p.id = $2 and p.deleted_at is null`,
		[db.groupId, id]
	);

/** Takes a plan off the list; it can be brought back. */
export const deletePlan = async (db: Db, id: string): Promise<boolean> =>
	(await db.execute(
		'update plan set deleted_at = now() where group_id = $1 and id = $2 and deleted_at is null',
		[db.groupId, id]
	)) === 1;

export const restorePlan = async (db: Db, id: string): Promise<boolean> =>
	(await db.execute(
		`update plan set deleted_at = null
		 where group_id = $1 and id = $2 and deleted_at > now() - make_interval(days => $3::integer)`,
		[db.groupId, id, removedDays]
	)) === 1;
