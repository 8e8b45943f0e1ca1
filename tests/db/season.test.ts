import * as handOverWords from '../../src/lib/words/hand-over';
import { type Db, house } from '../../src/lib/server/db/db';
import { describe, expect, it } from 'vitest';
import { noLevers } from '../../src/lib/core/season/forecast';
import { addReceivingPlace } from '../../src/lib/server/gather/places';
import { listAsks } from '../../src/lib/server/hand-over/asks';
import { exchangesFor, forecastFor, nothingAsked } from '../../src/lib/server/season/forecasts';
import { seasonNow } from '../../src/lib/server/season/season-now';
import { isAnythingKept, readTold, readToday } from '../../src/lib/server/today/today';
import { forgetPerson } from '../../src/lib/server/book/forget-person';
import { wantMats } from '../../src/lib/server/gather/wanted';
import { markOf } from '../../src/lib/server/db/cache';
import { seasonTables } from '../../src/lib/server/season/season-now';
import { listMessages } from '../../src/lib/server/making/messages';
import { addPerson } from '../../src/lib/server/people/people';
import { addTableDay, callOffDay, setWhoComes } from '../../src/lib/server/people/table-days';
import { listForetold } from '../../src/lib/server/season/foretold';
import { nextDayToTell, peopleToTell } from '../../src/lib/server/season/words-to-people';
import { untold, weekNote } from '../../src/lib/stages/today/words-to-people';
import { randomUUID } from 'node:crypto';
import { meetAsTyped, now, send, withBall } from './a-mat';
import { useDatabase } from './database';
import { newGroup } from './samples';

useDatabase();
const size = { width: '86 cm', length: '185 cm' };

/** A group with a mat being made, a ball of twenty bags in its store, and a place that asks. */
async function aSeason(mats = '2', by = '2027-02-06') {
	const t = await withBall(20);
	const { id: place } = await addReceivingPlace(t.group, 'Tide House');
	await meetAsTyped(t.group);
	expect((await send(t.group, 'asked', { place, mats, by })).outcome).toBe('kept');
	const basis = () => seasonNow(t.group, now);
	return { ...t, place, basis };
}

describe('a season as it stands', () => {
	it('is what the book has: what is wanted, being made, in balls and in sacks', async () => {
		const t = await aSeason();
		const basis = await t.basis();
		expect(basis.goals).toEqual([
			{ by: '2027-02-06', wanted: 2, handedOver: 0, asks: [{ place: 'Tide House', mats: 2 }] }
		]);
		expect(basis).toMatchObject({ ready: 0, inCheck: 0, freeMakers: [], tableDays: [] });
		expect(basis.mats).toMatchObject([{ id: t.code, done: 0, weeks: [], isOnLoom: false }]);
		expect(basis.newMat.bags).toBeGreaterThan(400);
		// Twenty bags are in the ball; of the white ones none was touched.
		expect(basis.strandMats * basis.newMat.bags).toBeCloseTo(20, 6);
		expect(basis.bagMats * basis.newMat.bags).toBeCloseTo(20, 6);
	});
	it('follows a mat from hand to check, to ready, to the place, and frees its maker', async () => {
		const t = await aSeason();
		await send(t.group, 'finish', { mat: t.code });
		expect(await t.basis()).toMatchObject({ inCheck: 1, mats: [], freeMakers: [{ weeks: [1] }] });
		await send(t.group, 'check', { mat: t.code, ...size });
		expect(await t.basis()).toMatchObject({
			inCheck: 0,
			ready: 1,
			checks: { good: 1, mended: 0 }
		});
		await send(t.group, 'deliver', { place: t.place, mats: t.code, goes_on: now.today });
		expect(await t.basis()).toMatchObject({
			ready: 0,
			goals: [{ wanted: 2, handedOver: 1 }]
		});
	});
	it('asks of several days are wanted one after the other', async () => {
		const t = await aSeason();
		await send(t.group, 'asked', { place: t.place, mats: '3', by: '2026-12-24' });
		// What is asked for in another age is no goal of this season.
		await send(t.group, 'asked', { place: t.place, mats: '9', by: '2099-12-24' });
		expect((await t.basis()).goals).toEqual([
			{ by: '2026-12-24', wanted: 3, handedOver: 0, asks: [{ place: 'Tide House', mats: 3 }] },
			{ by: '2027-02-06', wanted: 5, handedOver: 0, asks: [{ place: 'Tide House', mats: 2 }] }
		]);
	});
	it('is forecast alike for whoever asks', async () => {
		const t = await aSeason('1');
		await send(t.group, 'finish', { mat: t.code });
		const basis = await t.basis();
		const [goal] = basis.goals;
		if (!goal) throw new Error('nothing is wanted');
		const [one, two] = await Promise.all([
			forecastFor(basis, goal, nothingAsked),
			forecastFor(await t.basis(), goal, nothingAsked)
		]);
		expect(one).toEqual(two);
		// It is in check today, and ready by the second week in every run.
		expect(one).toMatchObject({ chance: 1, low: 1, heldBackBy: {}, plain: null });
		const more = await forecastFor(basis, goal, {
			levers: { ...noLevers, 'two-makers': 1 },
			other: null
		});
		expect(more.plain).toEqual({ expected: one.expected, chance: 1 });
	});
});

