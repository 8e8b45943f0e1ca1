import { type Db, house } from '../db/db';
import type { GroupId } from '../base/group-id';
import type { Role } from '../base/roles';

/** A group as an account is in it. */
export interface Membership {
	readonly groupId: GroupId;
	readonly name: string;
	readonly role: Role;
	/** The person of the group that the account is; null where that was not said. */
	readonly personId: string | null;
	/** Since when it is deleted; a week later it is gone. */
	readonly deletedAt: Date | null;
}

/** The groups that an account is in, deleted ones too, by name. */
export const groupsOfAccount = (accountId: string): Promise<Membership[]> =>
	house.many<Membership>(
		`select group_id as "groupId", name, role, person_id as "personId", deleted_at as "deletedAt"
		 from groups_of_account($1)`,
		[accountId]
	);

/** A member as the coordinators of a group see them. */
export interface Member {
	readonly accountId: string;
	readonly name: string;
	readonly email: string;
	readonly role: Role;
	readonly personId: string | null;
	readonly joinedAt: Date;
}

export const listMembers = (db: Db): Promise<Member[]> =>
	db.many<Member>(
		`select m.account_id as "accountId", a.name, a.email, m.role, m.person_id as "personId",
			m.joined_at as "joinedAt"
		 from member m join account a on a.id = m.account_id where m.group_id = $1
		 order by a.name, m.account_id`,
		[db.groupId]
	);

/** Makes an account a member, or leaves it what it is already. */
export const addMember = (db: Db, accountId: string, role: Role): Promise<number> =>
	db.execute(
		`with known as (insert into account_group (account_id, group_id) values ($2, $1) on conflict do nothing)
		 insert into member (group_id, account_id, role) values ($1, $2, $3)
		 on conflict (group_id, account_id) do nothing`,
		[db.groupId, accountId, role]
	);

/** Holds the coordinators of a group, so that two who leave at once do not both think the other stays. */
const hasAnother = async (db: Db, accountId: string): Promise<boolean> => {
	const coordinators = await db.writer.many<{ id: string }>(
		`select account_id as id from member where group_id = $1 and role = 'coordinator' for update`,
		[db.groupId]
	);
	return coordinators.some(({ id }) => id !== accountId);
};

/** How a change of a member went: `last` where the group would be left without a coordinator. */
export type MemberChanged = 'changed' | 'last' | 'gone';

/** Changes what a member is, and which person of the group they are. */
export const changeMember = (
	db: Db,
	accountId: string,
	{ role, personId }: { role: Role; personId: string | null }
): Promise<MemberChanged> =>
	db.transaction(async (db) => {
		if (role !== 'coordinator' && !(await hasAnother(db, accountId))) return 'last';
		const changed = await db.execute(
			`update member set role = $3, person_id = $4 where group_id = $1 and account_id = $2`,
			[db.groupId, accountId, role, personId]
		);
		return changed === 1 ? 'changed' : 'gone';
	});

/** Ends a membership; the account stays, and so does what it did. */
export const removeMember = (db: Db, accountId: string): Promise<MemberChanged> =>
	db.transaction(async (db) => {
		if (!(await hasAnother(db, accountId))) return 'last';
		// What the account is in the group goes with its being there.
		const gone = await db.execute(
			'delete from account_group where group_id = $1 and account_id = $2',
			[db.groupId, accountId]
		);
		return gone === 1 ? 'changed' : 'gone';
	});
