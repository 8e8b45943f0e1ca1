import * as gatherWords from '../../src/lib/words/gather';
import * as houseWords from '../../src/lib/words/house';
import { expect } from 'vitest';
import { notOfLink, saveLinkEntry } from '../../src/lib/server/entries/link-entries';
import type { GroupId } from '../../src/lib/server/base/group-id';
import { type Db, house } from '../../src/lib/server/db/db';
import {
	makeJoinLink,
	makeOpenLink,
	makePhotoLink,
	makeStationLink
} from '../../src/lib/server/book/links';
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
import {
	handOverPicture,
	keepPicture,
	keepPrinter,
	listPictures,
	listPrinters,
	pictureOf,
	removePicture,
	takeHanded
} from '../../src/lib/server/photo/pictures';
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
	const [printer, photoLink, picture] = [
		crypto.randomUUID(),
		crypto.randomUUID(),
		crypto.randomUUID()
	];
	await keepPrinter(group, { id: printer, name: `${mark} copier`, lineMm: 99.2 });
	await makePhotoLink(group, photoLink);
	await handOverPicture(group, photoLink, new Uint8Array([7]));
	await keepPicture(group, picture, 'mat', new Uint8Array([8]));
	return { account, late, printer, photoLink, picture };
}

interface DoorIds {
	readonly account: string;
	/** The key of an entry that came late. */
	readonly late: string;
	readonly day: string;
	readonly movement: number;
	readonly printer: string;
	readonly photoLink: string;
	readonly picture: string;
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
		'book/links makePhotoLink': async (other) =>
			(await makePhotoLink(other, crypto.randomUUID())) !== null,
		'photo/pictures listPrinters': (other) => listPrinters(other),
		'photo/pictures keepPrinter': async (other, { printer }) =>
			(await keepPrinter(other, { id: printer, name: 'Other', lineMm: 101 })) !== null,
		'photo/pictures handOverPicture': (other, { photoLink }) =>
			handOverPicture(other, photoLink, new Uint8Array([1])),
		'photo/pictures takeHanded': (other, { photoLink }) => takeHanded(other, photoLink),
		'photo/pictures listPictures': (other) => listPictures(other),
		'photo/pictures keepPicture': async (other, { picture }) => {
			await keepPicture(other, picture, 'bag', new Uint8Array([9]));
			return (await pictureOf(other, picture))?.[0];
		},
		'photo/pictures removePicture': (other, { picture }) => removePicture(other, picture),
		'photo/pictures pictureOf': (other, { picture }) => pictureOf(other, picture),
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
	'photo/pictures listPrinters': [],
	'photo/pictures handOverPicture': 'used',
	'photo/pictures takeHanded': null,
	'photo/pictures listPictures': [],
	'photo/pictures keepPicture': 9,
	'photo/pictures removePicture': false,
	'photo/pictures pictureOf': null,
	'entries/hold-late listLate': [],
	'entries/hold-late settleLate': houseWords.holdLate.thatWasSettledAlready(),
	'entries/link-entries notOfLink': notOfStation,
	'entries/link-entries saveLinkEntry': notOfStation,
	'entries/not-theirs notTheirs': {
		outcome: 'refused',
		problems: { corrects: gatherWords.takenBack.thatIsNotInThe() }
	}
};
