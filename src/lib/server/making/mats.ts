import { Memo } from '$lib/server/db/cache';
import type { Db } from '$lib/server/db/db';
import type { ColourRows } from '$lib/core/making/strand-left';
import { widthCourse } from '$lib/core/making/narrowing';
import type { ReadyWeeks } from '$lib/core/making/ready-on';
import { mostWeeks, readyWeeks } from '$lib/core/making/ready-on';
import { weeksInSpans } from '$lib/core/rhythm/span';
import type { CountedMat, MatInHand, MatLine, MatSaid } from '$lib/stages/making/mat-view';
import { nothingSaid } from '$lib/stages/making/mat-view';
import { daysOf } from '$lib/stages/making/ready-answer';
import { strandOf } from '$lib/stages/making/strand-in-hand';
import type { HallDay } from '$lib/ui/reader';
import { dayAfter } from '$lib/ui/days';
import { awaySpans } from '$lib/server/book/away-spans';
import { practiceOfGroup } from '$lib/server/measures/practice';
import type { Making } from './making';
import { ownMaking } from './making';
import { makingsOf } from './makings';
import type { MatLog } from './mat-logs';
import { addUp, loggedWeeks, logsOf, weekShares, withoutAway } from './mat-logs';
import { saidOf } from './said';

interface MatRow {
	readonly id: number;
	readonly code: string;
	readonly planId: string;
	readonly planVersion: number;
	readonly planName: string;
	readonly makerId: string | null;
	readonly makerName: string | null;
	readonly loom: string | null;
	/** Rows that were marked on it, and entries of the group that were taken back: while neither grows, its log is the same. */
	readonly marks: number;
	readonly corrections: number;
	/** The rows and colours it was begun with. */
	readonly stripes: ColourRows[] | null;
	readonly begunAt: Date;
	/** Days of the hall since it was begun. */
	readonly begunDays: number;
}

/** Mats that are being made: all of them, or the one with a code and what else its maker has. */
const matsText = `select t.id, t.code, t.plan_id as "planId", t.plan_version as "planVersion", v.name as "planName",
		p.id as "makerId", p.name as "makerName",
		(select o.name from tool o where o.group_id = $1 and o.id::text = t.content ->> 'toolId') as loom,
		(select count(*) from row_mark m where m.group_id = $1 and m.thing_id = t.id) as marks,
		(select count(*) from taken_back b where b.group_id = $1) as corrections,
		t.content -> 'stripes' as stripes, e.typed_at as "begunAt", $2::date - (e.typed_at at time zone $3)::date as "begunDays"
	from thing t
	join entry e on e.group_id = $1 and e.id = t.entry_id
	join plan_version v on v.group_id = $1 and v.plan_id = t.plan_id and v.version = t.plan_version
	join thing_state state on state.group_id = $1 and state.thing_id = t.id
	left join lateral (select h.person_id from standing_hand_on h where h.group_id = $1 and h.thing_id = t.id
		order by h.entry_id desc limit 1) hand on true
	left join person p on p.group_id = $1 and p.id = hand.person_id
	where t.group_id = $1 and state.group_id = $1 and state.sort = 'mat' and state.what in ('begun', 'made')
		and ($4::text is null or t.code = $4 or hand.person_id = (
			select h.person_id from standing_hand_on h join thing x on x.group_id = $1 and x.id = h.thing_id
			where h.group_id = $1 and x.code = $4
			order by h.entry_id desc limit 1))
	order by t.id limit 1000`;

/** Forecasts by what they rest on: the same mat in the same week says the same. */
const forecasts = new Memo<ReadyWeeks>();
const runs = 400;

const readyOf = (share: number, { weeks, away }: MakersWeeks): ReadyWeeks =>
	forecasts.of(JSON.stringify([share, weeks, away]), () =>
		readyWeeks(Math.min(1, share), weeks, { seed: 1, runs }, away)
	);

/** The weeks of a maker: shares of a mat in those behind, and which of those to come they are away. */
interface MakersWeeks {
	readonly weeks: readonly number[];
	readonly away: readonly number[];
}

/** Whoever has a mat left the group: nothing comes of it until it is passed on. */
const isLeft = ({ makerId, makerName }: MatRow): boolean => makerId !== null && makerName === null;
const allWeeks = Array.from({ length: mostWeeks }, (_, at) => at + 1);

/** Mats that are being made, and the weeks of their makers: all of them, or the one with a code and what else its maker has. */
async function readHabits(
	db: Db,
	{ today, timeZone }: HallDay,
	code: string | null
): Promise<{ read: MatRead[]; weeksOf: (mat: MatRead) => MakersWeeks }> {
	const [rows, practice, away] = await Promise.all([
		db.many<MatRow>(matsText, [db.groupId, today, timeZone, code]),
		practiceOfGroup(db),
		awaySpans(db, dayAfter(today, -7 * loggedWeeks))
	]);
	const [logOf, said, planned] = await Promise.all([
		logsOf(db, rows, { today, timeZone }),
		saidOf(
			db,
			rows.map((row) => row.code),
			null
		),
		makingsOf(db, rows, practice)
	]);
	// A maker's weeks are one habit, over all the mats they have.
	const weeksOf = new Map<string, number[][]>();
	const read = rows.map((row): MatRead => {
		const words = said.get(row.code) ?? nothingSaid;
		const making = ownMaking(planned(row), words.stripes, row.stripes);
		const log = logOf.get(row.id);
		const total = making.rows?.total ?? 1;
		const habit = row.makerId ?? row.code;
		weeksOf.set(habit, [...(weeksOf.get(habit) ?? []), weekShares(log?.weeks ?? [], row, total)]);
		return { row, log, making, said: words, habit };
	});
	const habits = new Map(
		[...weeksOf].map(([habit, all]): [string, MakersWeeks] => {
			const spans = away.get(habit) ?? [];
			return [
				habit,
				{
					weeks: withoutAway(addUp(all), spans, today),
					away: weeksInSpans(spans, today, mostWeeks)
				}
			];
		})
	);
	return {
		read,
		weeksOf: ({ habit, row }) => ({
			...(habits.get(habit) ?? { weeks: [], away: [] }),
			...(isLeft(row) ? { away: allWeeks } : {})
		})
	};
}

