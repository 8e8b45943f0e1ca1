import type { Db } from '$lib/server/db/db';
import type { ColourName } from '$lib/core/colour/colours';
import type { CutSnapshot } from '$lib/core/prepare/cut-pile';
import type { ActLine, TablePile } from '$lib/stages/prepare/table-view';
import type { HallDay } from '$lib/ui/reader';
import type { KindLine } from '$lib/server/gather/kinds';
import { kindsText } from '$lib/server/gather/kinds';
import type { PlanInWork } from './plans-in-work';
import { plansInWorkText } from './plans-in-work';

/** How what lies in a line was cut, of a line `l` with its cut `c`; null where it was not. */
export const cutJson = `case when c.id is not null then json_build_object('style', c.style,
	'stripWidthMm', c.strip_width_mm, 'piecesPerBag', c.pieces_per_bag, 'thicknessUm', c.thickness_um,
	'pieceLengthMm', c.piece_length_mm, 'pieceG', c.piece_g) end`;

const pilesText = `select l.kind_id as "kindId", k.name as kind, l.colour, l.form, ${cutJson} as cut, b.amount,
		b.film_mg as "filmMg"
	from balance b
	join line l on l.group_id = b.group_id and l.id = b.line_id
	join bag_kind k on k.group_id = l.group_id and k.id = l.kind_id
	left join cut c on c.group_id = l.group_id and c.id = l.cut_id
	where b.group_id = $1 and b.holder = 'store' and b.amount > 0
	order by k.created_at, k.name, l.colour, l.id`;

/** Every pile of the store, with its film. */
export const listPiles = (db: Db): Promise<TablePile[]> =>
	db.many<TablePile & { cut: CutSnapshot | null }>(pilesText, [db.groupId]);

/** What was done at the table last, the newest first. */
const actsText = `select e.id, e.type, e.typed_at as at, p.name as "byName",
		exists (select 1 from taken_back t where t.group_id = $1 and t.entry_id = e.id) as "isTakenBack",
		(select t.code from thing t where t.group_id = $1 and t.entry_id = e.id) as code,
		(select coalesce(json_agg(json_build_object('form', l.form, 'colour', l.colour,
			'holder', m.holder, 'amount', m.amount, 'filmMg', m.film_mg) order by m.part), '[]')
		 from movement m join line l on l.group_id = $1 and l.id = m.line_id
		 where m.group_id = $1 and m.entry_id = e.id) as moves
	from entry e left join person p on p.group_id = $1 and p.id = e.person_id
	where e.group_id = $1 and e.type in ('flatten', 'cut', 'join', 'ball', 'load', 'recount')
		and ($5::bigint is null or e.id < $5)
	order by e.id desc limit $2`;

/** Balls and chains that lie there, all of one kind, cut and colours: how many, and the bags in them. */
export interface BallStock {
	readonly kindId: string;
	readonly sort: 'ball' | 'chain';
	readonly cut: CutSnapshot;
	readonly colours: readonly { readonly colour: ColourName; readonly bags: number }[];
	readonly balls: number;
}

const stockText = `select t.content ->> 'kindId' as "kindId", t.sort, t.content -> 'cut' as cut,
		t.content -> 'colours' as colours, l.balls
	from (select min(thing_id) as thing_id, count(*)::integer as balls
		from lying where group_id = $1 group by alike) l
	join thing t on t.group_id = $1 and t.id = l.thing_id order by t.id`;

/** Balls and chains that lie there, alike ones together, in the order they came. */
export const listBallStock = (db: Db): Promise<BallStock[]> =>
	db.many<BallStock>(stockText, [db.groupId]);

/** What every reckoning of the table rests on: the kinds, the plans in work, and what lies there in balls and chains. */
export interface TableBasis {
	readonly kinds: readonly KindLine[];
	readonly plans: readonly PlanInWork[];
	readonly stock: readonly BallStock[];
}

const basisText = `(select coalesce(json_agg(k), '[]') from (${kindsText}) k) as kinds,
	(select coalesce(json_agg(w), '[]') from (${plansInWorkText}) w) as plans,
	(select coalesce(json_agg(s), '[]') from (${stockText}) s) as stock`;

/** The basis alone, as one question. */
export const tableBasis = (db: Db): Promise<TableBasis> =>
	db.one<TableBasis>(`select ${basisText}`, [db.groupId]);

/** What the line of a table day rests on: the kinds, the plans in work, and the piles. */
export interface LineBasis extends Pick<TableBasis, 'kinds' | 'plans'> {
	readonly piles: readonly TablePile[];
}

const lineText = `(select coalesce(json_agg(k), '[]') from (${kindsText}) k) as kinds,
	(select coalesce(json_agg(w), '[]') from (${plansInWorkText}) w) as plans,
	(select coalesce(json_agg(p), '[]') from (${pilesText}) p) as piles`;

/** The basis of the line as one question. */
export const lineBasis = (db: Db): Promise<LineBasis> =>
	db.one<LineBasis>(`select ${lineText}`, [db.groupId]);

/** The same with the plan that a day is for, because every tap asks it; null where there is no such day. */
export const lineOfDay = (
	db: Db,
	dayId: string
): Promise<(LineBasis & { planId: string | null }) | null> =>
	db.maybeOne<LineBasis & { planId: string | null }>(
		`select d.plan_id as "planId", ${lineText}
		 from table_day d where d.group_id = $1 and d.id = $2 and d.called_off_at is null`,
		[db.groupId, dayId]
	);

/** The share that was spoiled when something was cut last on a day of the hall, in a hundred, as it was typed; null where nothing was. */
const spoiledText = `select typed ->> 'spoiled' from entry
	where group_id = $1 and type = 'cut'
		and type in ('flatten', 'cut', 'join', 'ball', 'load', 'recount')
		and typed_at >= ($3::date)::timestamp at time zone $4
		and typed_at < ($3::date + 1)::timestamp at time zone $4
	order by id desc limit 1`;

/** The table as it lies at one moment: one question, because every tap asks it. */
export interface TableNow extends TableBasis {
	readonly piles: readonly TablePile[];
	readonly acts: readonly ActLine[];
	readonly spoiled: string | null;
}

/** Acts of the table shown at a time. */
export const actsPerPage = 8;

/**
 * The table as it lies.
 *
 * @param before what was done last is shown from before this entry on; null for the newest
 */
export async function tableNow(
	db: Db,
	{ today, timeZone }: HallDay,
	before: number | null = null
): Promise<TableNow> {
	const now = await db.one<TableNow>(
		`select (select coalesce(json_agg(p), '[]') from (${pilesText}) p) as piles,
			(select coalesce(json_agg(a), '[]') from (${actsText}) a) as acts,
			(${spoiledText}) as spoiled,
			${basisText}`,
		[db.groupId, actsPerPage, today, timeZone, before]
	);
	return { ...now, acts: now.acts.map((act) => ({ ...act, at: new Date(act.at) })) };
}
