// Pictures on their way from a phone, and those that were kept on wish.
import { house, type Db } from '../../src/lib/server/db/db';
import { closedLink, listLinks, makePhotoLink, openLink } from '../../src/lib/server/book/links';
import {
	handOverPicture,
	keepPicture,
	keepPrinter,
	listPictures,
	listPrinters,
	mostPictures,
	pictureOf,
	removePicture,
	takeHanded
} from '../../src/lib/server/photo/pictures';
import { beforeAll, describe, expect, it } from 'vitest';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();
let group: Db;
beforeAll(async () => {
	group = await newGroup();
});
const bytes = (first: number) => new Uint8Array([first, 2, 3]);

describe('a picture from a phone', () => {
	it('goes by its link once, and leaves with whoever takes it', async () => {
		const key = crypto.randomUUID();
		const address = await makePhotoLink(group, key);
		expect(await makePhotoLink(group, key)).toBeNull();
		expect(await openLink(address ?? '')).toEqual({
			grants: 'photo',
			groupId: group.groupId,
			linkId: key
		});
		expect(await takeHanded(group, key)).toBeNull();
		expect(await handOverPicture(group, key, bytes(5))).toBe('handed');
		expect(await handOverPicture(group, key, bytes(6))).toBe('used');
		expect(await openLink(address ?? '')).toBeNull();
		expect((await closedLink(address ?? ''))?.grants).toBe('photo');
		expect([...((await takeHanded(group, key)) ?? [])]).toEqual([5, 2, 3]);
		expect(await takeHanded(group, key)).toBeNull();
	});

	it('of two that come at once one is handed over', async () => {
		const key = crypto.randomUUID();
		await makePhotoLink(group, key);
		const became = await Promise.all(
			[1, 2, 3].map((one) => handOverPicture(group, key, bytes(one)))
		);
		expect(became.toSorted()).toEqual(['handed', 'used', 'used']);
	});

	it('is not taken after its hour, nor kept beyond it', async () => {
		const [late, left] = [crypto.randomUUID(), crypto.randomUUID()];
		await makePhotoLink(group, late);
		await house.execute(`update link set expires_at = now() - interval '1 second' where id = $1`, [
			late
		]);
		expect(await handOverPicture(group, late, bytes(1))).toBe('used');
		await makePhotoLink(group, left);
		await handOverPicture(group, left, bytes(1));
		await house.execute(
			`update handed_picture set came_at = now() - interval '61 minutes' where link_id = $1`,
			[left]
		);
		expect(await takeHanded(group, left)).toBeNull();
	});

	it('is no link that the group lists', async () => {
		await makePhotoLink(group, crypto.randomUUID());
		expect((await listLinks(group, null)).map(({ grants }) => grants)).not.toContain('photo');
	});
});

describe('a kept picture', () => {
	it('is kept once, shown, and removed for good', async () => {
		const id = crypto.randomUUID();
		await keepPicture(group, id, 'bag', bytes(4));
		await keepPicture(group, id, 'mat', bytes(9));
		expect(await listPictures(group)).toEqual([
			{ id, subject: 'bag', keptAt: expect.any(Date) as Date }
		]);
		expect([...((await pictureOf(group, id)) ?? [])]).toEqual([4, 2, 3]);
		expect(await removePicture(group, id)).toBe(true);
		expect(await removePicture(group, id)).toBe(false);
		expect(await pictureOf(group, id)).toBeNull();
	});

	it('makes room for newer ones, the oldest first', async () => {
		const other = await newGroup();
		const ids = Array.from({ length: mostPictures + 2 }, () => crypto.randomUUID());
		for (const [nth, id] of ids.entries()) {
			await keepPicture(other, id, 'strips', bytes(1));
			await house.execute(
				`update kept_picture set kept_at = now() - make_interval(mins => $2::integer) where id = $1`,
				[id, 200 - nth]
			);
		}
		await keepPicture(other, crypto.randomUUID(), 'strips', bytes(1));
		const left = (await listPictures(other)).map(({ id }) => id);
		expect(left).toHaveLength(mostPictures);
		expect(left).not.toContain(ids[0]);
		expect(left).toContain(ids.at(-1));
	});

	it('goes with its group', async () => {
		const other = await newGroup();
		const [id, link] = [crypto.randomUUID(), crypto.randomUUID()];
		await keepPicture(other, id, 'bag', bytes(1));
		await makePhotoLink(other, link);
		await handOverPicture(other, link, bytes(1));
		await house.execute('delete from volunteer_group where id = $1', [other.groupId]);
		const left = await house.one<{ count: string }>(
			`select ((select count(*) from kept_picture where id = $1)
				+ (select count(*) from handed_picture where link_id = $2))::text as count`,
			[id, link]
		);
		expect(left.count).toBe('0');
	});
});

it('a printer is kept with the length of its line, and put right by the same page', async () => {
	const id = crypto.randomUUID();
	await keepPrinter(group, { id, name: 'Library copier', lineMm: 99.2 });
	await keepPrinter(group, { id, name: 'Library copier', lineMm: 99.25 });
	expect(await listPrinters(group)).toEqual([{ id, name: 'Library copier', lineMm: 99.25 }]);
});
