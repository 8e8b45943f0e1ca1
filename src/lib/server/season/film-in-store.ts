import type { Db } from '$lib/server/db/db';
import type { ColourName } from '$lib/core/colour/colours';

/** A form in which film lies in the store: bags in sacks, flat, pieces and strand, balls and chains. */
export type StoreForm = 'sacks' | 'flat' | 'pieces' | 'balls';

/** Film of one form and colour: how many, and the bags it is worth. */
export interface StoreFilm {
	readonly form: StoreForm;
	readonly colour: ColourName;
	readonly count: number;
	readonly bags: number;
}

/** All the film in the store. Pieces whose cut is not known count as a quarter of a bag; a ball as its label says. */
export const filmInStore = (db: Db): Promise<StoreFilm[]> =>
	db.many<StoreFilm>(
		`select case when l.form = 'bag' then 'sacks' when l.form = 'flat' then 'flat' else 'pieces' end as form,
			l.colour, sum(b.amount)::double precision as count,
			sum(case when l.form in ('bag', 'flat') then b.amount
				else b.amount / coalesce(c.pieces_per_bag, 4) end)::double precision as bags
		 from balance b join line l on l.group_id = b.group_id and l.id = b.line_id
		 left join cut c on c.group_id = l.group_id and c.id = l.cut_id
		 where b.group_id = $1 and b.holder = 'store' and b.amount > 0 and l.form in ('bag', 'flat', 'piece', 'strand')
		 group by 1, 2
		 union all
		 select 'balls', o.colour, sum(1.0 / x.colours)::double precision, sum(o.bags)::double precision
		 from (select t.content, jsonb_array_length(t.content -> 'colours') as colours from lying y
			join thing t on t.group_id = y.group_id and t.id = y.thing_id where y.group_id = $1) x
		 cross join lateral jsonb_to_recordset(x.content -> 'colours') as o (colour text, bags double precision)
		 group by 2
		 order by 1, 2`,
		[db.groupId]
	);
