import type { Db } from '$lib/server/db/db';
import { groupBy } from '$lib/core/group-by';
import { acceptanceOf } from '$lib/core/check/acceptance';
import type { FaultKind } from '$lib/core/check/faults';
import type { FirstFound } from '$lib/core/check/fault-tallies';
import { faultTallies } from '$lib/core/check/fault-tallies';
import type { CheckResult, FoundFault } from '$lib/core/check/judge-mat';
import type { ColourRows } from '$lib/core/making/strand-left';
import type {
	CheckDone,
	CheckOverview,
	MatToCheck,
	MadeMatLine,
	MadeState
} from '$lib/stages/check/check-view';
import { Answers } from '$lib/server/db/cache';
import { ownMaking } from '$lib/server/making/making';
import { makingsOf } from '$lib/server/making/makings';
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
		t.content -> 'stripes' as stripes, s.what as state, s.at as since
	from thing_state s
	join thing t on t.group_id = s.group_id and t.id = s.thing_id
	join plan_version v on v.group_id = t.group_id and v.plan_id = t.plan_id and v.version = t.plan_version
	where s.group_id = $1 and s.sort = 'mat' and s.what in ('finished', 'mended', 'to-mend', 'sent-back')
	order by s.at, t.id limit 500`;

/** The mat with a label, however it stands, once it is made. */
const oneMadeText = `select t.id, t.code, t.plan_id as "planId", t.plan_version as "planVersion", v.name as "planName",
		t.content -> 'stripes' as stripes, s.what as state, s.at as since
	from thing t
	join thing_state s on s.group_id = t.group_id and s.thing_id = t.id
	join plan_version v on v.group_id = t.group_id and v.plan_id = t.plan_id and v.version = t.plan_version
	where t.group_id = $1 and t.code = $2 and t.sort = 'mat' and s.what not in ('begun', 'made', 'lost')`;

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
		readonly reasons: CheckDone['reasons'];
		readonly notes?: CheckDone['notes'];
		readonly uses?: CheckDone['uses'];
		readonly minutes: number;
		readonly why: string | null;
	};
}

const checksOf = (db: Db, ids: readonly number[]): Promise<CheckRow[]> =>
	db.many<CheckRow>(
		`select entry_id as id, thing_id as "thingId", typed_at as at, result, width_mm as "widthMm",
			length_mm as "lengthMm", mass_g as "massG", found
		 from standing_check where group_id = $1 and thing_id = any($2::bigint[]) order by entry_id desc`,
		[db.groupId, ids]
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
	notes: found.notes ?? [],
	uses: found.uses ?? [],
	minutes: found.minutes,
	why: found.why
});

/** Mats that are made, with their checks: those that wait for something, or the one with a label. */
async function readMade(db: Db, code: string | null): Promise<MatToCheck[]> {
	const [found, practice] = await Promise.all([
		code === null
			? db.many<MadeRow>(madeText, [db.groupId])
			: db.many<MadeRow>(oneMadeText, [db.groupId, code]),
		practiceOfGroup(db)
	]);
	const [checks, planned] = await Promise.all([
		checksOf(
			db,
			found.map(({ id }) => id)
		),
		makingsOf(db, found, practice)
	]);
	const checksById = groupBy(checks, ({ thingId }) => thingId);
	return found.map(({ id, code: label, planName, state, since, stripes, ...row }): MatToCheck => {
		const { look, rows, massG, sleeperMm } = ownMaking(planned(row), null, stripes);
		const own = (checksById.get(id) ?? []).map(doneOf);
		return {
			id,
			code: label,
			planName,
			state,
			since,
			look,
			rows,
			planId: row.planId,
			planVersion: row.planVersion,
			planned: look && {
				widthMm: look.widthMm,
				lengthMm: look.lengthMm,
				massG,
				...(sleeperMm !== null && { sleeperMm })
			},
			last: own[0] ?? null,
			checks: own
		};
	});
}

/** A mat as a list has it. */
const lineOf = ({
	id,
	code,
	planName,
	state,
	since,
	look,
	rows,
	last
}: MatToCheck): MadeMatLine => ({
	id,
	code,
	planName,
	state,
	since,
	look,
	rows,
	last
});

/** The mat with a label, once it is made, with the history of its checks; null where it is none. */
export const findMade = async (db: Db, code: string): Promise<MatToCheck | null> =>
	(await readMade(db, code))[0] ?? null;

/** Mats to mend, the longest first: what the seats of a table day know of them. */
export const listToMend = async (db: Db): Promise<MadeMatLine[]> =>
	(await readMade(db, null)).filter(({ state }) => state === 'to-mend').map(lineOf);

/** Checks that the tallies look back on. */
const lately = 200;

/** First checks of mats, the newest first: what they came to, what was found, of what each mat was made, and when. */
const firstChecks = (db: Db) =>
	db.many<FirstFound & { result: CheckResult; kinds: FaultKind[] }>(
		`select c.result, (select coalesce(json_agg(distinct f ->> 'kind'), '[]')
				from jsonb_array_elements(c.found -> 'faults') f) as kinds,
			v.document -> 'plan' -> 'technique' ->> 'kind' as technique,
			(select b.content ->> 'kind' from standing_entry i
				join thing b on b.group_id = $1 and b.code = label_of(i.typed ->> 'ball')
				where i.group_id = $1 and i.type = 'issue' and label_of(i.typed ->> 'mat') = t.code
				order by i.id limit 1) as bag,
			to_char(date_trunc('week', c.typed_at at time zone coalesce(g.time_zone, 'UTC')), 'YYYY-MM-DD') as week
		 from standing_check c
		 join volunteer_group g on g.id = c.group_id
		 join thing t on t.group_id = $1 and t.id = c.thing_id
		 join plan_version v on v.group_id = $1 and v.plan_id = t.plan_id and v.version = t.plan_version
		 where c.group_id = $1 and not exists (select 1 from standing_check earlier
			where earlier.group_id = $1 and earlier.thing_id = c.thing_id and earlier.entry_id < c.entry_id)
		 order by c.entry_id desc limit $2`,
		[db.groupId, lately]
	);

type Tallied = Omit<CheckOverview, 'mats'>;

/** What the checks of late come to, as it was added up last. */
const tallied = new Answers<Tallied>(['mat_check', 'taken_back']);

/** How many are good at once, and which faults come with which step: added up anew where a check was added or taken back. */
const talliesOf = (db: Db): Promise<Tallied> =>
	tallied.of(db, null, async () => {
		const firsts = await firstChecks(db);
		const good = firsts.filter(({ result }) => result === 'good').length;
		return {
			firsts: { good, mended: firsts.length - good },
			acceptance: acceptanceOf(good, firsts.length - good),
			faults: faultTallies(firsts)
		};
	});

/** What waits to be checked or mended, how many are good at once, and which faults come with which step. */
export async function checkOverview(db: Db): Promise<CheckOverview> {
	const [mats, tallies] = await Promise.all([readMade(db, null), talliesOf(db)]);
	return { mats: mats.map(lineOf), ...tallies };
}
