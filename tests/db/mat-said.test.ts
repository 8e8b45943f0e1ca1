import * as makingWords from '../../src/lib/words/making';
import { house } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import { listLinks, makeMatLink, openLink, revokeLink } from '../../src/lib/server/book/links';
import { saveLinkEntry } from '../../src/lib/server/entries/link-entries';
import { chosenFor } from '../../src/lib/server/making/chosen-balls';
import { listMessages } from '../../src/lib/server/making/messages';
import { listMeasurements } from '../../src/lib/server/measures/measurements';
import { listTimedWork } from '../../src/lib/server/measures/timed-work';
import { needOf } from '../../src/lib/stages/making/mat-view';
import { aMat, send, today, withBall } from './a-mat';
import { useDatabase } from './database';

useDatabase();
const key = () => crypto.randomUUID();
const problemsOf = (saved: object) => (saved as { problems?: unknown }).problems;

describe('what a maker wishes', () => {
	it('stands until somebody sees to it, and is what the mat needs first', async () => {
		const t = await withBall();
		await send(t.group, 'wish', { mat: t.code, wish: 'ball' });
		expect(needOf(await t.mat())).toBe('ball');
		const given = await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		expect((await t.mat()).said.wish).toBeNull();
		// A ball that was given to another mat by mistake leaves the wish where it was.
		await send(t.group, 'correction', {
			of: 'entry',
			corrects: String(given.outcome === 'kept' ? given.id : 0),
			note: 'another mat'
		});
		expect((await t.mat()).said.wish).toBe('ball');
		await send(t.group, 'wish', { mat: t.code, wish: 'fetch' });
		expect(needOf(await t.mat())).toBe('fetch');
		await send(t.group, 'hand-on', { mat: t.code, person: '' });
		expect((await t.mat()).said.wish).toBeNull();
	});
	it('is one of two, and a note is not empty', async () => {
		const t = await aMat();
		expect(problemsOf(await send(t.group, 'wish', { mat: t.code, wish: 'cake' }))).toHaveProperty(
			'wish'
		);
		expect(problemsOf(await send(t.group, 'note', { mat: t.code, text: '  ' }))).toHaveProperty(
			'text'
		);
		await send(t.group, 'note', { mat: t.code, text: 'Stiff film' });
		expect((await t.mat()).said.notes).toMatchObject([{ text: 'Stiff film', isByLink: false }]);
	});
});

describe('a maker’s link', () => {
	it('opens its mat, keeps its rows by itself in the book, and nothing once it is revoked', async () => {
		const t = await aMat();
		const sent = key();
		const address = (await makeMatLink(t.group, sent, t.code)) ?? '';
		expect(await makeMatLink(t.group, sent, t.code)).toBeNull();
		expect(await makeMatLink(t.group, key(), 'ABCDE')).toBeNull();
		const link = await openLink(address);
		expect(link).toEqual({ grants: 'make', groupId: t.group.groupId, linkId: sent, mat: t.code });
		if (link?.grants !== 'make') throw new Error('no maker’s link');
		const context = { lengthSystem: 'cm' as const, timeZone: 'UTC' };
		const own = { key: key(), type: 'row', typed: { mat: t.code } };
		expect((await saveLinkEntry(t.group, link, own, context)).outcome).toBe('kept');
		expect((await saveLinkEntry(t.group, link, own, context)).outcome).toBe('duplicate');
		const note = { key: key(), type: 'note', typed: { mat: t.code, text: 'By link' } };
		expect((await saveLinkEntry(t.group, link, note, context)).outcome).toBe('kept');
		expect((await t.mat()).said.notes[0]?.isByLink).toBe(true);
		expect((await t.mat()).made.near).toBe(1);
		const by = await house.maybeOne<{ link: string }>(
			'select link_id as link from entry where group_id = $1 and key = $2',
			[t.group.groupId, own.key]
		);
		expect(by?.link).toBe(sent);
		expect(await listLinks(t.group, t.code)).toMatchObject([
			{ id: sent, mat: t.code, grants: 'make', planName: 'A mat', revokedAt: null }
		]);
		expect(await listLinks(t.group, 'ABCDE')).toEqual([]);
		expect(await revokeLink(t.group, sent)).toBe(true);
		expect(await openLink(address)).toBeNull();
	});
});

