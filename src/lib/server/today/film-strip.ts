import type { TodayStrip } from '$lib/stages/today/today-view';
import type { GroupId } from '$lib/server/base/group-id';
import { many, one } from '$lib/server/db/verbs';

/** Where all the film is: bags, flat, pieces and strand, balls, mats in hand, to check, ready, handed over. */
export async function stripOfToday(groupId: GroupId, bagsPerMat: number): Promise<TodayStrip> {
	const [piles, mats] = await Promise.all([
		many<{ part: string; bags: number; count: number }>(
			`select case when l.form = 'bag' then 'bags' when l.form = 'flat' then 'flat'
					when l.form in ('piece', 'strand') then 'pieces' else 'balls' end as part,
				sum(case when l.form in ('bag', 'flat') then b.amount
					when l.form in ('piece', 'strand') then b.amount / coalesce(c.pieces_per_bag, 4)
					else 0 end)::double precision as bags,
				sum(b.amount)::double precision as count
			 from balance b join line l on l.group_id = b.group_id and l.id = b.line_id
			 left join cut c on c.group_id = l.group_id and c.id = l.cut_id
			 where b.group_id = $1 and b.holder = 'store' and b.amount > 0
				and l.form in ('bag', 'flat', 'piece', 'strand', 'ball', 'chain') group by 1`,
			[groupId]
		),
		one<{
			balls: number;
			ballBags: number;
			inHand: number;
			toCheck: number;
			ready: number;
			gone: number;
		}>(
			`select (select count(*)::integer from lying where group_id = $1) as balls,
				(select coalesce(sum((t.content ->> 'bags')::double precision), 0) from lying x
					join thing t on t.group_id = x.group_id and t.id = x.thing_id where x.group_id = $1) as "ballBags",
				(select count(*)::integer from thing_state where group_id = $1 and sort = 'mat' and what in ('begun', 'made')) as "inHand",
				(select count(*)::integer from thing_state where group_id = $1 and sort = 'mat'
					and what in ('finished', 'mended', 'to-mend', 'sent-back')) as "toCheck",
				(select count(*)::integer from thing_state where group_id = $1 and sort = 'mat' and what = 'good') as ready,
				(select count(*)::integer from thing_state where group_id = $1 and sort = 'mat'
					and what in ('delivered', 'received')) as gone`,
			[groupId]
		)
	]);
	const pile = (part: string) => piles.find((one) => one.part === part) ?? { bags: 0, count: 0 };
	const { balls, ballBags, inHand, toCheck, ready, gone } = mats;
	const part = (name: string, count: number, bags: number, unit: string, href: string) => ({
		name,
		count,
		bags,
		unit,
		href
	});
	return {
		parts: [
			part('in sacks', pile('bags').count, pile('bags').bags, 'bags', '/gather/store'),
			part('flat', pile('flat').count, pile('flat').bags, 'bags', '/prepare'),
			part('in pieces', pile('pieces').count, pile('pieces').bags, 'pieces', '/prepare'),
			part('wound', balls, ballBags, 'balls', '/prepare/balls'),
			part('in hand', inHand, inHand * bagsPerMat, 'mats', '/make'),
			part('to check', toCheck, toCheck * bagsPerMat, 'mats', '/check'),
			part('ready', ready, ready * bagsPerMat, 'mats', '/hand-over'),
			part('handed over', gone, gone * bagsPerMat, 'mats', '/hand-over/account')
		]
	};
}