/** Mats that are being made, as they stand. */
async function readMats(db: Db, now: HallDay, code: string | null): Promise<MatInHand[]> {
	const { read, weeksOf } = await readHabits(db, now, code);
	return read.map((one) => matOf(one, now.today, weeksOf(one)));
}

/** A mat being made as a season reckons with it: who has it, the share that is made, and its maker's past weeks. */
export interface HabitInHand {
	readonly makerId: string | null;
	readonly done: number;
	readonly code: string;
	readonly planId: string;
	readonly weeks: readonly number[];
	/** Whoever had it left the group. */
	readonly isLeft: boolean;
	/** Weeks to come in which they are away, this one being 1. */
	readonly away: readonly number[];
	readonly isOnLoom: boolean;
}

/** A mat as it was read. */
interface MatRead {
	readonly row: MatRow;
	readonly log: MatLog | undefined;
	readonly making: Making;
	readonly said: MatSaid;
	/** Whose weeks its own are among. */
	readonly habit: string;
}

const madeOf = ({ log }: MatRead) => ({ near: log?.near ?? 0, far: log?.far ?? 0 });

/** Share of a mat that is made, 0 to 1. */
function shareOf(mat: MatRead): number {
	const made = madeOf(mat);
	const { rows } = mat.making;
	return rows ? Math.min(1, (made.near + made.far) / rows.total) : 0;
}

/** A mat with what its rows, its strand and its measures say. */
function matOf(mat: MatRead, today: string, weeks: MakersWeeks): MatInHand {
	const {
		row,
		log,
		making: { rows, look },
		said
	} = mat;
	const { id, code, planName, planVersion, makerId, makerName, loom, begunAt, begunDays } = row;
	const made = madeOf(mat);
	const share = shareOf(mat);
	const widths = said.sizes.flatMap(({ row: at, widthMm }) =>
		widthMm === null ? [] : [{ row: at, widthMm }]
	);
	return {
		id,
		code,
		planName,
		planVersion,
		maker: makerId !== null && makerName !== null ? { id: makerId, name: makerName } : null,
		isLeft: isLeft(row),
		isAway: weeks.away.includes(1),
		loom,
		rows,
		look,
		made,
		share,
		begunAt,
		lastAt: log?.lastAt ?? null,
		stillDays: log?.lastDays ?? begunDays,
		ready: daysOf(today, readyOf(share, weeks)),
		said,
		// While no ball was given by its label, nobody knows what lies beside it.
		lacks: look && said.given.length > 0 ? strandOf(look, made, said).lacks : [],
		course: look?.stitch && rows ? widthCourse(widths, look.stitch.widthMm, rows.total) : null
	};
}

/** Of what was said of a mat, what a list of many tells. */
const briefly = ({ wish, firstPass }: MatSaid): MatLine['said'] =>
	wish === null && firstPass.near === null && firstPass.far === null
		? nothingBrief
		: { wish, firstPass };
const nothingBrief: MatLine['said'] = { wish: null, firstPass: nothingSaid.firstPass };

/** A mat as a list of many tells it. */
const lineOf = ({
	begunAt: _,
	lastAt: __,
	planVersion: ___,
	said,
	...line
}: MatInHand): MatLine => ({
	...line,
	said: briefly(said)
});

/** Every mat that is being made, a line each, and as a season reckons with it. */
export async function readInHand(
	db: Db,
	now: HallDay
): Promise<{ readonly mats: MatLine[]; readonly habits: HabitInHand[] }> {
	const { read, weeksOf } = await readHabits(db, now, null);
	return {
		mats: read.map((one) => lineOf(matOf(one, now.today, weeksOf(one)))),
		habits: read.map((one) => ({
			makerId: one.row.makerId,
			code: one.row.code,
			planId: one.row.planId,
			isLeft: isLeft(one.row),
			done: shareOf(one),
			...weeksOf(one),
			isOnLoom: one.row.loom !== null
		}))
	};
}

/** Every mat that is being made, a line each. */
export const listMats = async (db: Db, now: HallDay): Promise<MatLine[]> =>
	(await readInHand(db, now)).mats;

/** The mat with a code, where it is being made; only what its maker has is read with it. */
export const findMat = async (db: Db, code: string, now: HallDay): Promise<MatInHand | null> =>
	(await readMats(db, now, code)).find((mat) => mat.code === code) ?? null;

/** A mat as whoever makes it counts it, and which it is; null where it is not being made. No name goes with it. */
export async function countedMat(
	db: Db,
	code: string,
	now: HallDay
): Promise<{ readonly id: number; readonly planName: string; readonly mat: CountedMat } | null> {
	const found = await findMat(db, code, now);
	if (!found) return null;
	const { id, planName, rows, look, made, share, ready, lacks, course, said } = found;
	const { given, weighed, firstPass, wish } = said;
	const issued = said.issued.map(({ code: ball, content: { colours, metres } }) => ({
		code: ball,
		content: { colours, metres }
	}));
	return {
		id,
		planName,
		mat: {
			code,
			rows,
			look,
			made,
			share,
			ready,
			lacks,
			course,
			said: { issued, given, weighed, firstPass, wish }
		}
	};
}