describe('today', () => {
	const acts = async (t: Awaited<ReturnType<typeof aSeason>>) =>
		(await readToday(t.group, now, new Date())).acts
			.map(({ id }) => id)
			.filter((id) => !/^(lever|begin)-/.test(id));
	it('has nothing for a group that kept nothing', async () => {
		const group = await newGroup();
		expect(await isAnythingKept(group)).toBe(false);
		const t = await aSeason();
		expect(await isAnythingKept(t.group)).toBe(true);
	});
	it('names what presses, and it vanishes when it is done', async () => {
		const t = await aSeason();
		expect(await acts(t)).toEqual([]);
		await send(t.group, 'note', { mat: t.code, text: 'a word' });
		await send(t.group, 'wish', { mat: t.code, wish: 'ball' });
		expect(await acts(t)).toEqual([`mat-${t.code}`]);
		// The ball is given; one of twenty bags does not go far, and that is said next.
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		expect(await acts(t)).toEqual([`mat-${t.code}`]);
		await send(t.group, 'finish', { mat: t.code });
		expect(await acts(t)).toEqual(['check']);
		await send(t.group, 'check', { mat: t.code, ...size, faults: 'loose-tail@0.5,0.5' });
		expect(await acts(t)).toEqual(['mend']);
		await send(t.group, 'mended', { mat: t.code });
		await send(t.group, 'check', { mat: t.code, ...size });
		expect((await acts(t))[0]).toMatch(/^pack-/);
	});
	it('says what to begin for what a place asks, from the same chain as the season', async () => {
		const t = await aSeason('3', '2027-06-30');
		const { acts: all } = await readToday(t.group, now, new Date());
		const begin = all.find(({ id }) => id.startsWith('begin-'));
		// One is being made already, and likely there by then.
		expect(begin?.title).toContain('2 mats for Tide House');
		expect(begin?.href).toBe('/season#chain');
		await send(t.group, 'begin', { plan: t.planned.planId, person: '' });
		await send(t.group, 'begin', { plan: t.planned.planId, person: '' });
		const after = (await readToday(t.group, now, new Date())).acts.map(({ id }) => id);
		expect(after.filter((id) => id.startsWith('begin-'))).toEqual([]);
	});
	it('says that a promise comes short while there is time', async () => {
		const t = await aSeason('5', '2026-12-10');
		const basis = await t.basis();
		expect(basis.goals[0]?.wanted).toBe(5);
		const [ask] = await listAsks(t.group, now);
		await send(t.group, 'promised', { ask: String(ask?.id), mats: '5' });
		expect(await acts(t)).toContain(`short-${ask?.id}`);
	});
	it('has all the film on one strip, wherever it is', async () => {
		const t = await aSeason();
		await send(t.group, 'issue', { mat: t.code, ball: t.ball });
		const { strip: parts } = await readToday(t.group, now, new Date());
		const of = (name: string) => parts.find((part) => part.name === name);
		expect(of('in sacks')).toMatchObject({ count: 20, bags: 20 });
		expect(of('wound')).toMatchObject({ count: 0, bags: 0 });
		// The ball of twenty bags went into the mat: its film is there, in the mat's colours.
		expect(of(handOverWords.storyWords.beingMade())?.count).toBe(1);
		expect(of(handOverWords.storyWords.beingMade())?.bags).toBeCloseTo(20, 6);
		expect(of('in sacks')?.pieces).toEqual([{ colour: 'white', bags: 20 }]);
		expect(parts.map(({ name }) => name)).toEqual([
			'in sacks',
			'flat',
			'in pieces',
			'wound',
			handOverWords.storyWords.beingMade(),
			'to check',
			'ready',
			handOverWords.storyWords.delivered()
		]);
	});
});

