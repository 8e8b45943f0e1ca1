import type { GroupId } from '../base/group-id';
import type { Db } from '../db/db';
import type { Along } from '../db/work';
import { permissions } from './permissions';

/**
 * The line of an act of the list, to be written with what the act changes; null where entries say it by themselves.
 *
 * @param about is asked when the line is written
 */
export const trailLineOf = (
	{ groupId, accountId }: { groupId: GroupId; accountId: string | null },
	act: string | null,
	about: () => string | null
): Along | null =>
	act === null || (permissions[act]?.says ?? null) === null
		? null
		: async (db) =>
				void (await db.execute(
					'insert into trail (group_id, account_id, act, about) values ($1, $2, $3, $4)',
					[groupId, accountId, act, about()?.slice(0, 200) ?? null]
				));

/** One thing that was done. */
export interface TrailLine {
	readonly at: Date;
	/** The account's name; null where no one was signed in, or it came by a link. */
	readonly by: string | null;
	/** Whether it came by a link. */
	readonly isLink: boolean;
	/** An act of the list, or the type of an entry. */
	readonly act: string | null;
	readonly type: string | null;
	readonly about: string | null;
}

/** What was done before a moment, the newest first: acts and entries alike. */
export const trailBefore = (db: Db, before: Date, count: number): Promise<TrailLine[]> =>
	db.many<TrailLine>(
		`select at, name as by, "isLink", act, type, about from (
			(select t.at, t.account_id, false as "isLink", t.act, null as type, t.about
			 from trail t where t.group_id = $1 and t.at < $2 order by t.id desc limit $3)
			union all
			(select e.booked_at, e.account_id, e.link_id is not null, null, e.type, label_of(e.typed ->> 'mat')
			 from entry e where e.group_id = $1 and e.booked_at < $2
			 order by e.id desc limit $3)
		 ) done left join account a on a.id = done.account_id
		 order by at desc limit $3`,
		[db.groupId, before, count]
	);