describe('the size of a mat', () => {
	it('teaches the gauge of the rows since, once, and falls with its entry', async () => {
		const t = await aMat();
		await t.rows('100');
		const first = await send(t.group, 'mat-size', {
			mat: t.code,
			row: '40',
			length: '36 cm',
			width: '85 cm'
		});
		expect(first.outcome).toBe('kept');
		await send(t.group, 'mat-size', { mat: t.code, row: '90', length: '86', width: '85' });
		const taught = await listMeasurements(t.group);
		expect(taught).toHaveLength(2);
		const [later, before] = taught.map(({ readings }) => readings.rowHeight?.ratio ?? NaN);
		// Forty rows of 9 mm, then fifty of 10 mm: each stands for its own rows.
		expect((later ?? 0) / (before ?? 1)).toBeCloseTo(10 / 9, 6);
		// What is learned meanwhile changes no mat in somebody's hands.
		expect((await t.mat()).rows?.total).toBe(211);
		expect((await t.mat()).said.sizes).toEqual([
			{ row: 40, lengthMm: 360, widthMm: 850 },
			{ row: 90, lengthMm: 860, widthMm: 850 }
		]);
		await send(t.group, 'correction', {
			of: 'entry',
			corrects: String(first.outcome === 'kept' ? first.id : 0),
			note: 'another mat'
		});
		expect(await listMeasurements(t.group)).toHaveLength(1);
		expect((await t.mat()).said.sizes).toHaveLength(1);
	});
	it('says that it narrows from three widths on', async () => {
		const t = await aMat();
		await t.rows('150');
		for (const [row, width] of [
			['20', '85'],
			['70', '83.5'],
			['110', '82'],
			['150', '80.4']
		] as const)
			await send(t.group, 'mat-size', { mat: t.code, row, width });
		const mat = await t.mat();
		expect(mat.course).toMatchObject({ verdict: 'narrows', sinceRow: 20 });
		expect(needOf(mat)).toBe('narrows');
		// A width alone teaches no row height.
		expect(await listMeasurements(t.group)).toEqual([]);
	});
	it.each([
		[{ row: '11', length: '10' }, 'row'],
		[{ row: 'ten', length: '10' }, 'row'],
		[{ row: '5', length: '' }, 'length'],
		[{ row: '5', length: 'long' }, 'length'],
		[{ row: '10', length: '9 kg' }, 'length'],
		[{ row: '10', length: '90 cm', width: '85' }, 'sure']
	])('%j is said at the field', async (typed, field) => {
		const t = await aMat();
		await t.rows('10');
		expect(problemsOf(await send(t.group, 'mat-size', { mat: t.code, ...typed }))).toHaveProperty(
			field
		);
		expect((await t.mat()).said.sizes).toEqual([]);
	});
	it('does not shrink from row to row', async () => {
		const t = await aMat();
		await t.rows('90');
		await send(t.group, 'mat-size', { mat: t.code, row: '40', length: '36', width: '85' });
		expect(
			problemsOf(
				await send(t.group, 'mat-size', { mat: t.code, row: '90', length: '30', width: '85' })
			)
		).toHaveProperty('length');
	});
});

