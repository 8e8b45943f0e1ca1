import { acceptanceOf } from '$lib/core/check/acceptance';
import type { FaultKind } from '$lib/core/check/faults';
import { faultKinds, faults } from '$lib/core/check/faults';
import type { CheckReason, CheckResult, FoundFault } from '$lib/core/check/judge-mat';
import type { ColourRows } from '$lib/core/hand/strand-left';
import type { CheckDone, CheckOverview, MadeMat, MadeState } from '$lib/stages/check/check-view';
import type { GroupId } from '$lib/server/base/group-id';
import { many } from '$lib/server/db/verbs';
import { ownMaking } from '$lib/server/hand/making';
import { makingsOf } from '$lib/server/hand/makings';
import { practiceOfGroup } from '$lib/server/measures/practice';

interface MadeRow {
	readonly id: number;
	readonly code: string;
	readonly planId: string;
	readonly planVersion: number;
	readonly planName: string;
	readonly stripes: ColourRows[] | null;
	readonly state: MadeState;
	readonly since: Date;
}

/** Mats that are made and wait for something, the longest first; or the one with a label, however it stands. */
const madeText = `select t.id, t.code, t.plan_id as "planId", t.plan_version as "planVersion", v.name as "planName",
		t.content -> 'stripes' as stripes, state.what as state, state.at as since
	from thing t
	join plan_version v on v.group_id = t.group_id and v.plan_id = t.plan_id and v.version = t.plan_version
	join lateral (select x.what, e.typed_at as at from thing_event x
		join entry e on e.group_id = x.group_id and e.id = x.entry_id
		where x.group_id = t.group_id and x.thing_id = t.id
			and not exists (select 1 from taken_back b where b.group_id = x.group_id and b.entry_id = x.entry_id)
		order by x.id desc limit 1) state on true
	where t.group_id = $1 and t.sort = 'mat'
		and not exists (select 1 from taken_back b where b.group_id = t.group_id and b.entry_id = t.entry_id)
		and case when $2::text is null then state.what in ('finished', 'mended', 'to-mend', 'sent-back')
			else t.code = $2 and state.what in ('finished', 'mended', 'to-mend', 'good', 'other-use', 'taken-apart',
				'delivered', 'received', 'sent-back') end
	order by state.at, t.id limit 500`;

interface CheckRow {
	readonly id: number;
	readonly thingId: number;
	readonly at: Date;
	readonly result: CheckResult;
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly massG: number | null;
	readonly found: {
		readonly goesThrough: readonly boolean[];
		readonly faults: readonly FoundFault[];
		readonly reasons: readonly CheckReason[];
		readonly minutes: number;
		readonly why: string | null;
	};
}

const checksOf = (groupId: GroupId, ids: readonly number[]): Promise<CheckRow[]> =>
	many<CheckRow>(
		`select entry_id as id, thing_id as "thingId", typed_at as at, result, width_mm as "widthMm",
			length_mm as "lengthMm", mass_g as "massG", found
		 from standing_check where group_id = $1 and thing_id = any($2::bigint[]) order by entry_id desc`,
		[groupId, ids]
	);

const doneOf = ({ id, at, result, widthMm, lengthMm, massG, found }: CheckRow): CheckDone => ({
	id,
	at,
	result,
	widthMm,
	lengthMm,
	massG,
	goesThrough: found.goesThrough,
	faults: found.faults,
	reasons: found.reasons,
	minutes: found.minutes,
	why: found.why
});

/** Mats that are made, with their checks: those that wait for something, or the one with a label. */
async function readMade(groupId: GroupId, code: string | null): Promise<MadeMat[]> {
	const [found, practice] = await Promise.all([
		many<MadeRow>(madeText, [groupId, code]),
		practiceOfGroup(groupId)
	]);
	const [checks, planned] = await Promise.all([
		checksOf(
			groupId,
			found.map(({ id }) => id)
		),
		makingsOf(groupId, found, practice)
	]);
	return found.map(({ id, code: label, planName, state, since, stripes, ...row }): MadeMat => {
		const { look, rows, massG } = ownMaking(planned(row), null, stripes);
		const own = checks.filter(({ thingId }) => thingId === id).map(doneOf);
		return {
			id,
			code: label,
			planName,
			state,
			since,
			look,
			rows,
			planned: look && { widthMm: look.widthMm, lengthMm: look.lengthMm, massG },
			last: own[0] ?? null,
			checks: own
		};
	});
}

/** The mat with a label, once it is made, with the history of its checks; null where it is none. */
export const findMade = async (groupId: GroupId, code: string): Promise<MadeMat | null> =>
	(await readMade(groupId, code))[0] ?? null;

/** Checks that the tallies look back on. */
const lately = 200;

/** First checks of mats, the newest first: what they came to, and what was found. */
const firstChecks = (groupId: GroupId): Promise<{ result: CheckResult; kinds: FaultKind[] }[]> =>
	many<{ result: CheckResult; kinds: FaultKind[] }>(
		`select result, kinds from (
			select distinct on (thing_id) thing_id, entry_id, result, (
				select coalesce(json_agg(distinct f ->> 'kind'), '[]')
				from jsonb_array_elements(found -> 'faults') f) as kinds
			from standing_check where group_id = $1 order by thing_id, entry_id) firsts
		 order by entry_id desc limit $2`,
		[groupId, lately]
	);

/** What waits to be checked or mended, how many are good at once, and which faults come with which step. */
export async function checkOverview(groupId: GroupId): Promise<CheckOverview> {
	const [mats, firsts] = await Promise.all([readMade(groupId, null), firstChecks(groupId)]);
	const good = firsts.filter(({ result }) => result === 'good').length;
	return {
		mats: mats.map(({ planned: _, checks: __, ...line }) => line),
		acceptance: acceptanceOf(good, firsts.length - good),
		faults: faultKinds
			.map((kind) => ({
				kind,
				step: faults[kind].step,
				mats: firsts.filter(({ kinds }) => kinds.includes(kind)).length,
				of: firsts.length
			}))
			.filter(({ mats: count }) => count > 0)
			.toSorted((one, other) => other.mats - one.mats)
	};
}