describe('plans exchanged', () => {
	it('by each plan that is kept, beside what is begun as things stand', async () => {
		const t = await aSeason('4');
		const basis = await t.basis();
		const [goal] = basis.goals;
		const [plan] = basis.plans;
		if (!goal || !plan) throw new Error('nothing is wanted, or no plan is kept');
		expect(basis.newMat).toEqual({
			bags: plan.bags,
			makingSeconds: plan.makingSeconds,
			bagsPerBall: 20,
			tool: plan.tool
		});
		// The only plan there is changes nothing; of half the bags, another takes half of them.
		const half = { ...plan, id: 'half', bags: plan.bags / 2 };
		const [same, other] = await exchangesFor(
			{
				...basis,
				strandMats: 3,
				freeMakers: [{ weeks: [0.4, 0.4, 0.4, 0.4] }],
				plans: [plan, half]
			},
			goal,
			nothingAsked
		);
		expect(same).toMatchObject({ id: plan.id, adds: 0, moreBags: 0 });
		expect(other?.moreBags).toBeLessThan(-0.3 * plan.bags);
	});
	it('counts the looms that stand under Tools, where what is wanted needs one', async () => {
		const t = await aSeason();
		expect((await t.basis()).tools).toEqual({ loom: null, frame: null });
		const basis = await t.basis();
		const [goal] = basis.goals;
		if (!goal) throw new Error('nothing is wanted');
		const [maker, none] = [{ weeks: [0.4, 0.4, 0.4, 0.4] }, { loom: 0, frame: 0 }];
		const on = (tool: 'loom' | null) => ({
			...basis,
			mats: [],
			strandMats: 3,
			freeMakers: [maker],
			newMat: { ...basis.newMat, tool },
			tools: none
		});
		expect((await forecastFor(on('loom'), goal, nothingAsked)).expected).toBe(0);
		expect((await forecastFor(on('loom'), goal, nothingAsked)).heldBackBy).toEqual({ looms: 1 });
		expect((await forecastFor(on(null), goal, nothingAsked)).expected).toBeGreaterThan(1);
	});
});

describe('past forecasts', () => {
	const listed = (t: { group: Db }, today: string) => listForetold(t.group, { ...now, today });
	it('is reckoned here whatever a page sends, and looked back on once its day is over', async () => {
		const t = await aSeason('2', now.today);
		const basis = await t.basis();
		const [goal] = basis.goals;
		if (!goal) throw new Error('nothing is asked for');
		const said = await forecastFor(basis, goal, nothingAsked);
		const typed = { by: now.today, wanted: '99', low: '50', expected: '60', chance: '1' };
		expect((await send(t.group, 'foretold', typed)).outcome).toBe('kept');
		expect((await listed(t, now.today))[0]).toMatchObject({
			byDay: now.today,
			wanted: 2,
			there: 0,
			low: said.low,
			expected: said.expected,
			high: said.high,
			chance: said.chance,
			came: null
		});
		await send(t.group, 'finish', { mat: t.code });
		await send(t.group, 'check', { mat: t.code, ...size });
		expect((await listed(t, '2099-01-01'))[0]).toMatchObject({ came: 1 });
		// A check that is taken back passed nothing, and neither did one before the forecast.
		await send(t.group, 'foretold', { by: now.today });
		const [later, earlier] = await listed(t, '2099-01-01');
		expect(later).toMatchObject({ there: 1, came: 1 });
		expect(earlier?.came).toBe(1);
		const [check] = await house.many<{ id: number }>(
			`select id from entry where group_id = $1 and type = 'check'`,
			[t.group.groupId]
		);
		await send(t.group, 'correction', { of: 'entry', corrects: String(check?.id), note: 'slip' });
		expect((await listed(t, '2099-01-01')).map(({ came }) => came)).toEqual([1, 0]);
	});
	it.each(['2026-02-30', '2098-01-01'])(
		'by %s, for which nothing is asked, is refused at its field',
		async (by) => {
			const t = await aSeason();
			const sent = await send(t.group, 'foretold', { by });
			expect(Object.keys('problems' in sent ? (sent.problems ?? {}) : {})).toEqual(['by']);
		}
	);
});