describe('what is left of a colour, weighed', () => {
	it('is what stands from then on, with what is given after; what lacks is said before', async () => {
		const t = await withBall();
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		const { content } = (await t.mat()).said.issued[0] ?? {};
		const metres = content?.metres.expected ?? 0;
		const grams = (content?.filmMg ?? 0) / 1000;
		// A mat of no planned colours takes any: twenty bags are some nine rows.
		const [lack] = (await t.mat()).lacks;
		const { rowM = 0 } = (await t.mat()).look ?? {};
		expect(lack).toMatchObject({ colour: 'mixed', row: Math.floor(metres / rowM) + 1 });
		expect(needOf(await t.mat())).toBe('lacks');
		await t.rows('4');
		const half = await send(t.group, 'weighed', {
			mat: t.code,
			colour: 'blue',
			mass: `${(grams / 2).toFixed(3)} g`
		});
		expect(half.outcome).toBe('kept');
		expect((await t.mat()).said.weighed).toMatchObject([{ colour: 'blue', made: 4 }]);
		expect((await t.mat()).said.weighed[0]?.leftM).toBeCloseTo(metres / 2, 3);
		expect((await t.mat()).lacks[0]?.row).toBe(4 + Math.floor(metres / 2 / rowM) + 1);
	});
	it('of more than was given for it by a quarter is refused, and of a little more is not', async () => {
		const t = await withBall(60);
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		const grams = ((await t.mat()).said.issued[0]?.content.filmMg ?? 0) / 1000;
		const weigh = (share: number) =>
			send(t.group, 'weighed', {
				mat: t.code,
				colour: 'blue',
				mass: `${(grams * share).toFixed(3)} g`
			});
		for (const share of [1.26, 2, 12])
			expect(problemsOf(await weigh(share))).toHaveProperty('mass');
		expect(await weigh(1.24)).toMatchObject({ outcome: 'kept' });
	});
	it('teaches strand a stitch once enough rows took of it', async () => {
		const t = await withBall(60);
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		const mat = await t.mat();
		const metres = mat.said.issued[0]?.content.metres.expected ?? 0;
		const ktex = (mat.said.issued[0]?.content.filmMg ?? 0) / 1000 / metres;
		const rowM = mat.look?.rowM ?? 0;
		await t.rows('20');
		// Twenty rows took a tenth more than planned.
		const mass = `${((metres - 22 * rowM) * ktex).toFixed(3)} g`;
		await send(t.group, 'weighed', { mat: t.code, colour: 'blue', mass });
		const [taught] = await listMeasurements(t.group);
		expect(taught?.readings.strandPerStitch?.ratio).toBeCloseTo(1.1, 3);
	});
	it.each([
		[{ colour: 'blue', mass: '9 kg' }, 'mass'],
		[{ colour: 'blue', mass: 'light' }, 'mass'],
		[{ colour: 'green', mass: '9 g' }, 'colour']
	])('%j is said at the field', async (typed, field) => {
		const t = await withBall();
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		expect(problemsOf(await send(t.group, 'weighed', { mat: t.code, ...typed }))).toHaveProperty(
			field
		);
		expect((await t.mat()).said.weighed).toEqual([]);
	});
});

describe('how a mat goes on', () => {
	it('changes its rows and its colours, and is undone', async () => {
		const t = await aMat();
		await t.rows('40');
		const kept = await send(t.group, 'stripes', { mat: t.code, stripes: 'blue 40, white 190' });
		expect(kept.outcome).toBe('kept');
		expect(await t.mat()).toMatchObject({
			rows: { total: 230, each: 230 },
			look: {
				stripes: [
					{ colour: 'blue', rows: 40 },
					{ colour: 'white', rows: 190 }
				]
			},
			share: 40 / 230
		});
		// A number of rows is held against its own rows from then on.
		expect((await t.rows('330')).outcome).toBe('kept');
		await send(t.group, 'correction', {
			of: 'entry',
			corrects: String(kept.outcome === 'kept' ? kept.id : 0),
			note: 'no'
		});
		expect((await t.mat()).rows?.total).toBe(211);
	});
	it.each([
		['blue 10', 'stripes'],
		['blue forty', 'stripes'],
		['blue 4000', 'stripes'],
		['', 'stripes']
	])('“%s” is said at the field', async (stripes, field) => {
		const t = await aMat();
		await t.rows('40');
		expect(problemsOf(await send(t.group, 'stripes', { mat: t.code, stripes }))).toHaveProperty(
			field
		);
	});
	it('begins at the ends of a loom, and of nothing else', async () => {
		const t = await aMat();
		expect(
			problemsOf(await send(t.group, 'first-pass', { mat: t.code, side: 'near', pass: 'under' }))
		).toEqual({ mat: `${t.code} is not on a loom.` });
	});
});

