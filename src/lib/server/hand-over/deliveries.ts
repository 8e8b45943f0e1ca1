import type { Db } from '$lib/server/db/db';
import type { ColourName } from '$lib/core/colour/colours';
import { rollMat } from '$lib/core/finish/roll';
import type { MatLook } from '$lib/stages/making/mat-view';
import type {
	DeliveredMat,
	DeliveryLine,
	DeliveryWhole,
	PlaceWords,
	ReadyMat
} from '$lib/stages/hand-over/hand-over-view';
import { makingsOf } from '$lib/server/making/makings';
import { practiceOfGroup } from '$lib/server/measures/practice';

interface ReadyRow {
	readonly code: string;
	readonly planId: string;
	readonly planVersion: number;
	readonly planName: string;
	readonly widthMm: number;
	readonly lengthMm: number;
	readonly since: Date;
}

/** The colour that most rows of some stripes have; mixed where none is said. */
function mainColour(stripes: MatLook['stripes']): ColourName {
	const rows = new Map<ColourName, number>();
	for (const stripe of stripes)
		rows.set(stripe.colour, (rows.get(stripe.colour) ?? 0) + stripe.rows);
	return [...rows].toSorted((a, b) => b[1] - a[1])[0]?.[0] ?? 'mixed';
}

/** Mats that are good and lie there, the longest first. */
export async function listReady(db: Db): Promise<ReadyMat[]> {
	const [rows, practice] = await Promise.all([
		db.many<ReadyRow>(
			`select t.code, t.plan_id as "planId", t.plan_version as "planVersion", v.name as "planName",
				c.width_mm as "widthMm", c.length_mm as "lengthMm", s.at as since
			 from thing_state s
			 join thing t on t.group_id = s.group_id and t.id = s.thing_id
			 join plan_version v on v.group_id = t.group_id and v.plan_id = t.plan_id and v.version = t.plan_version
			 join last_check c on c.group_id = t.group_id and c.thing_id = t.id
			 where s.group_id = $1 and s.sort = 'mat' and s.what = 'good'
			 order by s.at, t.id limit 500`,
			[db.groupId]
		),
		practiceOfGroup(db)
	]);
	const planned = await makingsOf(db, rows, practice);
	return rows.map((row): ReadyMat => {
		const { code, planName, widthMm, lengthMm, since } = row;
		const { thicknessMm, look } = planned(row);
		return {
			code,
			planName,
			widthMm,
			lengthMm,
			rollMm: thicknessMm && rollMat({ widthMm, lengthMm, thicknessMm }).diameterMm,
			colour: mainColour(look?.stripes ?? []),
			since
		};
	});
}

/** Deliveries shown at a time. */
export const deliveriesPerPage = 20;

/** Deliveries, those kept last first, or those before one; one more than a page, to show that there are more. Or the one with a label. */
export const listDeliveries = (
	db: Db,
	{ code = null, before = null }: { readonly code?: string | null; readonly before?: number | null }
): Promise<DeliveryLine[]> =>
	db.many<DeliveryLine>(
		`select t.code, d.entry_id as id, p.name as "placeName", to_char(d.goes_on, 'YYYY-MM-DD') as "goesOn",
			d.note, d.gathering,
			d.crate_width_mm as "crateWidthMm", d.crate_depth_mm as "crateDepthMm", d.crate_height_mm as "crateHeightMm",
			(select coalesce(json_agg(m.code order by m.id), '[]') from delivery_mat x
				join thing m on m.group_id = $1 and m.id = x.thing_id
				where x.group_id = $1 and x.entry_id = d.entry_id) as mats,
			(select coalesce(json_agg(json_build_object('code', m.code, 'mat', o.code) order by m.id), '[]')
				from delivery_pillow x
				join thing m on m.group_id = $1 and m.id = x.thing_id
				left join thing o on o.group_id = $1 and o.id = x.mat_id
				where x.group_id = $1 and x.entry_id = d.entry_id) as pillows,
			r.typed ->> 'note' as "receivedBy",
			coalesce(r.typed ->> 'on', to_char(r.typed_at at time zone coalesce(g.time_zone, 'UTC'), 'YYYY-MM-DD')) as "receivedOn"
		 from standing_delivery d
		 join volunteer_group g on g.id = d.group_id
		 join thing t on t.group_id = $1 and t.id = d.thing_id
		 join place_known p on p.group_id = $1 and p.id = d.place_id
		 left join thing_state s on s.group_id = $1 and s.thing_id = d.thing_id and s.what = 'received'
		 left join entry r on r.group_id = $1 and r.id = s.entry_id
		 where d.group_id = $1 and ($2::text is null or t.code = $2) and ($3::bigint is null or d.entry_id < $3)
		 order by d.entry_id desc limit $4`,
		[db.groupId, code, before, deliveriesPerPage + 1]
	);

/** A delivery with what is in it, mat by mat; null where there is none of that label. */
export async function findDelivery(db: Db, code: string): Promise<DeliveryWhole | null> {
	const [line] = await listDeliveries(db, { code });
	if (!line) return null;
	const [place, mats] = await Promise.all([
		db.one<PlaceWords>(
			`select p.name, p.hours, p.stairs, p.own_rules as "ownRules", p.id, p.version
			 from standing_delivery d join place_known p on p.group_id = d.group_id and p.id = d.place_id
			 where d.group_id = $1 and d.entry_id = $2`,
			[db.groupId, line.id]
		),
		db.many<DeliveredMat>(
			`select t.code, t.plan_id as "planId", t.plan_version as "planVersion", v.name as "planName",
				x.width_mm as "widthMm", x.length_mm as "lengthMm", x.mass_g as "massG", x.bags,
				o.code as pillow, (o.content ->> 'filmMg')::double precision / 1000 as "pillowG"
			 from delivery_mat x
			 join thing t on t.group_id = x.group_id and t.id = x.thing_id
			 join plan_version v on v.group_id = t.group_id and v.plan_id = t.plan_id and v.version = t.plan_version
			 left join delivery_pillow y on y.group_id = x.group_id and y.entry_id = x.entry_id and y.mat_id = x.thing_id
			 left join thing o on o.group_id = y.group_id and o.id = y.thing_id
			 where x.group_id = $1 and x.entry_id = $2 order by t.id`,
			[db.groupId, line.id]
		)
	]);
	const planned = await makingsOf(db, mats, await practiceOfGroup(db));
	return {
		...line,
		place,
		lying: mats.map((mat) => {
			const { thicknessMm } = planned(mat);
			return {
				...mat,
				rollMm: thicknessMm && rollMat({ ...mat, thicknessMm }).diameterMm
			};
		})
	};
}