describe('words to people', () => {
	it('the note of the week goes to everyone with a name, as it was read', async () => {
		const t = await aSeason();
		const nobody = await send(await newGroup(), 'week-note', { words: 'Hello' });
		expect(nobody).toMatchObject({ outcome: 'refused' });
		await addPerson(t.group, randomUUID(), 'Suri');
		await addPerson(t.group, randomUUID(), 'Odo');
		const before = await peopleToTell(t.group);
		await send(t.group, 'week-note', { words: 'Bring bags.\nClean ones.' });
		const told = await listMessages(t.group);
		expect(told.map(({ to }) => to)).toEqual(before.map(({ name }) => name));
		expect(told[0]).toMatchObject({ words: 'Bring bags.\nClean ones.', mat: null, day: null });
	});
	it('reminds of no day that is over, on or further ahead than three days', async () => {
		const t = await aSeason();
		const suri = randomUUID();
		await addPerson(t.group, suri, 'Suri');
		const days = ['2026-11-27', '2026-11-28', '2026-12-02'].map(
			(day) => [randomUUID(), day] as const
		);
		for (const [id, day] of days) {
			await addTableDay(t.group, id, day, 'boat shed');
			await setWhoComes(t.group, id, 1, [suri]);
			// The day before is over; today it is noon, and the table begins at six: it is still to come.
			expect((await send(t.group, 'day-word', { day: id })).outcome).toBe(
				day === now.today ? 'kept' : 'refused'
			);
		}
		// From six on today's is on, and the next day is the one to come.
		expect((await nextDayToTell(t.group, now.today, 1079))?.day).toBe('2026-11-28');
		expect((await nextDayToTell(t.group, now.today, 1080))?.day).toBe('2026-12-02');
		expect(await listMessages(t.group)).toHaveLength(1);
	});
	it('a word before a day goes once to each who said they come, with what they begin with', async () => {
		const t = await aSeason();
		const [day, suri] = [randomUUID(), randomUUID()];
		await addPerson(t.group, suri, 'Suri');
		await addTableDay(t.group, day, '2026-12-01', 'boat shed');
		expect(await send(t.group, 'day-word', { day })).toMatchObject({ outcome: 'refused' });
		await send(t.group, 'presence', { day, person: suri, as: 'came', minute: '1080' });
		expect((await send(t.group, 'day-word', { day })).outcome).toBe('kept');
		const [word] = await listMessages(t.group);
		expect(word).toMatchObject({ to: 'Suri', day: '2026-12-01' });
		expect(word?.words).toContain('Tuesday 1 December 2026 at boat shed');
		expect(await send(t.group, 'day-word', { day })).toMatchObject({ outcome: 'refused' });
		expect((await nextDayToTell(t.group, now.today, 720))?.people[0]?.isTold).toBe(true);
		expect(await listMessages(t.group)).toHaveLength(1);
	});
	it('says what the week brings, of what is there', async () => {
		const t = await aSeason('1');
		await send(t.group, 'finish', { mat: t.code });
		const told = await readTold(t.group, now);
		const note = weekNote({ groupName: 'Alder Quay', day: null, ...told });
		expect(note.split('\n')).toEqual([
			'Alder Quay, this week',
			'One mat waits for a check.',
			'One mat is asked for by 6 Feb 2027: about one is likely.'
		]);
		expect(untold).toEqual([]);
	});
});

describe('what is remembered of a season', () => {
	it('is read anew whatever of the group is changed, in the book or beside it', async () => {
		const t = await aSeason();
		const [day, suri] = [randomUUID(), randomUUID()];
		const plan = await house.one<{ id: string }>('select id from plan where group_id = $1', [
			t.group.groupId
		]);
		const changes: Readonly<Record<string, () => Promise<unknown>>> = {
			'an entry': () => send(t.group, 'note', { mat: t.code, text: 'a word' }),
			'mats wanted': () => wantMats(t.group, plan.id, 7, 0),
			'a person': () => addPerson(t.group, suri, 'Suri'),
			'a name forgotten': () => forgetPerson(t.group, suri),
			'a day': () => addTableDay(t.group, day, '2099-12-03', 'boat shed'),
			'a day called off': () => callOffDay(t.group, day),
			'a place': () => addReceivingPlace(t.group, 'Night kitchen'),
			'a plan deleted': () =>
				house.execute('update plan set deleted_at = now() where group_id = $1', [t.group.groupId])
		};
		let mark = await markOf(t.group, seasonTables);
		expect(await markOf(t.group, seasonTables)).toBe(mark);
		const alike: string[] = [];
		for (const [what, change] of Object.entries(changes)) {
			await change();
			const next = await markOf(t.group, seasonTables);
			if (next === mark) alike.push(what);
			mark = next;
		}
		expect(alike).toEqual([]);
		// And another group's changes are none of it.
		await aSeason();
		expect(await markOf(t.group, seasonTables)).toBe(mark);
	});
	it('is the same object until then, so that nothing is worked out twice', async () => {
		const t = await aSeason();
		expect(await t.basis()).toBe(await t.basis());
		const before = await t.basis();
		await send(t.group, 'finish', { mat: t.code });
		expect(await t.basis()).not.toBe(before);
	});
});
