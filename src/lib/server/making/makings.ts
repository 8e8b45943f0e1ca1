import type { Db } from '$lib/server/db/db';
import type { Practice } from '$lib/core/practice/practice';
import type { PlanDocument } from '$lib/stages/plan/document/document';
import { versionKey } from '$lib/server/plan/version-key';
import { Memo } from '$lib/server/db/cache';
import type { Making } from './making';
import { makingOf, unmade } from './making';

/** A thing that is made by a version of a plan. */
interface ByVersion {
	readonly planId: string;
	readonly planVersion: number;
}

/** How versions of plans are made, worked out once for all who ask. */
const makings = new Memo<Making>();

/** How one version is made, by its document. */
export const makingOfVersion = (
	{ planId: id, planVersion: version }: ByVersion,
	document: PlanDocument,
	practice: Practice
): Making => makings.of(versionKey({ id, version }, practice), () => makingOf(document, practice));

/** How some things are made, by a practice; the documents are read only of the versions not known yet. */
export async function makingsOf(
	db: Db,
	things: readonly ByVersion[],
	practice: Practice
): Promise<(thing: ByVersion) => Making> {
	const unknown = things.filter(
		({ planId: id, planVersion: version }) => !makings.get(versionKey({ id, version }, practice))
	);
	if (unknown.length > 0) {
		const documents = await db.many<ByVersion & { document: PlanDocument }>(
			`select distinct v.plan_id as "planId", v.version as "planVersion", v.document from plan_version v
			 join unnest($2::uuid[], $3::integer[]) as a (id, version) on v.plan_id = a.id and v.version = a.version
			 where v.group_id = $1`,
			[
				db.groupId,
				unknown.map(({ planId }) => planId),
				unknown.map(({ planVersion }) => planVersion)
			]
		);
		for (const { document, ...version } of documents) makingOfVersion(version, document, practice);
	}
	return ({ planId: id, planVersion: version }) =>
		makings.get(versionKey({ id, version }, practice)) ?? unmade;
}