describe('balls for a mat', () => {
	it('are chosen of what lies there and suits it, and none once it has enough', async () => {
		const t = await withBall();
		const { chosen, thereM } = await chosenFor(t.group, t.code);
		expect(chosen).toMatchObject([{ code: t.ball, colour: 'blue' }]);
		expect(thereM.mixed).toBeCloseTo(chosen[0]?.metres ?? 0, 9);
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		expect(await chosenFor(t.group, t.code)).toEqual({ chosen: [], thereM: {} });
	});
});

describe('a word to whoever has a mat', () => {
	it('lies in the outbox, once a week, without a name of its own', async () => {
		const t = await aMat();
		expect((await send(t.group, 'remind', { mat: t.code })).outcome).toBe('kept');
		const again = await Promise.all([1, 2].map(() => send(t.group, 'remind', { mat: t.code })));
		expect(again.map(problemsOf)).toEqual(
			Array(2).fill({ mat: makingWords.messages.theyAlreadyGotAMessage() })
		);
		const [message] = await listMessages(t.group);
		expect(message).toMatchObject({ mat: t.code, to: 'Mabel' });
		expect(message?.words).toContain(t.code);
		const rows = await house.many<{ words: string }>(
			'select words from message where group_id = $1',
			[t.group.groupId]
		);
		expect(JSON.stringify(rows)).not.toContain('Mabel');
		expect((await t.mat()).said.remindedAt?.toISOString()).toBe(`${today}T12:00:00.000Z`);
	});
	it('goes to nobody where the mat lies at the table', async () => {
		const t = await aMat();
		await send(t.group, 'hand-on', { mat: t.code, person: '' });
		expect(problemsOf(await send(t.group, 'remind', { mat: t.code }))).toEqual({
			mat: `${t.code} is at the table: there is nobody to write to.`
		});
	});
});

describe('a sitting', () => {
	const device = key();
	const at = (minute: number) =>
		new Date(Date.parse(`${today}T08:00:00Z`) + minute * 60_000).toISOString();

	it('goes to the measures once a pause has ended it, by the stitches of its rows', async () => {
		const t = await aMat();
		const minutes = [0, 7, 14, 21, 28, 35, 42];
		for (const [nth, minute] of minutes.entries())
			await t.row(1, { device, sequence: nth + 1, at: at(minute) });
		expect(await listTimedWork(t.group)).toEqual([]);
		await t.row(1, { device, sequence: 9, at: at(42 + 21) });
		const [timed] = await listTimedWork(t.group);
		// Six rows after the first, of as many stitches as its plan has.
		const stitches = (await t.mat()).look?.stitch?.count ?? 0;
		expect(timed).toMatchObject({
			work: 'crochet',
			maker: 'Mabel',
			units: 6 * stitches,
			people: 1,
			minutes: 42,
			workedOn: today
		});
		for (const sequence of [10, 11])
			await t.row(1, { device, sequence, at: at(42 + 21 + sequence) });
		expect(await listTimedWork(t.group)).toHaveLength(1);
	});
	it('that was odd, short, or of no device teaches nothing', async () => {
		const t = await aMat();
		for (let nth = 1; nth <= 9; nth++) await t.row(1, { at: at(nth * 6) });
		await t.row(1, { at: at(200) });
		// Nine rows in nine seconds are no pace of hands.
		for (let nth = 1; nth <= 9; nth++) await t.row(1, { device, sequence: nth, at: at(nth / 60) });
		await t.row(1, { device, sequence: 10, at: at(300) });
		expect(await listTimedWork(t.group)).toEqual([]);
	});
});
