// What is over and may go: what was removed and groups deleted a week ago, sign-ins and ways back whose time is over.
import { asked } from './asked.mjs';

const over = [
	// What was removed and nothing rests on. The versions of a plan are appended and never thinned: a plan is listed
	// nowhere from then on, and cannot be brought back.
	`delete from bag_kind k where k.removed_at < now() - interval '7 days'
		and not exists (select 1 from line l where l.group_id = k.group_id and l.kind_id = k.id)
		and not exists (select 1 from sorting s where s.group_id = k.group_id and s.kind_id = k.id)`,
	`delete from place p where p.receiving_ended_at < now() - interval '7 days'
		and not p.receives_mats and not p.gives_bags
		and not exists (select 1 from delivery d where d.group_id = p.group_id and d.place_id = p.id)
		and not exists (select 1 from mat_ask a where a.group_id = p.group_id and a.place_id = p.id)
		and not exists (select 1 from drop_off o where o.group_id = p.group_id and o.place_id = p.id)`,
	`delete from tool t where t.gone_at < now() - interval '7 days'
		and not exists (select 1 from seat s where s.group_id = t.group_id and s.tool_id = t.id)
		and not exists (select 1 from entry e where e.group_id = t.group_id and e.type = 'load'
			and e.typed ->> 'tool' = t.id::text)`,
	"delete from volunteer_group where deleted_at < now() - interval '7 days'",
	'delete from sign_in where expires_at < now()',
	'delete from verification where expires_at < now()',
	'delete from tried where expire < extract(epoch from now()) * 1000',
	"delete from account_message where made_at < now() - interval '7 days'"
];

/** @param {string} ownerUrl */
export const clearAway = (ownerUrl) =>
	asked(ownerUrl, async (client) => {
		for (const statement of over) await client.query(statement);
	});
