import * as gatherWords from '../../src/lib/words/gather';
import * as houseWords from '../../src/lib/words/house';
import { expect } from 'vitest';
import { notOfLink, saveLinkEntry } from '../../src/lib/server/entries/link-entries';
import type { GroupId } from '../../src/lib/server/base/group-id';
import { type Db, house } from '../../src/lib/server/db/db';
import { makeJoinLink, makeOpenLink, makeStationLink } from '../../src/lib/server/book/links';
import { deleteGroup, restoreGroup } from '../../src/lib/server/auth/groups';
import {
	addMember,
	changeMember,
	listMembers,
	removeMember
} from '../../src/lib/server/auth/members';
import { trailBefore } from '../../src/lib/server/auth/trail';
import { listLate, settleLate } from '../../src/lib/server/entries/hold-late';
import { saveHeldEntry } from '../../src/lib/server/entries/take-entry';
import { notTheirs } from '../../src/lib/server/entries/not-theirs';

/** An account that the doors are asked for. */
export const newAccount = async (name: string): Promise<string> =>
	(
		await house.writer.one<{ id: string }>(
			'insert into account (name, email) values ($1, $2) returning id',
			[name, `${crypto.randomUUID()}@mats.example`]
		)
	).id;

/** Fills a group's doors: two coordinators and something that was done. @returns the account of the first, and what came late */
export async function fillDoors(group: Db, mark: string) {
	const [account, other] = [await newAccount(mark), await newAccount(`${mark} too`)];
	await addMember(group, account, 'coordinator');
	await addMember(group, other, 'coordinator');
	await house.execute('insert into trail (group_id, act, about) values ($1, $2, $3)', [
		group.groupId,
		'/settings group',
		mark
	]);
	const late = crypto.randomUUID();
	await house.execute(
		`insert into late_entry (group_id, key, link_id, sent)
		 select group_id, $2, id, $3 from link where group_id = $1 limit 1`,
		[group.groupId, late, { key: late, type: 'row', typed: { note: mark } }]
	);
	return { account, late };
}

interface DoorIds {
	readonly account: string;
	/** The key of an entry that came late. */
	readonly late: string;
	readonly day: string;
	readonly movement: number;
}

/** Every function of the doors, asked in the name of another group. */
export const askedOfDoors: Readonly<Record<string, (other: Db, ids: DoorIds) => Promise<unknown>>> =
	{
		'auth/members listMembers': (other) => listMembers(other),
		'auth/members addMember': async (other) =>
			addMember(other, await newAccount('Somebody'), 'reader'),
		'auth/members changeMember': (other, { account }) =>
			changeMember(other, account, { role: 'coordinator', personId: null }),
		'auth/members removeMember': (other, { account }) => removeMember(other, account),
		'auth/groups deleteGroup': (other) => deleteGroup(other),
		'auth/groups restoreGroup': (other) => restoreGroup(other),
		'auth/trail trailBefore': (other) => trailBefore(other, new Date('2100-01-01'), 100),
		'book/links makeJoinLink': async (other) =>
			(await makeJoinLink(other, crypto.randomUUID(), 'reader')) !== null,
		'book/links makeStationLink': async (other, { day }) =>
			(await makeStationLink(other, crypto.randomUUID(), day, 'cut')) !== null,
		'book/links makeOpenLink': async (other) =>
			(await makeOpenLink(other, crypto.randomUUID(), 'asks')) !== null,
		'entries/hold-late listLate': (other) => listLate(other),
		'entries/hold-late settleLate': (other, { late }) =>
			settleLate(other, late, true, { lengthSystem: 'cm', timeZone: 'UTC' }),
		'entries/take-entry saveHeldEntry': (other) =>
			saveHeldEntry(
				other,
				crypto.randomUUID(),
				{ key: crypto.randomUUID(), type: 'row', typed: { mat: '22222' } },
				{ lengthSystem: 'cm', timeZone: 'UTC' }
			).catch(() => 'refused'),
		'entries/link-entries notOfLink': (other, ids) => notOfLink(other, ...byStation(ids)),
		'entries/link-entries saveLinkEntry': (other, ids) =>
			saveLinkEntry(other, ...byStation(ids), { lengthSystem: 'cm', timeZone: 'UTC' }),
		'entries/not-theirs notTheirs': (other, { movement }) =>
			notTheirs('helper', other, { type: 'correction', typed: { corrects: String(movement) } })
	};

/** What another group's link to a station sends: the taking back of what is not its own. */
const byStation = ({ day, movement }: { day: string; movement: number }) =>
	[
		{
			grants: 'station',
			groupId: crypto.randomUUID() as GroupId,
			linkId: crypto.randomUUID(),
			dayId: day,
			station: 'cut'
		},
		{ key: crypto.randomUUID(), type: 'correction', typed: { corrects: String(movement) } }
	] as const;
const notOfStation = {
	outcome: 'refused',
	problems: { entry: expect.any(String) as string }
};

/** What another group is told of the doors. */
export const answersOfDoors: Readonly<Record<string, unknown>> = {
	'auth/members listMembers': [],
	'auth/members changeMember': 'gone',
	'auth/members removeMember': 'last',
	'auth/trail trailBefore': [],
	'book/links makeStationLink': false,
	'entries/hold-late listLate': [],
	'entries/hold-late settleLate': houseWords.holdLate.thatWasSettledAlready(),
	'entries/link-entries notOfLink': notOfStation,
	'entries/link-entries saveLinkEntry': notOfStation,
	'entries/not-theirs notTheirs': {
		outcome: 'refused',
		problems: { corrects: gatherWords.takenBack.thatIsNotInThe() }
	}
};
