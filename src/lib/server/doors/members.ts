import type { GroupId } from '../base/group-id';
import { withTransaction } from '../db/transaction';
import { execute, many, writing } from '../db/verbs';
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
	many<Membership>(
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

export const listMembers = (groupId: GroupId): Promise<Member[]> =>
	many<Member>(
		`select m.account_id as "accountId", a.name, a.email, m.role, m.person_id as "personId",
			m.joined_at as "joinedAt"
		 from member m join account a on a.id = m.account_id where m.group_id = $1
		 order by a.name, m.account_id`,
		[groupId]
	);

/** Makes an account a member, or leaves it what it is already. */
export const addMember = (groupId: GroupId, accountId: string, role: Role): Promise<number> =>
	execute(
		`with known as (insert into account_group (account_id, group_id) values ($2, $1) on conflict do nothing)
		 insert into member (group_id, account_id, role) values ($1, $2, $3)
		 on conflict (group_id, account_id) do nothing`,
		[groupId, accountId, role]
	);

/** Holds the coordinators of a group, so that two who leave at once do not both think the other stays. */
const hasAnother = async (groupId: GroupId, accountId: string): Promise<boolean> => {
	const coordinators = await many<{ id: string }>(
		`select account_id as id from member where group_id = $1 and role = 'coordinator' for update`,
		[groupId],
		writing()
	);
	return coordinators.some(({ id }) => id !== accountId);
};

/** How a change of a member went: `last` where the group would be left without a coordinator. */
export type MemberChanged = 'changed' | 'last' | 'gone';

/** Changes what a member is, and which person of the group they are. */
export const changeMember = (
	groupId: GroupId,
	accountId: string,
	{ role, personId }: { role: Role; personId: string | null }
): Promise<MemberChanged> =>
	withTransaction(async () => {
		if (role !== 'coordinator' && !(await hasAnother(groupId, accountId))) return 'last';
		const changed = await execute(
			`update member set role = $3, person_id = $4 where group_id = $1 and account_id = $2`,
			[groupId, accountId, role, personId]
		);
		return changed === 1 ? 'changed' : 'gone';
	});

/** Ends a membership; the account stays, and so does what it did. */
export const removeMember = (groupId: GroupId, accountId: string): Promise<MemberChanged> =>
	withTransaction(async () => {
		if (!(await hasAnother(groupId, accountId))) return 'last';
		// What the account is in the group goes with its being there.
		const gone = await execute(
			'delete from account_group where group_id = $1 and account_id = $2',
			[groupId, accountId]
		);
		return gone === 1 ? 'changed' : 'gone';
	});
